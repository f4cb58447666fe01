// The keys of every page; a page adds its own.

import { toast } from './parts.js';

const own = [];

/** A handler of its own keys: true when it has used the key. */
export function onKey(handler) { own.push(handler); }

export function toggleNight() {
    const night = document.documentElement.dataset.theme !== 'night';
    document.documentElement.dataset.theme = night ? 'night' : 'day';
    document.cookie = `night=${night ? 1 : 0}; path=/; max-age=31536000; samesite=lax`;
}

export function startKeys() {
    document.addEventListener('keydown', (event) => {
        if (isStepBack(event)) return event.preventDefault();
        if (event.ctrlKey || event.metaKey || event.target.closest('input, textarea, select, dialog')) return;
        if (own.some((handler) => handler(event)) || act(event)) event.preventDefault();
    });
}

/** Ctrl and z takes a step back like u, and with Shift forward: in a field only while nothing was typed into it. */
function isStepBack(event) {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || event.target.closest('dialog, [data-grid]')) return false;
    const isField = event.target.matches('input, textarea');
    return !(isField && event.target.value !== event.target.defaultValue) && submit(event.shiftKey ? 'redo-form' : 'undo-form');
}

/** The letter or digit of a key, also with Alt, which makes other signs of them on some keyboards. */
export function keyOf(event) {
    const found = event.altKey ? /^(?:Key|Digit)([A-Z0-9])$/.exec(event.code) : null;
    if (!found) return event.key;
    return event.shiftKey ? found[1] : found[1].toLowerCase();
}

/**
 * While a drawer with fields is open, letters may be meant for one that has lost the focus: what changes something
 * then wants Alt. True when this key may act.
 */
export function isMeant(event, what) {
    const isOpen = [...document.querySelectorAll('#part-drawer :is(input, select, textarea)')].some((field) => field.type !== 'hidden');
    if (event.altKey || !isOpen) return true;
    toast(`Nothing was done: with the drawer open, Alt + ${event.key} ${what}.`);
    return false;
}

const MEANT = { n: 'switches day and night', u: 'undoes', U: 'does again' };

function act(event) {
    const key = keyOf(event);
    if (event.altKey && !MEANT[key]) return false;
    if (MEANT[key] && !isMeant(event, MEANT[key])) return true;
    switch (key) {
        case '[': return goStage(-1);
        case ']': return goStage(1);
        case '/': return show('finder');
        case '?': return show('keys');
        case 'c': return show('begin');
        case 'n': toggleNight(); return true;
        case 'u': return submit('undo-form');
        case 'U': return submit('redo-form');
        default: return false;
    }
}

export function goStage(by) {
    const stages = [...document.querySelectorAll('[data-stage]')];
    const next = stages[stages.findIndex((stage) => stage.hasAttribute('aria-current')) + by];
    if (next) location.assign(next.href);
    return Boolean(next);
}

function show(id) {
    const dialog = document.getElementById(id);
    dialog?.showModal();
    return Boolean(dialog);
}

function submit(id) {
    const form = document.getElementById(id);
    form?.requestSubmit();
    return Boolean(form);
}
