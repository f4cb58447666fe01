<ul class="found">
    @forelse ($found as $each)
        <li><a href="{{ $each->url }}">{{ $each->words }}<small>{{ $each->kind }}</small></a></li>
    @empty
        <li class="quiet">Nothing is called “{{ $text }}”.</li>
    @endforelse
</ul>
