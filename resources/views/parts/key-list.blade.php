<dl>
        <div><dt><kbd>↑</kbd> <kbd>↓</kbd> <kbd>←</kbd> <kbd>→</kbd></dt><dd>move on the panel board</dd></div>
        <div><dt><kbd>1</kbd> <kbd>2</kbd> <kbd>3</kbd></dt><dd>must run, when there is room, leave off; with <kbd>Alt</kbd> where the board has not the focus</dd></div>
        <div><dt><kbd>g</kbd></dt><dd>board or grid of the loads; with <kbd>Alt</kbd> in a cell</dd></div>
        <div><dt><kbd>t</kbd>, <kbd>Shift</kbd> <kbd>t</kbd></dt><dd>take what the name of the breaker suggests, or of all; with <kbd>Alt</kbd> in a cell</dd></div>
        <div><dt><kbd>Ctrl</kbd> <kbd>d</kbd>, <kbd>Ctrl</kbd> <kbd>↵</kbd></dt><dd>in the grid: fill down, another load on the breaker</dd></div>
        <div><dt><kbd>p</kbd></dt><dd>pick the machine that stands first</dd></div>
        <div><dt><kbd>b</kbd></dt><dd>machines that are ticked side by side</dd></div>
        <div><dt><kbd>Esc</kbd></dt><dd>nothing selected; in a cell, what was saved, then out of the cells</dd></div>
        <div><dt><kbd>Enter</kbd></dt><dd>into the fields of the selected breaker</dd></div>
        <div><dt><kbd>Alt</kbd> <kbd>↑</kbd> <kbd>↓</kbd></dt><dd>move the selected breaker, in the survey</dd></div>
        <div><dt><kbd>m</kbd></dt><dd>mark in the recorder what is switched</dd></div>
        <div><dt><kbd>[</kbd> <kbd>]</kbd></dt><dd>stage before, stage after</dd></div>
        <div><dt><kbd>u</kbd>, <kbd>Shift</kbd> <kbd>u</kbd></dt><dd>undo, redo; with <kbd>Alt</kbd> while a drawer with fields is open; <kbd>Ctrl</kbd> <kbd>z</kbd> does the same</dd></div>
        <div><dt><kbd>c</kbd></dt><dd>begin a new job</dd></div>
        <div><dt><kbd>/</kbd></dt><dd>find anything</dd></div>
        <div><dt><kbd>n</kbd></dt><dd>day and night; with <kbd>Alt</kbd> as above</dd></div>
        <div><dt><kbd>?</kbd></dt><dd>this list</dd></div>
    </dl>
