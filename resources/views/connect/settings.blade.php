@php($set = $screen->job->connection->settings)
<section class="sheet" id="settings">
    <h2>Settings of the switch <small>its manual comes first</small></h2>
    <section class="scroll" tabindex="0" aria-label="Settings of the switch"><table class="table settings">
        <thead><tr><th scope="col">Setting</th><th scope="col">Set here</th><th scope="col">Usual</th><th scope="col">What it is for</th></tr></thead>
        <tbody>@foreach (Underpin\Codebook\TransferSettings::all() as $setting)
            <tr><th scope="row">{{ $setting->title }}</th>
                <td><form class="setting-row" method="post" action="{{ route('jobs.connection.setting', $screen->row->id) }}" data-parts data-autosave>
                    @csrf @method('PUT')<x-was :values="[$setting->key => $set[$setting->key] ?? null]"/>
                    <input class="input num" id="setting-{{ $setting->key }}" name="{{ $setting->key }}" value="{{ $set[$setting->key] ?? '' }}" inputmode="decimal" autocomplete="off" aria-label="{{ $setting->title }}, {{ $setting->unit }}"> <span class="unit">{{ $setting->unit }}</span>
                    <p class="error" data-error="{{ $setting->key }}"></p><noscript><button type="submit" class="button">Save</button></noscript>
                </form></td>
                <td>{{ $setting->words }}</td><td>{{ $setting->for }}</td></tr>
        @endforeach
            @php([$title, $usual, $for] = Underpin\Codebook\TransferSettings::IN_PHASE)
            <tr><th scope="row">{{ $title }}</th><td class="quiet">by the switch</td><td>{{ $usual }}</td><td>{{ $for }}</td></tr>
        </tbody>
    </table></section>
</section>
