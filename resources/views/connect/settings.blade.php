<section class="sheet" id="settings">
    <h2>Settings of the switch <small>usual ranges; its manual comes first</small></h2>
    <div class="scroll" tabindex="0" role="region" aria-label="Settings of the switch"><table class="table">
        <thead><tr><th scope="col">Setting</th><th scope="col">Usual</th><th scope="col">What it is for</th></tr></thead>
        <tbody>@foreach (Underpin\Codebook\TransferSettings::rows() as [$setting, $usual, $for])<tr><th scope="row">{{ $setting }}</th><td>{{ $usual }}</td><td>{{ $for }}</td></tr>@endforeach</tbody>
    </table></div>
</section>
