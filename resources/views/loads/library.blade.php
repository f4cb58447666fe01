@forelse ($loads as $load)
    <div class="found-load">
        <b>{{ $load->name }}</b> <small>{{ $load->kind }}{{ $load->volts === 240 ? ', 240 V' : '' }}</small>
        <div class="three">
            @foreach (['low', 'usual', 'high'] as $grade)
                <form id="lib-{{ $load->id }}-{{ $grade }}" method="post" action="{{ route('jobs.loads.store', [$job->id, $circuit]) }}" data-parts>
                    @csrf
                    <input type="hidden" name="name" value="{{ $load->name }}"><input type="hidden" name="kind" value="{{ $load->kind }}"><input type="hidden" name="pf" value="{{ $load->pf }}">
                    <input type="hidden" name="run_w" value="{{ $load->{"run_{$grade}_w"} }}"><input type="hidden" name="start_w" value="{{ $load->{"start_{$grade}_w"} }}">
                    <button class="button" title="Starts at {{ number_format($load->{"start_{$grade}_w"}) }} W"><small>{{ $grade }}</small> {{ number_format($load->{"run_{$grade}_w"}) }} W</button>
                </form>
            @endforeach
        </div>
    </div>
@empty
    <p class="quiet">Nothing like that in the library. Add it by hand below.</p>
@endforelse
