<h2>Select a breaker</h2>
<p class="quiet">Touch it, or use the arrow keys. Then <kbd>1</kbd> must run, <kbd>2</kbd> when there is room, <kbd>3</kbd> leave off.</p>
@part('parts.findings')
