<dialog id="finder" class="finder" aria-label="Find anything" x-data="finder">
    <label class="label" for="finder-q">Find a job, a breaker, a load, a part, a stage, something to do, a section of the code</label>
    <input id="finder-q" class="input" type="search" autocomplete="off" maxlength="60" x-on:input="search" x-on:keydown="pick">
    <div id="found" aria-live="polite"></div>
    <form method="dialog"><button type="submit" class="button">Close</button></form>
</dialog>
