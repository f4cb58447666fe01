@php($f = (new App\Http\Requests\Jobs\NewJobRequest)->form()->field('name'))
<dialog id="begin" aria-label="New job">
    <form id="begin-job" method="post" action="{{ route('jobs.store') }}">
        @csrf
        <div class="field"><label class="label" for="begin-name">Name of the new job</label>
            <input class="input" id="begin-name" name="name" type="text" maxlength="{{ $f->type->longest }}" required autocomplete="off"></div>
        <p class="actions gap"><button type="submit" class="button is-primary">Begin</button> <button class="button" type="button" data-close>Close</button></p>
    </form>
</dialog>
