<p id="part-tally" class="tally">
    <span><b>{{ count($screen->design()->plan()->must) }}</b> must run</span>
    <span><b>{{ count($screen->design()->plan()->room) }}</b> when there is room</span>
    <span><b>{{ count($screen->design()->plan()->off) }}</b> left off</span>
</p>
