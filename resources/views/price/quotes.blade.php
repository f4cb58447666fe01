@use('Underpin\Job\Quote\AnswerKind')
@use('Underpin\Job\Quote\Signature')
@php($last = $quotes->last())
<section class="sheet" id="quotes" tabindex="-1">
    <h2>Quotes <small>once handed over, a quote stays as it is</small></h2>
    @if ($last === null)<p class="quiet">None yet.</p>@else
    <section class="scroll" tabindex="0" aria-label="Quotes"><table class="table quotes is-stacking">
        <thead><tr><th scope="col">Quote</th><th scope="col">Handed over</th><th scope="col">Holds until</th><th scope="col" class="num">Total</th><th scope="col">State</th><th scope="col"><span class="sr">PDF</span></th></tr></thead>
        <tbody>@foreach (array_reverse($quotes->quotes) as $quote)
            @php($state = $quotes->state($quote, $today))
            <tr><th scope="row">{{ $quote->title() }}</th><td class="mono" data-label="Handed over">{{ $quote->on }}</td><td class="mono" data-label="Holds until">{{ $quote->until }}</td><td class="num" data-label="Total">@foreach ($quote->ways as $way){{ $way->total()->words() }}@if (! $loop->last)<br>@endif @endforeach</td>
                <td data-label="State"><b class="quote-state" data-state="{{ $state->value }}">{{ ucfirst($state->words()) }}</b>@if ($quote->answer) <small>{{ $quote->answer->name }}, {{ $quote->answer->on }}@if (count($quote->ways) > 1 && $quote->answer->way), {{ $quote->way()->words }}@endif</small>@endif</td>
                <td><a class="button is-quiet" href="{{ route('jobs.quotes.pdf', [$screen->row->id, $quote->id()]) }}">PDF</a></td></tr>
            @if ($quote->changes !== [])<tr class="quote-changes"><td colspan="6"><details><summary>What revision {{ $quote->revision }} says otherwise</summary><ul>@foreach ($quote->changes as $change)<li>{{ $change }}</li>@endforeach</ul></details></td></tr>@endif
        @endforeach</tbody>
    </table></section>
    @endif
    @if ($last !== null && ($last->answer === null || $last->answer->kind === AnswerKind::Accepted))
        <details class="by-hand" id="answer"@if ($last->answer === null) open @endif><summary>{{ $last->answer === null ? 'What the customer says to it' : 'Change the answer' }}</summary>
        <form class="sheet-form" id="answer-form" method="post" action="{{ route('jobs.quotes.answer', $screen->row->id) }}" data-parts>@csrf @method('PUT')
            <input type="hidden" name="quote" value="{{ $last->id() }}">
            <div class="fields">
                <div class="field"><span class="label">Answer</span><div class="choices">@foreach (AnswerKind::cases() as $kind)<label class="choice"><input type="radio" name="kind" value="{{ $kind->value }}" @checked($loop->first)> {{ ucfirst($kind->words()) }}</label>@endforeach</div><p class="error" data-error="kind"></p></div>
                @if (count($last->ways) === 1)<input type="hidden" name="way" value="{{ $last->ways[0]->way }}">
                @else<div class="field"><span class="label">Which of them</span><div class="choices">@foreach ($last->ways as $way)<label class="choice"><input type="radio" name="way" value="{{ $way->way }}" @checked($loop->first)> {{ ucfirst($way->words) }}, {{ $way->total()->words() }}</label>@endforeach</div><p class="error" data-error="way"></p></div>@endif
            </div>
            <div class="fields">
                <x-field name="name" label="Name" id="answer-name" :value="$screen->job->customer->name" maxlength="100"/>
                <x-field name="on" label="On" id="answer-on" type="date" :value="$today"/>
            </div>
            <div class="field signature"><span class="label" id="sign-label">Signature <small>with a finger, a pen or the mouse; without one it is noted as said</small></span>
                <canvas data-signature data-width="{{ Signature::WIDTH }}" data-height="{{ Signature::HEIGHT }}" role="img" aria-labelledby="sign-label"></canvas>
                <input type="hidden" name="signature" value=""><p class="error" data-error="signature"></p><button class="button is-quiet" type="button" data-wipe>Wipe it</button></div>
            <button type="submit" class="button is-primary">Note the answer</button>
        </form></details>
    @endif
    @if ($offered->estimates !== [] && $waits === [])
        <div class="hand-over">
            @if ($last !== null)
            <form method="post" id="revise-form" action="{{ route('jobs.quotes.store', $screen->row->id) }}" data-parts>@csrf<input type="hidden" name="revises" value="1"><input type="hidden" name="total_cents" value="{{ $offered->estimates[0]->total()->cents }}">
                <button type="submit" class="button">Hand over revision {{ $last->revision + 1 }} of quote {{ $last->number }}</button></form>
            @endif
            <form method="post" id="quote-form" action="{{ route('jobs.quotes.store', $screen->row->id) }}" data-parts>@csrf<input type="hidden" name="revises" value="0"><input type="hidden" name="total_cents" value="{{ $offered->estimates[0]->total()->cents }}">
                <button type="submit" class="button is-primary">Hand over {{ $last === null ? 'as a quote' : 'as a new quote' }}, {{ $offered->estimates[0]->total()->words() }}</button></form>
        </div>
    @endif
</section>
