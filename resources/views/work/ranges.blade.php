@php($trial = Underpin\Prove\Trial::of($screen->design()))
<section id="part-ranges" class="sheet"><details><summary><h2>Ranges <small>the label first, then the shop, then what is usual</small></h2></summary>
@if ($trial !== null)
    @php($others = App\Shop\ShopRanges::others($screen->job->work, $screen->row->shop))
    @if ($others !== [])<form id="ranges-of-shop" method="post" action="{{ route('jobs.work.ranges-of-shop', $screen->row->id) }}" data-parts>@csrf @method('PUT')<p class="inline">The shop has other ranges by now: {{ Underpin\Say::list(array_map(fn ($of) => $of->words(), $others)) }}. <button type="submit" class="button">Take them for this job</button></p></form>@endif
    <p class="quiet">The shop's own, for every new job, stand with the <a href="{{ route('rules.index') }}#range-sheet">local rules</a>.</p>
    <section class="scroll" tabindex="0" aria-label="Ranges"><table class="table is-stacking">
        <thead><tr><th scope="col">What</th><th scope="col">Usual</th><th scope="col">From</th><th scope="col">To</th><th scope="col">Whose</th></tr></thead>
        <tbody>@foreach (Underpin\Codebook\Acceptance::cases() as $of)
            @php($own = $screen->job->work->range($of->value))
            <tr><th scope="row">{{ ucfirst($of->words()) }}<form id="range-{{ $of->value }}" method="post" action="{{ route('jobs.work.range', $screen->row->id) }}" data-parts data-autosave>@csrf @method('PUT')<input type="hidden" name="id" value="{{ $of->value }}"><x-was :values="['low' => $own?->low, 'high' => $own?->high]"/><p class="error" data-error="low"></p><p class="error" data-error="high"></p><noscript><button type="submit" class="button">Save</button></noscript></form></th>
                <td data-label="Usual" class="mono">{{ Underpin\Checklist\Range::usual($of)->words('') }}</td>
                @foreach (['low' => 'From', 'high' => 'To'] as $name => $label)<td data-label="{{ $label }}"><input class="input num" form="range-{{ $of->value }}" name="{{ $name }}" inputmode="decimal" size="6" autocomplete="off" value="{{ Underpin\Csv\Number::write($own?->$name) }}" aria-label="{{ $label }}, {{ $of->words() }}"></td>@endforeach
                <td data-label="Whose"><span class="select"><select form="range-{{ $of->value }}" name="of_shop" aria-label="Whose, {{ $of->words() }}"><option value="0" @selected($own?->ofShop !== true)>on the label</option><option value="1" @selected($own?->ofShop === true)>the shop's</option></select></span></td></tr>
        @endforeach</tbody>
    </table></section>
@endif
</details></section>
