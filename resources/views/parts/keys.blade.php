<dialog id="keys" class="keys" aria-label="Keys">
    <h2>Keys</h2>
    <dl>
        <div><dt><kbd>↑</kbd> <kbd>↓</kbd> <kbd>←</kbd> <kbd>→</kbd></dt><dd>move on the panel board</dd></div>
        <div><dt><kbd>1</kbd> <kbd>2</kbd> <kbd>3</kbd></dt><dd>must run, when there is room, leave off; with <kbd>Alt</kbd> where the board has not the focus</dd></div>
        <div><dt><kbd>Enter</kbd></dt><dd>into the fields of the selected breaker</dd></div>
        <div><dt><kbd>Alt</kbd> <kbd>↑</kbd> <kbd>↓</kbd></dt><dd>move the selected breaker, in the survey</dd></div>
        <div><dt><kbd>m</kbd></dt><dd>mark in the recorder what is switched</dd></div>
        <div><dt><kbd>[</kbd> <kbd>]</kbd></dt><dd>stage before, stage after</dd></div>
        <div><dt><kbd>u</kbd>, <kbd>Shift</kbd> <kbd>u</kbd></dt><dd>undo, redo; with <kbd>Alt</kbd> while a drawer with fields is open</dd></div>
        <div><dt><kbd>/</kbd></dt><dd>find anything</dd></div>
        <div><dt><kbd>n</kbd></dt><dd>day and night; with <kbd>Alt</kbd> as above</dd></div>
        <div><dt><kbd>?</kbd></dt><dd>this list</dd></div>
    </dl>
    <form method="dialog"><button class="button">Close</button></form>
</dialog>
