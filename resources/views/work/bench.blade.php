<details class="sheet bench" data-bench><summary><h2>Instruments that stand in <small>for a desk without any: they show what the circuit of this design would</small></h2></summary>
    <p>“Read” beside a step asks the instrument; the figure is noted when you press the box. What is made wrong here changes the circuit, and every reading follows from that.</p>
    <div class="fault-list">@foreach (Underpin\StandIn\Fault::cases() as $fault)<label class="checkbox"><input type="checkbox" value="{{ $fault->value }}" data-fault> {{ ucfirst($fault->words()) }}</label>@endforeach</div>
</details>
