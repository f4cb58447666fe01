<x-layouts.page :title="'Local rules · '.$screen->row->name" :job="$screen->row">
    @part('parts.header')
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>Local rules of this job</h1><a class="button" href="{{ $screen->links->to(Underpin\StageKey::Survey) }}">Back to the survey</a></div>
        <dl class="waits">@foreach ($screen->job->authority->rules->lines() as $rule => $is)<div><dt>{{ $rule }}</dt><dd>{{ $is }}</dd></div>@endforeach
            <div><dt>Source</dt><dd>{{ $screen->job->authority->rules->source ?: 'not said' }}{{ $screen->job->authority->rules->dated ? ', '.$screen->job->authority->rules->dated : '' }}</dd></div></dl>
        <x-may deed="decide" :of="$screen->row">
        @error('profile')<p class="error" role="alert">{{ $message }}</p>@enderror
        <h2 class="gap">What another authority would change here</h2>
        <div class="ways">
            @foreach ($profiles as $key => $rules)
                @php($change = $changes[$key])
                @php($isTaken = $screen->job->authority->profile === (string) $key)
                <section class="way {{ $isTaken ? 'is-picked' : '' }}">
                    <h3>{{ $rules->authority }}</h3>
                    @if ($change->rules === [])
                        <p class="quiet">The same rules as this job has.</p>
                    @else
                        <ul class="changes">@foreach ($change->rules as $rule => [$now, $then])<li><b>{{ $rule }}:</b> {{ $then }} <span class="quiet">instead of {{ $now }}</span></li>@endforeach</ul>
                        @foreach ($change->new as $sentence)<p><span class="badge" data-possible="yes">then</span> {{ $sentence }}</p>@endforeach
                        @foreach ($change->gone as $sentence)<p class="quiet"><span class="badge" data-possible="not known">no longer</span> {{ $sentence }}</p>@endforeach
                    @endif
                    @if ($change->rules !== [] || ! $isTaken)
                        <form id="take-{{ $key }}" method="post" action="{{ route('jobs.rules.update', $screen->row->id) }}">@csrf @method('PUT')<x-was :values="['profile' => $screen->job->authority->profile]"/><input type="hidden" name="profile" value="{{ $key }}"><button type="submit" class="button">Take these rules</button></form>
                    @endif
                </section>
            @endforeach
        </div>
        </x-may>
        <p class="gap"><a href="{{ route('rules.index') }}">Edit the shop's local rules</a></p>
    </main>
</x-layouts.page>
