// A change goes to the server, the core answers, and the parts that changed come back as HTML.
// Changes are sent one after the other, so that each builds on what the one before left.

import { formId } from './form-id.js';
import { begin, untilAnswered } from './line.js';
import { morph } from './morph.js';

let queue = Promise.resolve();

export function send(form, submitter) {
    const data = new FormData(form, submitter);
    const id = formId(form);
    return inTurn(id, () => deliver({ url: form.action, id, data }));
}

/** A change that needs no form on the page: { url, data, was } with was read when its turn comes. */
export function post(url, fields, was) {
    return inTurn('', () => {
        const data = new FormData();
        data.set('_token', token());
        for (const [name, value] of Object.entries(fields)) data.set(name, value);
        data.set('was', JSON.stringify(was()));
        return deliver({ url, id: '', data });
    });
}

function inTurn(id, change) {
    const end = begin(id);
    queue = queue.then(change).catch(failed).finally(end);
    return queue;
}

/** Sends a form and shows the page that it leads to, without losing the place on it. */
export async function refresh(form) {
    await queue;
    try {
        const response = await fetch(form.action, {
            method: 'POST', body: new FormData(form), headers: { Accept: 'text/html, application/json' },
        });
        if (!response.ok) return refused(response, formId(form));
        const page = new DOMParser().parseFromString(await response.text(), 'text/html');
        if (!page.getElementById('page')) return location.assign(response.url);
        for (const id of ['part-header', 'page', 'toast']) {
            const fresh = page.getElementById(id);
            if (fresh) document.getElementById(id)?.replaceWith(document.importNode(fresh, true));
        }
        toast();
    } catch {
        failed();
    }
}

/** Fetches a part of the page by address. The newest request wins. */
let fetching = null;
export async function load(url) {
    fetching?.abort();
    fetching = new AbortController();
    try {
        const response = await fetch(url, { headers: { 'X-Parts': parts() }, signal: fetching.signal });
        if (response.redirected) return location.assign(response.url);
        if (response.ok) swap(await response.text());
    } catch (error) {
        if (error.name !== 'AbortError') toast('No answer from the server: what is shown here may be old.', true);
    }
}

async function deliver({ url, id, data }) {
    const live = id ? document.getElementById(id) : null;
    const was = live?.querySelector('input[name="was"]');
    if (was) data.set('was', was.value);
    const once = nameOfChange();
    const ask = () => fetch(url, {
        method: 'POST', body: data,
        headers: {
            'X-Once': once,
            'X-Parts': parts(), 'X-Flagged': flagged(), 'X-Requested-With': 'XMLHttpRequest',
            Accept: 'application/json, text/html',
        },
    });
    const response = await untilAnswered(ask);
    if (response.status === 208) {
        await load(location.href);
        return toast('Saved');
    }
    if (response.redirected) return location.assign(response.url);
    if (!response.ok) return refused(response, id);
    swap(await response.text(), { id, data });
    settle(id, data);
    toast(decodeURIComponent(response.headers.get('X-Said') ?? ''));
}

/** What the server is told of this page, so that it sends what differs. */
export function partsHeads() { return { 'X-Parts': parts(), 'X-Flagged': flagged(), 'X-Once': nameOfChange() }; }

