// Files go up one after the other with their progress shown. One that is refused is named; the others stay.
import { swap, toast, token } from './parts.js';

export function startUploads() {
    document.addEventListener('submit', (event) => {
        if (!event.target.matches('form[data-upload="intervals"]')) return;
        event.preventDefault();
        intervals(event.target);
    });
    document.addEventListener('change', (event) => {
        const form = event.target.closest?.('form[data-upload="photos"]');
        if (form && event.target.type === 'file' && event.target.files.length) photos(form, [...event.target.files], event.target.name);
    });
}

async function photos(form, files, name) {
    const bar = form.querySelector('progress');
    const place = form.querySelector('[data-error]');
    place.textContent = '';
    bar.hidden = false;
    const refusals = [];
    let html = '';
    for (const [i, file] of files.entries()) {
        toast(`Sending ${i + 1} of ${files.length}: ${file.name}`);
        const data = new FormData();
        for (const field of ['of', 'of_key']) data.set(field, form.elements[field].value);
        data.set('_token', token());
        data.set(name, file);
        try {
            const answer = await sendFile(form.action, data, (share) => { bar.value = (i + share) / files.length; });
            if (answer.status === 200) html = answer.text;
            else refusals.push(reason(answer, file));
        } catch {
            refusals.push(`${file.name}: not added, no answer from the server. Choose it again.`);
        }
    }
    bar.hidden = true;
    if (html) swap(html);
    const fresh = document.getElementById(form.closest('[id]').id)?.querySelector('[data-error]') ?? place;
    fresh.textContent = refusals.join(' ');
    const added = files.length - refusals.length;
    const good = added === 1 ? 'Photo added' : `${added} photos added`;
    toast(refusals.length ? `${added} of ${files.length} added. ${refusals.join(' ')}` : good, refusals.length > 0);
}

function reason(answer, file) {
    if (answer.status === 413) return `${file.name}: not added, it is too large.`;
    try {
        return Object.values(JSON.parse(answer.text).errors).flat().join(' ');
    } catch {
        return `${file.name}: not added.`;
    }
}

/** A request with progress, which fetch does not tell. */
export function sendFile(url, data, progress) {
    return new Promise((resolve, reject) => {
        const request = new XMLHttpRequest();
        request.open('POST', url);
        request.setRequestHeader('X-Parts', '1');
        request.setRequestHeader('X-Requested-With', 'XMLHttpRequest');
        request.setRequestHeader('Accept', 'application/json, text/html');
        request.upload.onprogress = (event) => { if (event.lengthComputable) progress(event.loaded / event.total); };
        request.onload = () => resolve({ status: request.status, text: request.responseText, url: request.responseURL });
        request.onerror = reject;
        request.onabort = reject;
        request.send(data);
    });
}

/** Interval data: the file goes up with its progress shown; the reading of it is a run, which its page shows. */
export async function intervals(form) {
    const line = form.querySelector('.progress-line');
    const bar = line.querySelector('progress');
    const words = line.querySelector('output');
    const place = form.querySelector('[data-error="file"]');
    const button = form.querySelector('button');
    place.textContent = '';
    line.hidden = false;
    button.disabled = true;
    try {
        const answer = await sendFile(form.action, new FormData(form), (share) => {
            bar.value = share;
            words.textContent = `Sending ${Math.round(100 * share)} %`;
        });
        if (answer.status === 200) return location.assign(JSON.parse(answer.text).to);
        place.textContent = answer.status === 413 ? 'The file is larger than 120 MB.' : reason(answer, { name: 'The file' });
    } catch {
        place.textContent = 'No answer from the server. Nothing was changed; try again.';
    }
    line.hidden = true;
    button.disabled = false;
}
