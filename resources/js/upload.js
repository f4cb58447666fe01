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
    toast(refusals.length ? `${added} of ${files.length} added. ${refusals.join(' ')}` : added === 1 ? 'Photo added' : `${added} photos added`, refusals.length > 0);
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
export function sendFile(url, data, progress, partly = () => {}, headers = {}) {
    return new Promise((resolve, reject) => {
        const request = new XMLHttpRequest();
        request.open('POST', url);
        request.setRequestHeader('X-Parts', '1');
        request.setRequestHeader('X-Requested-With', 'XMLHttpRequest');
        request.setRequestHeader('Accept', 'application/json, text/html');
        for (const [name, value] of Object.entries(headers)) request.setRequestHeader(name, value);
        request.upload.onprogress = (event) => { if (event.lengthComputable) progress(event.loaded / event.total); };
        request.onprogress = () => partly(request.responseText);
        request.onload = () => resolve({ status: request.status, text: request.responseText, url: request.responseURL });
        request.onerror = reject;
        request.onabort = reject;
        request.send(data);
    });
}

/** Interval data: the file goes up with its progress shown, then the reading of it as the server tells it. */
export async function intervals(form) {
    const line = form.querySelector('.progress-line');
    const bar = line.querySelector('progress');
    const words = line.querySelector('output');
    const place = form.querySelector('[data-error="file"]');
    const button = form.querySelector('button');
    place.textContent = '';
    line.hidden = false;
    button.disabled = true;
    const last = (text) => { try { return JSON.parse(text.trimEnd().split('\n').pop()); } catch { return {}; } };
    try {
        const answer = await sendFile(form.action, new FormData(form), (share) => {
            bar.value = share / 2;
            words.textContent = share < 1 ? `Sending ${Math.round(100 * share)} %` : 'Reading';
        }, (text) => {
            const { readings, share } = last(text.slice(0, text.lastIndexOf('\n')));
            if (readings === undefined) return;
            if (share === null) bar.removeAttribute('value'); else bar.value = 0.5 + share / 2;
            words.textContent = `Reading: ${readings.toLocaleString('en-US')} values`;
        }, { 'X-Progress': '1' });
        const { to, error } = answer.status === 200 ? last(answer.text) : {};
        if (to) return location.assign(to);
        place.textContent = error ?? (answer.status === 413 ? 'The file is larger than 120 MB.' : reason(answer, { name: 'The file' }));
    } catch {
        place.textContent = 'No answer from the server. Nothing was changed; try again.';
    }
    line.hidden = true;
    button.disabled = false;
}
