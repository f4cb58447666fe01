<dialog id="begin" aria-label="New job">
    <form id="begin-job" method="post" action="{{ route('jobs.store') }}">
        @csrf
        <x-field :of="(new App\Http\Requests\Jobs\NewJobRequest)->form()->field('name')" id="begin-name" label="Name of the new job" required/>
        <p class="actions gap"><button type="submit" class="button is-primary">Begin</button> <button class="button" type="button" data-close>Close</button></p>
    </form>
</dialog>
