// Sends what is kept, in its order, once and only once: each action carries a name by which the server knows it again, and what its page
// showed, by which it sees whether somebody else was quicker. One sender at a time, whatever pages are open.
import { all, change, drop } from './store.js';
import { load, swap } from '../shared/parts.js';

const RETRY_MS = 4000;
// A line that broke without a word never answers: what was asked is asked again, and the server knows it by its name.
const PATIENCE_MS = 20_000;
const PATIENCE_PHOTO_MS = 120_000;
const NO_ANSWER = [500, 502, 503, 504];

let line = '';
let user = '';
let token = '';
let told = () => {};
let later = null;
let isBehind = false;

/** @param tell  called with a sentence on the line whenever something has changed */
export function startOutbox({ lineUrl, userId, csrf, tell }) {
    [line, user, token, told] = [lineUrl, userId, csrf, tell];
    addEventListener('online', () => flush());
    document.addEventListener('visibilitychange', () => { if (!document.hidden) flush(); });
    flush();
}

/** A name of 32 digits that no other action has. */
export function nameOfAction() {
    return [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

export function flush() {
    clearTimeout(later);
    if (!navigator.locks) return work();
    return navigator.locks.request('underpin-outbox', { ifAvailable: true }, (lock) => (lock ? work() : wait()));
}

function wait() {
    clearTimeout(later);
    later = setTimeout(flush, RETRY_MS);
}

async function work() {
    for (;;) {
        const mine = (await all()).filter((each) => each.state === 'kept' && each.user === user);
        if (mine.length === 0) return upToDate();
        const stop = await send(mine[0], mine.length > 1).catch(() => 'The server does not answer.');
        if (stop !== null) {
            await told(stop);
            return wait();
        }
        await told('');
    }
}

/** Nothing is left to send: where the last answer did not make the page anew, the page is asked for. */
async function upToDate() {
    if (isBehind) await load(location.href);
    isBehind = false;
    await told('');
}

/** Null: the next may go; else why nothing goes now. The page is made anew with the last of many. */
async function send(action, isMoreToCome) {
    const parts = isMoreToCome ? 'none' : prints();
    let answer = await post(action, parts);
    if (answer.status === 419) {
        const why = await renew();
        if (why !== null) return why;
        answer = await post(action, parts);
    }
    if (answer.status === 401 || answer.redirected) return 'Signed out: sign in again, then it is sent. Nothing is lost.';
    if (NO_ANSWER.includes(answer.status)) return 'The server does not answer.';
    if (answer.status === 429) return 'Too much at once: it goes on in a minute.';
    if (answer.ok) {
        await drop(action.n);
        isBehind = isMoreToCome || answer.status === 208;
        if (!isBehind) swap(await answer.text(), null);
        return null;
    }
    await change({ ...action, state: answer.status === 409 ? 'conflict' : 'refused', said: await reason(answer) });
    return null;
}

function post(action, parts) {
    const data = new FormData();
    for (const [name, value] of Object.entries(action.fields)) data.set(name, value);
    data.set('_token', token);
    if (action.photo) data.set('photos[]', action.photo, action.photoName);
    return fetch(action.url, {
        method: 'POST', body: data, signal: AbortSignal.timeout(action.photo ? PATIENCE_PHOTO_MS : PATIENCE_MS),
        headers: { 'X-Once': action.once, 'X-Parts': parts, 'X-Requested-With': 'XMLHttpRequest',
            Accept: 'application/json, text/html' },
    });
}

/** A page that was kept holds the token of an old session. */
async function renew() {
    const answer = await fetch(line, { headers: { Accept: 'application/json' }, signal: AbortSignal.timeout(PATIENCE_MS) });
    if (!answer.ok || answer.redirected) return 'Signed out: sign in again, then it is sent. Nothing is lost.';
    const now = await answer.json();
    if (String(now.user) !== user) return 'Somebody else is signed in: who did it signs in, then it is sent.';
    token = now.token;
    document.querySelector('meta[name="csrf-token"]').content = token;
    document.querySelectorAll('input[name="_token"]').forEach((field) => { field.value = token; });
    return null;
}

function prints() {
    return [...document.querySelectorAll('[data-print]')].map((part) => `${part.id.slice(5)}:${part.dataset.print}`).join(' ') || '1';
}

async function reason(answer) {
    const text = await answer.text();
    try {
        const said = JSON.parse(text);
        return said.errors ? Object.values(said.errors).flat().join(' ') : said.message;
    } catch {
        return new DOMParser().parseFromString(text, 'text/html').body.innerText.trim().replace(/\s+/g, ' ').slice(0, 400);
    }
}
