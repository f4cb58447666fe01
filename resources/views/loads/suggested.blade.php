@php($suggested = App\Screens\GridScreen::of($screen)->suggested())
<section id="part-suggested" class="suggested" aria-label="Figures that the names suggest">
    @if ($suggested !== [])
        <form id="take-all" method="post" action="{{ route('jobs.suggestions', $screen->row->id) }}" data-parts>@csrf
            <p>The names of <b>{{ count($suggested) }}</b> {{ count($suggested) === 1 ? 'breaker suggests' : 'breakers suggest' }} what hangs on {{ count($suggested) === 1 ? 'it' : 'them' }}. Figures are usual ones: a nameplate or a clamp meter is better.</p>
            <button type="submit" class="button is-primary" title="Take all ( Shift t, or Alt + Shift + t in a cell )"><kbd>⇧t</kbd> Take all {{ count($suggested) }}</button>
        </form>
    @endif
</section>
