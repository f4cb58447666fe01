@php($dangers = $screen->review->dangers())
@if ($dangers !== [])
    <div class="notice is-danger" role="note"><b>This design has {{ Underpin\Say::count(count($dangers), 'danger') }}: nobody builds it like this.</b> {{ $dangers[0]->what }} <a href="{{ $screen->mend($dangers[0]) }}">Mend it first</a></div>
@endif
@if ($work->list->steps === [])
    <div class="blank"><h2>No steps yet</h2><p>{{ $empty }}</p>
        <a class="button is-primary" href="{{ $screen->links->to($screen->design()->supply() === null ? Underpin\StageKey::Size : Underpin\StageKey::Connect) }}">{{ $screen->design()->supply() === null ? 'Pick a machine' : 'Pick a way of connecting' }}</a></div>
@else
<div class="work-bar">
    <div class="field"><label class="label" for="initials">Initials</label><input class="input" id="initials" value="{{ $work->initials() }}" maxlength="12" autocomplete="off" data-initials></div>
    <div class="field"><label class="label" for="tool">Instrument or tool in hand</label><input class="input" id="tool" maxlength="100" autocomplete="off" placeholder="as it is noted with each reading" data-tool></div>
    @part('work.progress')
</div>
<div id="outbox" class="outbox" data-outbox-shelf hidden></div>
<div class="work" data-work="{{ $screen->row->id }}" data-user="{{ auth()->id() }}" data-line="{{ route('line') }}">
@foreach ($work->groups() as $group)
{!! App\Screens\Pages\PartHtml::of('work.group', $screen, $group)->html !!}
@endforeach
</div>
@endif
