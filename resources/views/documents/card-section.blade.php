<h3>{{ $section->title }}</h3>
@if ($section->steps !== [])
    <ol>@foreach ($section->steps as $step)<li>{{ $step->do }}@if ($step->because) <small>{{ $step->because }}</small>@endif</li>@endforeach</ol>
@elseif ($section->points !== [])
    @if ($section->turns && ! ($isPaper ?? false))<x-drawing :drawing="(new Underpin\Drawing\Plot\TurnsChart($section->turns, 700))->drawing()" role="img" aria-label="A day of turns"/>@endif
    <ul>@foreach ($section->points as $point)<li>{{ $point }}</li>@endforeach</ul>
@elseif ($section->room !== [])
    <p class="card-mark"><span class="mark-room">as you need</span></p><p class="card-room">@foreach ($section->room as $row)<span><b>{{ $row->label }}</b>@if ($contents->namesPanels) <small>{{ $row->panel }}</small>@endif {{ $row->name }}, wait {{ $row->waitWords() }}</span>@if (! $loop->last)<br>@endif @endforeach</p>
@elseif ($section->off !== [])
    <p class="card-off"><span class="mark-off">never</span> @foreach ($section->off as $row){{ $row->label }}@if ($contents->namesPanels) {{ $row->panel }}@endif {{ $row->name }}@if (! $loop->last); @endif @endforeach</p>
@elseif ($section->isOrder)
    <table class="card-list">
        <thead><tr><th></th><th>{{ $contents->card->throws }}</th><th>What</th><th>Then wait</th></tr></thead>
        <tbody>@forelse ($section->order as $i => $row)<tr><td class="n"><span class="mark-order">{{ $i + 1 }}</span></td><td class="space">{{ $row->thrown() }}</td><td>{{ $row->name }}@if ($row->places === [] && $contents->namesPanels) <small>{{ $row->panel }}</small>@endif</td><td class="wait">{{ $row->waitWords() }}</td></tr>@empty<tr><td colspan="4">Nothing is marked yet.</td></tr>@endforelse</tbody>
    </table>
@endif
