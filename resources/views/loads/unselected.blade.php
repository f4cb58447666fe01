<h2>What it comes to</h2>
@part('loads.sums')
@part('loads.suggested')
@part('parts.findings')
<p class="quiet">Touch a breaker, or use the arrow keys. Then <kbd>1</kbd> must run, <kbd>2</kbd> when there is room, <kbd>3</kbd> leave off, <kbd>Enter</kbd> its fields, <kbd>t</kbd> take what its name suggests.</p>
