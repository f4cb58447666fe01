@php($row = $screen->row)
@php($margin = $screen->job->generator->marginPct)
@php([$here, $away] = $size->byPlace())
<div class="stage-head">
    <h1>Which machine holds</h1>
    @if ($screen->findings() !== [])<a class="saved" href="#findings-here">{{ Underpin\Say::count(count($screen->findings()), 'finding') }} below</a>@endif
    <x-next :screen="$screen"/>
</div>
@php($f = (new App\Http\Requests\Size\MarginRequest)->form())
<div class="size-tools">
    <form id="margin-form" class="inline" method="post" action="{{ route('jobs.margin', ['job' => $row->id, 'only' => $size->fuel?->value]) }}" data-parts data-autosave>
        @csrf @method('PUT')
        <x-was :values="['margin_pct' => $margin]"/>
        <x-field :of="$f->field('margin_pct')" id="margin" :value="Underpin\Csv\Number::write($margin)"/>
        <button type="submit" class="button">Judge again</button>
    </form>
    <nav class="chips" aria-label="Fuel">
        <a href="{{ route('jobs.stage', [$row->id, 'size']) }}" @if ($size->fuel === null) aria-current="true" @endif>every fuel</a>
        @foreach (Underpin\Job\Fuel::cases() as $fuel)
            <a href="{{ route('jobs.stage', [$row->id, 'size', 'only' => $fuel->value]) }}" @if ($size->fuel === $fuel) aria-current="true" @endif>{{ $fuel->value }}</a>
        @endforeach
    </nav>
</div>
@php($picked = $screen->design()->fit())
@if ($picked)@include('size.standing')@endif
@if ($size->fits === [])
    <div class="blank"><h2>No machine here</h2><p>No machine in the catalogue burns {{ $size->fuel?->value ?? 'any fuel' }}.</p></div>
@else
@if ($screen->design()->onGenerator()->must === [])
    <p class="asks-for">Nothing is marked to run yet, so no machine can be judged. <a href="{{ $screen->links->to(Underpin\StageKey::Loads) }}">Mark the loads</a></p>
@endif
<figure class="spare-chart">
    <x-drawing :drawing="$size->picture($screen)" :screen="$screen" role="group" aria-label="Machines by price and by what is left on the worse leg"/>
    <figcaption>Free on the worse leg, over price; a stem ends where the worst start takes it. Round portable, square standby{{ $away === [] ? '' : ', gray: fuel not here' }}.
    </figcaption>
</figure>
@if (count($size->beside) > 1)
    @include('size.beside')
@endif
@if ($away !== [])<input type="checkbox" class="show-away" id="show-away" @checked($here === [])>@endif
<form id="beside-form" method="get" action="{{ route('jobs.stage', [$row->id, 'size']) }}#beside" class="grid-tools">
    @if ($size->fuel)<input type="hidden" name="only" value="{{ $size->fuel->value }}">@endif
    <button type="submit" class="button" data-beside>Side by side <small>2 to {{ $size::MOST_BESIDE }} ticked</small></button>
    <span class="select"><select data-fit-filter="form" aria-label="Kind of machine shown"><option value="">every kind</option>@foreach (array_unique(array_map(fn ($fit) => $fit->supply->machine->form->words(), $size->fits)) as $form)<option>{{ $form }}</option>@endforeach</select></span>
    <label class="choice"><input type="checkbox" data-fit-filter="holds"> only what holds</label>
    @if ($away !== [])<label class="button away-button" for="show-away">{{ count($away) }} on other fuels</label>@endif
    <span class="grid-says" id="fits-say" role="status"></span>
