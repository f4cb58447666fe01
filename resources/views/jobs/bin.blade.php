<x-layouts.page title="Removed jobs"><x-topbar><a class="jobname" href="{{ route('jobs.index') }}">← Jobs</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>Removed jobs</h1>
            @if ($jobs->isNotEmpty() && auth()->user()->can('empty', [App\Models\Job::class, auth()->user()->shop]))
                <details class="by-hand"><summary>Empty it</summary>
                    <form id="empty-bin" method="post" action="{{ route('jobs.bin.empty') }}">@csrf @method('DELETE')
                        <p class="caution">Every job here goes for good, with its photos, recordings and history. Nothing brings them back.</p>
                        <p><label><input type="checkbox" name="sure" value="1" required> I know that</label></p>
                        @error('sure')<p class="error" role="alert">{{ $message }}</p>@enderror
                        <button type="submit" class="button">Empty it</button>
                    </form>
                </details>
            @endif
        </div>
        <p class="quiet">A removed job is kept {{ App\Models\Job::KEPT_DAYS }} days and can be brought back whole.</p>
        @if ($jobs->isEmpty())
            <div class="blank"><h2>Nothing here</h2><p>No job was removed in the last {{ App\Models\Job::KEPT_DAYS }} days.</p></div>
        @else
            <section class="scroll" tabindex="0" aria-label="Removed jobs"><table class="table">
                <thead><tr><th scope="col"><span class="sr">Bring back</span></th><th scope="col">Job</th><th scope="col">Customer</th><th scope="col">Removed</th><th scope="col">Goes for good</th></tr></thead>
                <tbody>@foreach ($jobs as $job)
                    <tr><td>@can('remove', $job)<form method="post" action="{{ route('jobs.restore', $job->id) }}">@csrf<button type="submit" class="button">Bring back<span class="sr"> {{ $job->name }}</span></button></form>@endcan</td>
                        <th scope="row">{{ $job->name }}</th><td>{{ $job->customer_name }}</td>
                        <td><time datetime="{{ $job->deleted_at->toIso8601String() }}">{{ $job->deleted_at->format('Y-m-d H:i') }}</time></td>
                        <td>{{ $job->deleted_at->addDays(App\Models\Job::KEPT_DAYS)->format('Y-m-d') }}</td></tr>
                @endforeach</tbody>
            </table></section>
        @endif
    </main>
</x-layouts.page>
