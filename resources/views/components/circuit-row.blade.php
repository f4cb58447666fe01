@props(['circuit', 'screen'])
<tr id="row-{{ $circuit->id }}" class="{{ $screen->at === $circuit->id ? 'is-selected' : '' }}" data-row="{{ $circuit->id }}">
    <td class="num">{{ $circuit->label() }}</td>
    <td><a href="{{ $screen->links->to($screen->stage, ['at' => $circuit->id]) }}" data-at="{{ $circuit->id }}">{{ $circuit->name ?: 'unnamed' }}</a></td>
    <td class="num">{{ $circuit->breakerAmps }} A <small>{{ $circuit->protection->mark() }}</small></td>
    <td>{{ $circuit->leg()->value }}</td>
    <td><span class="role-chip" data-role="{{ $circuit->role->value }}">{{ $circuit->role->words() }}</span></td>
    <td class="num">@if ($circuit->figuresMissing())<small>no figures</small>@else{{ number_format($circuit->runAmps(), 1) }} A @endif</td>
    <td class="num">@unless ($circuit->figuresMissing()){{ number_format($circuit->startAmps(), 1) }} A @endunless</td>
</tr>
