@php($f = Underpin\Job\Part\WireRunPart::length()->field('ft'))
@php($between = $assembly->toMeasure())
@if ($between !== [])
<section class="sheet" id="lengths" tabindex="-1">
    <h2>Other lengths <small>of what else is laid: parts and price need them</small></h2>
    <section class="scroll" tabindex="0" aria-label="Other lengths"><table class="table settings">
        <thead><tr><th scope="col">What lies there</th><th scope="col">From</th><th scope="col">To</th><th scope="col">{{ $f->label }}</th></tr></thead>
        <tbody>@foreach ($between as $id => $lying)
            @php($words = Underpin\Say::count(count($lying), $lying[0]->kind->words()))
            @php($ft = $run->betweenFt($id))
            <tr><th scope="row">{{ ucfirst($words) }}</th><td>{{ $assembly->nameOf($lying[0]->from) }}</td><td>{{ $assembly->nameOf($lying[0]->to) }}</td>
                <td><form class="setting-row" method="post" action="{{ route('jobs.length', $screen->row->id) }}" data-parts data-autosave>
                    @csrf @method('PUT')<x-was :values="['ft' => $ft]"/><input type="hidden" name="id" value="{{ $id }}">
                    <input class="input num" id="length-{{ $loop->iteration }}" name="ft" value="{{ Underpin\Csv\Number::write($ft) }}" inputmode="decimal" autocomplete="off" aria-label="{{ $words }}, {{ $assembly->nameOf($lying[0]->from) }} to {{ $assembly->nameOf($lying[0]->to) }}, feet"> <span class="unit">{{ $f->unit()?->value }}</span>
                    <p class="error" data-error="ft"></p><noscript><button type="submit" class="button">Save</button></noscript>
                </form></td></tr>
        @endforeach</tbody>
    </table></section>
</section>
@endif
