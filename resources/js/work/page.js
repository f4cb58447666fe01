// A step that is done is kept on this device first, then sent. Without a line it stays kept, and the page says so.
import { keepPage } from './kept.js';
import { flush, nameOfAction, startOutbox } from './outbox.js';
import { all, change, drop, keep } from './store.js';
import { toast, token } from '../shared/parts.js';
import { smaller } from './smaller.js';

const work = document.querySelector('[data-work]');
const user = work?.dataset.user;
const INITIALS = `initials-${user}`;
const TOOL = `tool-${user}`;
let said = '';
/** One after the other: what comes second builds on what is kept by then. */
let keeping = Promise.resolve();
/** It was kept on this device, and opens without a line. */
let opensOffline = false;

if (work) start();

async function start() {
    remember('[data-initials]', INITIALS);
    remember('[data-tool]', TOOL);
    document.addEventListener('submit', onSubmit, true);
    document.addEventListener('change', onPhoto);
    document.addEventListener('click', onClick);
    new MutationObserver(() => mark()).observe(work, { childList: true, subtree: true });
    startOutbox({ lineUrl: work.dataset.line, userId: user, csrf: token(), tell });
    await show();
    opensOffline = await keepPage(user);
    await show();
}

function remember(selector, name) {
    const field = document.querySelector(selector);
    field.value = localStorage.getItem(name) ?? field.value;
    field.addEventListener('change', () => localStorage.setItem(name, field.value));
}

async function tell(sentence) {
    said = sentence;
    await show();
    if (said === '' && opensOffline) opensOffline = await keepPage(user);
}

function onSubmit(event) {
    const form = event.target.closest('form[data-outbox]');
    if (!form) return;
    event.preventDefault();
    form.elements.by.value = document.querySelector('[data-initials]').value.trim();
    form.elements.at.value = minute();
    const tool = document.querySelector('[data-tool]').value.trim();
    if (form.elements.value.type !== 'hidden' && !form.elements.tool.value) form.elements.tool.value = tool;
    const fields = Object.fromEntries([...new FormData(form)].filter(([, value]) => typeof value === 'string'));
    delete fields._token;
    keeping = keeping.then(async () => {
        fields.was = await last(form.dataset.outbox) ?? fields.was;
        await put(form, { url: form.action, fields, label: fields.said });
    });
}

/** What this device itself has said of a step and not sent yet: a second word on it builds on the first. */
async function last(step) {
    const mine = (await all()).filter((each) => each.step === step && each.fields.said && each.user === user).pop();
    if (!mine) return null;
    return JSON.stringify(Object.fromEntries(['by', 'value', 'label', 'tool', 'note'].map((name) => [name, mine.fields[name]])));
}

async function onPhoto(event) {
    const url = event.target.dataset?.photo;
    const [file] = event.target.files ?? [];
    if (!url || !file) return;
    const form = event.target.closest('form');
    const photo = await smaller(file);
    const isKept = await put(form, {
        url, photo, photoName: file.name, label: `Photo: ${form.elements.said.value}`, fields: { of: 'step', of_key: form.dataset.outbox },
    });
    if (isKept) event.target.value = '';
}

/** On the device first; then it is sent. Said truly: what is not kept is not done. */
async function put(form, what) {
    const action = { ...what, once: nameOfAction(), user, step: form.dataset.outbox, at: minute(), page: location.pathname, state: 'kept',
        said: '' };
    try {
        await keep(action);
    } catch {
        toast('Not kept: this device has no room left. Leave the page open and make room, then press it again.', true);
        return false;
    }
    await show();
    flush();
    return true;
}

async function onClick(event) {
    const target = event.target.closest('[data-read],[data-send],[data-drop],[data-over]');
    if (!target) return;
    if (target.dataset.read) return read(target);
    if ('send' in target.dataset) return flush();
    const action = (await all()).find((each) => String(each.n) === (target.dataset.drop ?? target.dataset.over));
    if (!action) return;
    if (target.dataset.drop) await drop(action.n);
    else await change({ ...action, state: 'kept', said: '', once: nameOfAction(), fields: { ...action.fields, was: '{}' } });
    await show();
    flush();
}

/** Asks the instrument; whoever signs for it notes the figure by the box. */
async function read(button) {
    const faults = [...document.querySelectorAll('[data-fault]:checked')].map((box) => box.value).join(',');
    const answer = await fetch(`${button.dataset.read}&faults=${faults}`, { headers: { Accept: 'application/json' } }).catch(() => null);
    if (!answer?.ok) return toast('The instrument does not answer: type the reading.', true);
    const { value, tool } = await answer.json();
    if (value === null) return toast('The instrument shows nothing of that here: type the reading.', true);
    const form = button.closest('form');
    form.elements.value.value = value;
    form.elements.tool.value = tool;
    form.elements.value.focus();
}

function minute() {
    const now = new Date();
    return new Date(now - now.getTimezoneOffset() * 60000).toISOString().slice(0, 16).replace('T', ' ');
}

/** The shelf says what is not sent, and why; each step says it too. */
async function show() {
    const actions = await all();
    const shelf = document.querySelector('[data-outbox-shelf]');
    const kept = actions.filter((each) => each.state === 'kept');
    const stuck = actions.filter((each) => each.state !== 'kept' && each.user === user);
    shelf.hidden = actions.length === 0;
    shelf.replaceChildren(...kept.length ? [line(kept)] : [], ...stuck.map(stuckOne));
    document.body.classList.toggle('opens-offline', opensOffline);
    mark(actions);
}

function line(kept) {
    const text = `${kept.length === 1 ? '1 thing is' : `${kept.length} things are`} kept on this device and not sent yet. ${said}`;
    const row = element('p', text.trim());
    const button = element('button', 'Send now', { type: 'button', className: 'button' });
    button.dataset.send = '';
    row.append(' ', button);
    return row;
}

function stuckOne(action) {
    const row = element('div', '', { className: 'outbox-stuck' });
    row.append(element('p', `Not saved: ${action.label}`), element('p', action.said));
    if (action.state === 'conflict') {
        const over = element('button', 'Send mine over it', { type: 'button', className: 'button' });
        over.dataset.over = action.n;
        row.append(over);
    }
    const away = element('button', 'Drop mine', { type: 'button', className: 'button is-quiet' });
    away.dataset.drop = action.n;
    row.append(away);
    return row;
}

function element(tag, text, properties = {}) {
    return Object.assign(document.createElement(tag), { textContent: text, ...properties });
}

async function mark(actions = null) {
    const waiting = actions ?? await all();
    document.querySelectorAll('[data-kept]').forEach((place) => {
        const form = place.closest('form');
        const mine = waiting.filter((each) => each.step === form.dataset.outbox && each.page === location.pathname);
        const text = mine.length === 0 ? '' : `Kept on this device, not sent yet: ${mine.map((each) => each.at.slice(11)).join(', ')}`;
        if (place.textContent === text) return;
        place.textContent = text;
        place.hidden = text === '';
        form.closest('.step').classList.toggle('is-kept', text !== '');
        for (const each of mine) fill(form, each.fields);
    });
}

/** A page that was loaded anew shows what the device keeps. */
function fill(form, fields) {
    for (const name of ['value', 'label', 'note']) {
        const field = form.elements[name];
        if (field && fields[name] && field.value === field.defaultValue) field.value = fields[name];
    }
}
