<p id="part-tally" class="tally">
    <span><b>{{ count($screen->facts()->plan->must) }}</b> must run</span>
    <span><b>{{ count($screen->facts()->plan->room) }}</b> when there is room</span>
    <span><b>{{ count($screen->facts()->plan->off) }}</b> left off</span>
</p>
