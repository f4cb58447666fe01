@forelse ($loads as $i => $load)
    <div class="found-load">
        <b>{{ $load->name }}</b> <small>{{ $load->kind->value }}, {{ $load->volts }} V</small>
        <div class="three">
            @foreach (Underpin\Loads\Library\Grade::cases() as $grade)
                <form id="lib-{{ $i }}-{{ $grade->value }}" method="post" action="{{ route('jobs.loads.store', [$job->id, $circuit]) }}" data-parts>
                    @csrf
                    <input type="hidden" name="name" value="{{ $load->name }}"><input type="hidden" name="kind" value="{{ $load->kind->value }}"><input type="hidden" name="pf" value="{{ $load->pf }}">
                    <input type="hidden" name="run_w" value="{{ $load->runW->at($grade) }}"><input type="hidden" name="start_w" value="{{ $load->startW->at($grade) }}">
                    <button type="submit" class="button"><small>{{ $grade->value }}</small> {{ number_format($load->runW->at($grade)) }} W <small>starts {{ number_format($load->startW->at($grade)) }}</small></button>
                </form>
            @endforeach
        </div>
    </div>
@empty
    <p class="quiet">Nothing like that in the library. Add it by hand below.</p>
@endforelse
