@php($existing = $screen->job->service->existing)
<details id="part-existing" class="sheet" @if ($existing->found !== [] && count($existing->found) < count(Underpin\Job\ExistingFault::cases())) open @endif>
    <summary>Backup equipment that is there already <small>{{ $existing->found === [] ? 'not looked at' : Underpin\Say::count(count($existing->faults()), 'fault').', '.count($existing->found).' of '.count(Underpin\Job\ExistingFault::cases()).' questions answered' }}</small></summary>
    <p class="quiet">Answer at the wall. Every yes becomes a finding with what to do.</p>
    @if ($existing->faults() === [] && count($existing->found) < count(Underpin\Job\ExistingFault::cases()))
    <form id="existing-none" method="post" action="{{ route('jobs.existing.none', $screen->row->id) }}" data-parts>@csrf @method('PUT')
        <button type="submit" class="button">There is none</button> <span class="quiet">answers all of them with no</span></form>
    @endif
    <ul class="questions">
        @foreach (Underpin\Job\ExistingFault::cases() as $fault)
            @php($answer = $existing->answer($fault))
            <li>
                <span id="q-{{ $fault->value }}">{{ $fault->question() }}</span>
                <form id="existing-{{ $fault->value }}" class="segmented" method="post" action="{{ route('jobs.existing', $screen->row->id) }}" data-parts role="group" aria-labelledby="q-{{ $fault->value }}">
                    @csrf @method('PUT')
                    <input type="hidden" name="question" value="{{ $fault->value }}">
                    <x-was :values="['found' => $answer]"/>
                    <button type="submit" id="existing-{{ $fault->value }}-yes" name="found" value="1" aria-pressed="{{ $answer === true ? 'true' : 'false' }}">Yes</button>
                    <button type="submit" id="existing-{{ $fault->value }}-no" name="found" value="0" aria-pressed="{{ $answer === false ? 'true' : 'false' }}">No</button>
                    <button type="submit" id="existing-{{ $fault->value }}-open" name="found" value="" aria-pressed="{{ $answer === null ? 'true' : 'false' }}">Not looked</button>
                </form>
            </li>
        @endforeach
    </ul>
</details>
