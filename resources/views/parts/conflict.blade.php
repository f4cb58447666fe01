<div class="conflict">
    <h2>{{ $conflict->gone ? 'This has been removed in the meantime' : 'Somebody else has changed this' }}</h2>
    <p>{{ $conflict->by ?? 'Somebody' }}. Nothing of yours is saved yet.</p>
    @if ($conflict->gone)
        <p>What you sent:</p>
        <table class="table"><tbody>@foreach ($input as $name => $value)@if (is_string($value) && $value !== '' && ! in_array($name, ['stage', 'panel'], true))<tr><th scope="row">{{ App\Http\FormInput::label(request(), $name) }}</th><td>{{ $value }}</td></tr>@endif @endforeach</tbody></table>
    @else
        <table class="table"><thead><tr><td></td><th scope="col">Stands there now</th><th scope="col">Yours</th></tr></thead>
            <tbody>@foreach ($conflict->fields as $name => $both)<tr><th scope="row">{{ App\Http\FormInput::label(request(), $name) }}</th><td>{{ App\Http\FormInput::words($both['theirs']) }}</td><td>{{ App\Http\FormInput::words($both['yours']) }}</td></tr>@endforeach</tbody></table>
    @endif
    <div class="actions">
        <a class="button is-primary" href="{{ $back }}">Keep what is there</a>
        @unless ($conflict->gone)
            <form method="post" action="{{ $action }}">
                @csrf @method($method)
                @foreach ($input as $name => $value)@if (is_string($value) || $value === null)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endif @endforeach
                <input type="hidden" name="was" value="{{ json_encode(array_map(fn ($both) => $both['theirs'], $conflict->fields)) }}">
                <button type="submit" class="button">Put mine instead</button>
            </form>
        @endunless
    </div>
</div>