/** By it the server knows a change that it has made already, and whose answer was lost. */
function nameOfChange() {
    return [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** The parts of this page by name, each with the print of what it shows: the server sends those that differ. */
function parts() {
    const here = [...document.querySelectorAll('[data-print]')].map((part) => `${part.id.slice(5)}:${part.dataset.print}`);
    return here.join(' ') || '1';
}

/** The breakers that are shown with a flag. */
function flagged() {
    return [...document.querySelectorAll('.breaker:has(.flagged)')].map((breaker) => breaker.dataset.at).join(',');
}

/** What was sent is saved: its fields hold what the server made of it, and no refusal. */
function settle(id, data) {
    const form = id ? document.getElementById(id) : null;
    form?.querySelectorAll('[data-error]').forEach((place) => { place.textContent = ''; });
    for (const field of form?.elements ?? []) {
        field.removeAttribute('aria-invalid');
        const isText = field.defaultValue !== undefined && field.type !== 'file' && field.type !== 'hidden';
        if (isText && data.get(field.name) === field.value) field.value = field.defaultValue;
    }
}

async function refused(response, id) {
    if (response.status === 401) return location.assign('/sign-in');
    if (response.status === 409) {
        const dialog = document.getElementById('conflict');
        dialog.innerHTML = await response.text();
        return dialog.showModal();
    }
    if (response.status === 419) return toast('The page was open for too long. Load it again, then save once more.', true);
    if (response.status === 403 || response.status === 413) return toast((await response.json()).message, true);
    if (response.status === 429) {
        return toast(`Not saved: too much at once. Wait ${response.headers.get('Retry-After') ?? 60} seconds, then save again.`, true);
    }
    if (response.status !== 422) return toast('This could not be saved. What was saved before is still there.', true);
    const { errors } = await response.json();
    const form = document.getElementById(id);
    form?.querySelectorAll('[data-error]').forEach((place) => { place.textContent = ''; });
    form?.querySelectorAll('[aria-invalid]').forEach((field) => field.removeAttribute('aria-invalid'));
    const elsewhere = [];
    for (const [name, messages] of Object.entries(errors)) {
        const place = form?.querySelector(`[data-error="${CSS.escape(name)}"]`);
        if (place) {
            place.textContent = messages.join(' ');
            form.elements[name]?.setAttribute?.('aria-invalid', 'true');
        } else {
            elsewhere.push(...messages);
        }
    }
    toast(elsewhere.length ? elsewhere.join(' ') : 'Not saved: see the marked field.', true);
}

function failed() {
    toast('Not saved: no answer from the server. Check the connection, then save again.', true);
}

/** Parts that show the selected circuit: an answer about another one comes too late for them. */
const OF_SELECTION = ['part-drawer', 'part-role', 'part-own', 'part-findings'];

/** Brings the page to what was sent; sent is the form that it answers, if any. */
export function swap(html, sent = null) {
    const answer = new DOMParser().parseFromString(html, 'text/html');
    const here = selected();
    const focused = document.activeElement?.closest('[data-board] [id]')?.id;
    answer.querySelectorAll('body > [id], body > svg > [id], body > table > tbody > [id]').forEach((part) => {
        if (OF_SELECTION.includes(part.id) && here && part.dataset.at && part.dataset.at !== here) return;
        const old = document.getElementById(part.id);
        if (old) morph(old, document.importNode(part, true), sent);
    });
    mark(here ?? document.getElementById('part-drawer')?.dataset.at);
    // A breaker that was drawn anew keeps the keys that were for it.
    if (focused && document.activeElement === document.body) document.getElementById(focused)?.focus({ preventScroll: true });
}

let at = null;
export function selected() { return at; }
export function select(key) { at = key; mark(key); }

function mark(key) {
    document.querySelectorAll('.breaker.is-selected, .free.is-selected, tr.is-selected')
        .forEach((each) => each.classList.remove('is-selected'));
    if (!key) return;
    document.getElementById(`c-${key}`)?.classList.add('is-selected');
    document.getElementById(`row-${key}`)?.classList.add('is-selected');
}

export function token() { return document.querySelector('meta[name="csrf-token"]').content; }

/** What is said stands in the other half of the screen than the one that was touched last: it never covers what is clicked. */
document.addEventListener('pointerdown', (event) => {
    document.getElementById('toast')?.classList.toggle('is-above', event.clientY > innerHeight / 2);
}, true);

let hiding;
export function toast(text, bad = false) {
    const place = document.getElementById('toast');
    if (text !== undefined) {
        place.textContent = text;
        place.classList.toggle('is-bad', bad);
    }
    clearTimeout(hiding);
    hiding = setTimeout(() => {
        place.textContent = '';
        place.classList.remove('is-bad');
    }, bad || place.querySelector('form') ? 12000 : 3500);
}