</form>
<section class="scroll fits-scroll" tabindex="0" aria-label="Machines"><table class="table fits" id="fits">
    <thead><tr><th scope="col"><span class="sr">Beside</span></th>
        @foreach (['name' => 'Machine', 'leg' => 'Worse leg', 'start' => 'Worst start', 'spare' => 'Free', 'price' => 'Price', 'rank' => 'How it stands'] as $key => $head)<th scope="col" aria-sort="{{ $key === 'rank' ? 'ascending' : 'none' }}" class="{{ in_array($key, ['leg', 'start', 'spare', 'price'], true) ? 'num' : '' }}"><button type="button" data-fit-sort="{{ $key }}">{{ $head }}</button></th>@endforeach
        <th scope="col"><span class="sr">Pick</span></th></tr></thead>
    <tbody>
    @foreach ($size->fits as $i => $fit)
        @php($supply = $fit->supply)
        @php($machine = $supply->machine)
        @php($id = $supply->id())
        @php($picked = $size->isPicked($fit, $screen))
        <tr id="fit-{{ $id }}" class="{{ $picked ? 'is-picked' : '' }} {{ $supply->fuelIsMissing() ? 'is-away' : '' }}" data-verdict="{{ $fit->verdict->tone() }}" data-form="{{ $machine->form->words() }}" data-holds="{{ $fit->verdict === Underpin\Sizing\Verdict::Holds ? 1 : 0 }}" data-name="{{ $machine->name }}" data-leg="{{ $fit->running->worstAmps() - $supply->runLimitAmps() }}" data-start="{{ -$fit->startSparePct() }}" data-spare="{{ -$fit->sparePct() }}" data-price="{{ $machine->priceUsd ?? 9999999 }}" data-rank="{{ $i }}">
            <td><label class="tick"><input type="checkbox" name="{{ App\Screens\SizeScreen::BESIDE.$id }}" value="1" form="beside-form" @checked(in_array($fit, $size->beside, true))><span class="sr">Put {{ $supply->words() }} beside others</span></label></td>
            <th scope="row">{{ $machine->name }} <small>{{ $supply->fuel->value }}{{ $supply->fuelIsMissing() ? ', not here' : '' }}{{ $supply->feedsBothLegs() ? '' : ', 120 V' }}</small></th>
            <td class="num is-detail">{{ number_format($fit->running->worstAmps(), 1) }} <small>of {{ number_format($supply->runLimitAmps(), 1) }} A</small></td>
            <td class="num is-detail">{{ number_format(max($fit->starting->peakAmps(), $fit->restartAmps), 1) }} <small>of {{ number_format($supply->surgeLimitAmps(), 1) }} A</small></td>
            <td class="num">{{ number_format($fit->sparePct(), 0) }} <small>%<span class="only-hand"> free</span></small></td>
            <td class="num">@if ($machine->priceUsd === null)<small>not known</small>@else<small>$</small> {{ number_format($machine->priceUsd) }}@endif</td>
            <td><details class="standing"><summary data-tone="{{ $fit->verdict->tone() }}">{{ $fit->words()->standing() }}</summary>
                <ul>@foreach ($fit->words()->why() as $why)<li>{{ $why }}</li>@endforeach
                    <li>{{ ucfirst($machine->form->words()) }}, {{ $machine->volts === 240 ? '120/240 V' : '120 V' }}, {{ $machine->outlet->value === 'terminals' ? 'own terminals' : 'outlet '.$machine->outlet->value }} {{ $machine->outletAmps }} A, neutral {{ $machine->bond->value ?? 'not known' }}{{ $machine->gfci ? ', GFCI outlet' : '' }}.</li>
                    @php($gaps = Underpin\Job\Machine\MachineGaps::of($machine))
                    @if ($gaps !== [])<li>Not known of it: {{ Underpin\Say::list(array_keys($gaps), 4) }}.</li>@endif
                    @if ($fit->plan->must !== [] && ($picked || $i < 8))@foreach ($size->together($fit) as $head => $words)<li><b>{{ $head }}:</b> {{ $words }}</li>@endforeach @endif
                </ul></details></td>
            <td><form id="pick-{{ $id }}" method="post" action="{{ route('jobs.machine', ['job' => $row->id, 'only' => $size->fuel?->value]) }}" data-parts>
                @csrf @method('PUT')
                <x-was :values="['machine' => $screen->job->generator->machine?->id, 'fuel' => $screen->job->generator->fuel?->value]"/>
                @if ($picked)
                    <input type="hidden" name="key" value=""><input type="hidden" name="fuel" value=""><button type="submit" class="button is-picked" aria-pressed="true">Picked <small>take back</small></button>
                @else
                    <input type="hidden" name="key" value="{{ $machine->id }}"><input type="hidden" name="fuel" value="{{ $supply->fuel->value }}">
                    <button type="submit" class="button {{ $i === 0 ? 'is-primary' : '' }}" aria-pressed="false" @if ($i === 0) title="Pick the first ( p )" data-first @endif>@if ($i === 0)<kbd>p</kbd> @endif Pick<span class="sr"> {{ $supply->words() }}</span></button>
                @endif
            </form></td>
        </tr>
    @endforeach
    </tbody>
</table></section>
@endif
@include('size.growth', ['picked' => $screen->design()->fit()])
<div id="findings-here" tabindex="-1"><x-findings :screen="$screen" :edition="$screen->job->authority->rules->edition" :findings="$screen->findings()"/></div>
