<form id="sizes-form" class="sheet-sizes" method="post" action="{{ route('jobs.schedule.read', $job->id) }}">
    @include('survey.sheet.fields')
    @foreach ($reading->sizes as $size)
        <div class="sheet-size">
            <div class="field">
                <label class="label" for="spaces-{{ $size->place }}">Spaces of {{ $size->panel }}</label>
                <div class="select"><select id="spaces-{{ $size->place }}" name="spaces-{{ $size->place }}">@foreach ($size->sizes() as $spaces)<option value="{{ $spaces }}" @selected($spaces === $size->spaces)>{{ $spaces }}{{ $spaces === $size->before ? ', as it is' : '' }}</option>@endforeach</select></div>
                @error("spaces-$size->place")<p class="error" role="alert">{{ $message }}</p>@enderror
            </div>
            <button type="submit" class="button">Take this size</button>
            <p class="{{ $size->isTooSmall() ? 'caution' : 'quiet' }}">The sheet numbers its spaces up to {{ $size->highest }}; @if ($size->isTooSmall())with {{ $size->spaces }} spaces the rows beyond are left out. Look at the panel: how many has it?@elseif ($size->before === null)the panel is new, and {{ $size->spaces }} is the next common size. Count them at the panel.@else{{ $size->panel }} is drawn with {{ $size->spaces }}.@endif</p>
        </div>
    @endforeach
</form>
