<dialog id="keys" class="keys" aria-label="Keys">
    <h2>Keys</h2>
    @include('parts.key-list')
    <p><a href="{{ route('help') }}">Guide and sections of the code</a></p>
    <form method="dialog"><button type="submit" class="button">Close</button></form>
</dialog>
