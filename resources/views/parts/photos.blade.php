<section id="{{ $shelf->id() }}" class="photos" aria-label="Photos, {{ $shelf->of->value }} {{ $shelf->key }}">
    <h2>Photos @if ($shelf->photos !== [])<small>{{ count($shelf->photos) }}</small>@endif</h2>
    @if ($shelf->photos !== [])
        <ul>
            @foreach ($shelf->photos as $photo)
                <li>
                    <a href="{{ route('jobs.photos.show', [$screen->row->id, $photo->key]) }}"><img src="{{ route('jobs.photos.thumbnail', [$screen->row->id, $photo->key]) }}" alt="{{ $photo->name }}" width="120" height="{{ max(20, (int) round(120 * $photo->height / max(1, $photo->width))) }}" loading="lazy"></a>
                    <form method="post" action="{{ route('jobs.photos.destroy', [$screen->row->id, $photo->key]) }}" data-parts>@csrf @method('DELETE')<button type="submit" class="button is-quiet" aria-label="Remove {{ $photo->name }}">Remove</button></form>
                </li>
            @endforeach
        </ul>
    @endif
    @foreach ($shelf->waiting as $run)
        <p class="{{ $run->state->isOver() ? 'error' : 'quiet' }}">{{ $run->state->isOver() ? $run->said : $run->input['name'].': being made smaller, not kept yet' }} @unless ($run->state->isOver())<a href="{{ (new App\Photos\KeepPhoto)->page($run) }}">Look again</a>@endunless</p>
    @endforeach
    <form class="upload" method="post" action="{{ route('jobs.photos.store', $screen->row->id) }}" enctype="multipart/form-data" data-upload="photos">
        @csrf
        <input type="hidden" name="of" value="{{ $shelf->of->value }}"><input type="hidden" name="of_key" value="{{ $shelf->key }}">
        <label class="button"><input class="file" type="file" name="photos[]" accept="image/jpeg,image/png,image/webp" multiple><span>Add photos</span></label>
        <label class="button only-touch"><input class="file" type="file" name="photos[]" accept="image/*" capture="environment"><span>Camera</span></label>
        <noscript><button type="submit" class="button">Send</button></noscript>
        <progress hidden max="1" value="0"></progress>
        <p class="error" data-error="photos" role="alert">@error('photos'){{ $message }}@enderror</p>
    </form>
</section>
