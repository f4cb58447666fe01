@php($row = $screen->row)
<details id="part-details" class="sheet" @if (($screen->job->service->panels !== [] && ($row->customer_name === '' || $row->service_a === null)) || $errors->hasAny(['name', 'customer_name', 'service_a'])) open @endif>
    <summary>Job and customer <small>{{ $row->customer_name ?: 'no customer yet' }}{{ $row->service_a ? ', '.$row->service_a.' A service' : '' }}</small></summary>
    @php($was = App\Http\Controllers\Jobs\JobController::facts($screen->job))
    @php($f = (new App\Http\Requests\Jobs\JobFactsRequest)->form())
    <form id="job-form" method="post" action="{{ route('jobs.update', $row->id) }}" data-parts data-autosave>
        @csrf @method('PATCH')
        <x-was :values="$was"/>
        <div class="fields">
            <x-field :of="$f->field('name')" id="j-name" :value="$row->name"/>
            <x-field :of="$f->field('customer_name')" id="j-customer" :value="$row->customer_name"/>
            <x-field :of="$f->field('service_a')" id="j-service" :value="$row->service_a"/>
        </div>
        <div class="fields">
            <x-field :of="$f->field('customer_address')" id="j-address" :value="$row->customer_address"/>
            <x-field :of="$f->field('customer_phone')" id="j-phone" :value="$row->customer_phone"/>
            <x-field :of="$f->field('customer_email')" id="j-email" :value="$row->customer_email"/>
            <x-field :of="$f->field('customer_utility_phone')" id="j-utility" :value="$row->customer_utility_phone" hint="it stands on the card"/>
        </div>
        <x-field :of="$f->field('notes')" id="j-notes" :value="$row->notes"/>
        <button type="submit" class="button is-primary">Save</button>
    </form>
</details>
