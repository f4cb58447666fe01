// Photos go up one after the other with their progress shown. One that is refused is named; the others stay.
import { swap, toast, token } from './parts.js';
import { reason, sendFile } from './send-file.js';

export function startPhotos() {
    document.addEventListener('change', (event) => {
        const form = event.target.closest?.('form[data-upload="photos"]');
        if (form && event.target.type === 'file' && event.target.files.length) photos(form, [...event.target.files], event.target.name);
    });
}

async function photos(form, files, name) {
    const shelf = form.closest('[id]').id;
    const bar = form.querySelector('progress');
    const place = form.querySelector('[data-error]');
    place.textContent = '';
    bar.hidden = false;
    const refusals = [];
    let html = '';
    let waiting = 0;
    for (const [i, file] of files.entries()) {
        toast(`Sending ${i + 1} of ${files.length}: ${file.name}`);
        const data = new FormData();
        for (const field of ['of', 'of_key']) data.set(field, form.elements[field].value);
        data.set('_token', token());
        data.set(name, file);
        try {
            const answer = await sendFile(form.action, data, (share) => { bar.value = (i + share) / files.length; });
            if (answer.status === 202) waiting += 1;
            if (answer.status === 200 || answer.status === 202) html = answer.text;
            else refusals.push(reason(answer, file));
        } catch {
            refusals.push(`${file.name}: not added, no answer from the server. Choose it again.`);
        }
    }
    bar.hidden = true;
    if (html) swap(html);
    const fresh = document.getElementById(shelf)?.querySelector('[data-error]') ?? place;
    fresh.textContent = refusals.join(' ');
    const added = files.length - refusals.length - waiting;
    const large = waiting ? `${waiting} large: being made smaller, not kept yet. ` : '';
    const good = large + (added === 0 ? '' : added === 1 ? 'Photo added' : `${added} photos added`);
    toast(refusals.length ? `${added} of ${files.length} added. ${refusals.join(' ')}` : good, refusals.length > 0);
}
