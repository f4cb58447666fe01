@php($f = Underpin\Job\Part\AgreedPart::sent())
@php($known = Underpin\Papers\Papers::standard())
<section class="sheet" id="papers" tabindex="-1"><h2>Papers</h2>
    <ul class="papers">@foreach ($known->all() as $paper)
        @php($waits = $paper->waitsFor($screen->review))
        <li>@if ($waits === '')<a class="button" href="{{ route('jobs.paper', [$screen->row->id, $paper->key()]) }}">{{ $paper->title() }}, PDF</a>@else<b>{{ $paper->title() }}</b> <span class="quiet">{{ $waits }}</span>@endif</li>
    @endforeach</ul>
    <h3>Sent, and what came back</h3>
    @if ($screen->job->agreed->sent !== [])
    <section class="scroll" tabindex="0" aria-label="Papers that were sent"><table class="table is-stacking">
        <thead><tr><th scope="col">Paper</th><th scope="col">To</th><th scope="col">Sent on</th><th scope="col">Came back</th><th scope="col">Answer</th><th scope="col">Note</th><th scope="col"><span class="sr">Change</span></th></tr></thead>
        <tbody>@foreach ($screen->job->agreed->sent as $sent)
            <tr><th scope="row">{{ $known->find($sent->paper)?->title() ?? $sent->paper }}</th><td data-label="To">{{ $sent->to }}</td><td class="mono" data-label="Sent on">{{ $sent->on }}</td><td class="mono" data-label="Came back">{{ $sent->backOn ?: 'waits' }}</td><td data-label="Answer">{{ $sent->granted === null ? '' : ($sent->granted ? 'granted' : 'refused') }}</td><td data-label="Note">{{ $sent->note }}</td>
                <td><details class="by-hand"><summary>Change</summary>@include('price.sent', ['sent' => $sent])
                    <form method="post" action="{{ route('jobs.sent.remove', $screen->row->id) }}" data-parts id="unsent-{{ $sent->id }}">@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $sent->id }}"><button type="submit" class="button is-quiet">Take out</button></form></details></td></tr>
        @endforeach</tbody>
    </table></section>
    @endif
    <details class="by-hand"><summary>Note a paper that was sent</summary>@include('price.sent', ['sent' => null])</details>
</section>
