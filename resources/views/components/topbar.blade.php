<header class="topbar">
    <a class="brand" href="{{ route('jobs.index') }}"><x-mark/><span>Underpin</span></a>
    {{ $slot }}
    <nav class="tools" aria-label="Tools">
        @auth
            <button type="button" class="tool" data-key="/" title="Find anything ( / )"><kbd>/</kbd> find</button>
            <button type="button" class="tool tool-new" data-key="c" title="New job ( c )"><kbd>c</kbd> new</button>
            {{ $tools ?? '' }}
        @endauth
        <button type="button" class="tool" data-key="n" title="Day and night ( n )"><kbd>n</kbd> <span class="to-night">night</span><span class="to-day">day</span></button>
        @auth
            <button type="button" class="tool tool-keys" data-key="?" title="All keys ( ? )"><kbd>?</kbd> keys</button>
            <a class="tool" href="{{ route('account') }}" title="Account and people">{{ auth()->user()->name }}</a>
        @endauth
    </nav>
</header>
