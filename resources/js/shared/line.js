// The line to the server. While it is down nothing that was sent is lost or pretends to be saved: it waits,
// says so, and goes in its order when the line is back. A change has a name, by which the server knows one that it
// has made already; what its page showed ("was") tells it whether somebody else was quicker.

import { formId } from './form-id.js';

const RETRY_MS = 3000;
const NO_ANSWER = [502, 503, 504];

const waiting = [];
/** Since the line was down and until everything is answered. */
let isBehind = false;

/** Notes a change that is on its way; the answer to it ends it. */
export function begin(id) {
    const change = { id };
    waiting.push(change);
    show();
    return () => {
        waiting.splice(waiting.indexOf(change), 1);
        document.getElementById(id)?.classList.remove('is-unsaved');
        isBehind = isBehind && waiting.length > 0;
        show();
    };
}

/** Asks until there is an answer. */
export async function untilAnswered(ask) {
    for (;;) {
        const response = await ask().catch(() => null);
        if (response && !NO_ANSWER.includes(response.status)) return response;
        isBehind = true;
        show();
        await chance();
    }
}

let made = 0;

/**
 * A form that leads to another page leaves this one only when there is an answer to be had: an error page of the
 * browser would take what was typed with it.
 */
export async function leaveWith(form, submitter) {
    if (form.dataset.leaving) return;
    form.dataset.leaving = '1';
    if (formId(form) === '') form.setAttribute('id', `form-${made += 1}`);
    const end = begin(formId(form));
    await untilAnswered(() => fetch('/mark.svg', { method: 'HEAD', cache: 'no-store' }));
    end();
    delete form.dataset.leaving;
    if (submitter?.name) {
        const said = Object.assign(document.createElement('input'), { type: 'hidden', name: submitter.name, value: submitter.value });
        form.append(said);
    }
    // Not asked again: what the fields demand was looked at when the button was pressed.
    HTMLFormElement.prototype.submit.call(form);
}

/** A moment later, or when the device says that it is on the line again. */
function chance() {
    return new Promise((resolve) => {
        const go = () => {
            clearTimeout(later);
            removeEventListener('online', go);
            resolve();
        };
        const later = setTimeout(go, RETRY_MS);
        addEventListener('online', go);
    });
}

function show() {
    const place = document.getElementById('unsaved');
    if (!place) return;
    const text = isBehind && waiting.length
        ? `${waiting.length === 1 ? '1 change is' : `${waiting.length} changes are`} not saved: the server does not answer. `
            + 'Leave this page open; what waits is sent when the line is back.'
        : '';
    if (place.textContent !== text) place.textContent = text;
    if (isBehind) waiting.forEach(({ id }) => document.getElementById(id)?.classList.add('is-unsaved'));
}

addEventListener('beforeunload', (event) => {
    if (isBehind && waiting.length) event.preventDefault();
});
