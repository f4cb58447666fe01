<section id="beside" class="sheet" aria-label="Side by side">
    <h2>Side by side</h2>
    <p class="recommend">{{ implode(' ', $size->recommendation()) }}</p>
    <section class="scroll" tabindex="0" aria-label="Machines side by side"><table class="table beside">
        <thead><tr><td></td>@foreach ($size->beside as $fit)<th scope="col">{{ $fit->supply->machine->name }}<small>{{ $fit->supply->fuel->value }}{{ $fit->supply->fuelIsMissing() ? ', not here' : '' }}</small></th>@endforeach</tr></thead>
        <tbody>@foreach ($size->rowsBeside() as $head => $cells)<tr><th scope="row">{{ $head }}</th>@foreach ($cells as $cell)<td>{{ $cell }}</td>@endforeach</tr>@endforeach</tbody>
    </table></section>
</section>
