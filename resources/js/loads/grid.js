// The loads as a sheet: what the server made of a line comes back as that line; a step back is the job's own; names suggest figures.
import { formId } from '../shared/form-id.js';
import { goStage, onKey } from '../shared/keys.js';
import { morph } from '../shared/morph.js';
import { partsHeads, swap, toast } from '../shared/parts.js';
import { heads, rows, say, startGrid } from '../shared/grid.js';
import { startSorting } from './grid-sort.js';

const table = document.getElementById('loads-grid');
const own = {
    heads: () => ({ 'X-Grid': '1', ...partsHeads() }), answered, back: () => history('undo-form'), more: anotherLoad, key: ownKey,
};

let grid = null;
if (table) {
    grid = startGrid(table, own);
    startSorting(table);
    table.addEventListener('click', (event) => {
        const button = event.target.closest('button[data-take]');
        if (button) take(button.dataset.take);
    });
    // Before the page's own listeners: here an answer brings lines, not a page.
    document.addEventListener('submit', (event) => {
        const form = event.target;
        const id = formId(form);
        if (!['undo-form', 'redo-form', 'take-all'].includes(id)) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        if (id === 'take-all') take('');
        else history(id);
    }, true);
}

onKey((event) => {
    if (event.key === 'g') return Boolean(otherView());
    if (event.key === 'T' && table) return Boolean(take(''));
    return false;
});

function otherView() {
    location.assign(document.querySelector('[data-other-view]').href);
    return true;
}

function ownKey(event) {
    if (event.altKey && ['KeyG', 'KeyT', 'BracketLeft', 'BracketRight'].includes(event.code)) {
        event.preventDefault();
        if (event.code === 'KeyG') otherView();
        else if (event.code !== 'KeyT') leaveFor(event.code === 'BracketRight' ? 1 : -1);
        else take(event.shiftKey ? '' : event.target.closest('tr').dataset.circuit ?? null);
        return true;
    }
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
        event.preventDefault();
        anotherLoad();
        return true;
    }
    return false;
}

/** To the stage after or before, once what was typed is saved. */
async function leaveFor(step) {
    document.activeElement.blur();
    await grid.queue;
    goStage(step);
}

/** One more load on the breaker whose line has the focus. */
function anotherLoad() {
    const row = document.activeElement.closest('tr[data-circuit]');
    if (!row) return say(table, 'Go to a cell of the breaker first.');
    const next = row.cloneNode(true);
    delete next.dataset.missing;
    delete next.dataset.name;
    next.removeAttribute('id');
    next.dataset.row = `${row.dataset.circuit}/new ${Date.now()}`;
    next.querySelector('[data-take]')?.remove();
    for (const input of next.querySelectorAll('input')) {
        const isOfLoad = ['load', 'run_w', 'start_w'].includes(input.dataset.column);
        input.removeAttribute('id');
        input.removeAttribute('placeholder');
        input.setAttribute('aria-label', `${input.dataset.column.replace('_w', 's')}, another load`);
        input.removeAttribute('aria-labelledby');
        input.readOnly = !isOfLoad;
        input.tabIndex = isOfLoad ? 0 : -1;
        if (isOfLoad) input.value = input.defaultValue = '';
    }
    row.after(next);
    next.querySelector('[data-column="load"]').focus();
}

async function take(circuit) {
    if (circuit === null) return say(table, 'Nothing is suggested for this line.');
    // What is being typed goes first.
    document.activeElement?.blur();
    await grid.queue;
    await ask(table.dataset.suggestions, { circuit });
}

async function history(id) {
    const form = document.getElementById(id);
    if (!form) return say(table, id === 'undo-form' ? 'Nothing more to take back.' : 'Nothing to do again.');
    const { seq, label } = Object.fromEntries(new FormData(form));
    await ask(form.action, { seq, label });
}

async function ask(url, fields) {
    const response = await fetch(url, { method: 'POST', body: JSON.stringify(fields), headers: heads(own) }).catch(() => null);
    const answer = await response?.json().catch(() => ({}));
    if (!response?.ok) return say(table, answer?.message ?? 'Not done: no answer from the server.', true);
    if (answer.reload) return location.reload();
    answered(answer, new Map());
    say(table, answer.said);
    toast(answer.said);
}

/** Lines that are other now take the place of the old ones; a line of a breaker that is gone goes. */
function answered(answer, sent) {
    const here = table.contains(document.activeElement) ? document.activeElement : null;
    const column = here?.dataset.column;
    const page = new DOMParser().parseFromString(answer.html, 'text/html');
    for (const line of sent.values()) if (line.dataset.row) line.dataset.circuit = line.dataset.row.split('/')[0];
    const byCircuit = Map.groupBy(page.querySelectorAll('[data-lines] tr'), (row) => row.dataset.circuit);
    let focused = null;
    for (const circuit of answer.circuits) {
        const fresh = byCircuit.get(circuit) ?? [];
        const old = [...table.tBodies[0].querySelectorAll(`tr[data-circuit="${CSS.escape(circuit)}"]`)];
        let last = old.at(-1) ?? null;
        for (const row of fresh) {
            const same = old.find((each) => each.dataset.row === row.dataset.row);
            if (same) {
                old.splice(old.indexOf(same), 1);
                same.id = row.id;
                morph(same, document.importNode(row, true), null);
                last = same;
            } else {
                const made = document.importNode(row, true);
                if (last) last.after(made);
                else table.tBodies[0].querySelector('[data-blank]').before(made);
                last = made;
            }
        }
        for (const gone of old) {
            // A line that is being typed into, and is not saved, stays.
            const isTyped = [...gone.querySelectorAll('input')].some((each) => each.value !== each.defaultValue);
            if (isTyped && gone.dataset.row.includes('/new ')) continue;
            if (gone.contains(here)) focused = rows(table)[Math.max(0, rows(table).indexOf(gone) - 1)];
            gone.remove();
        }
    }
    page.querySelector('[data-lines]')?.remove();
    swap(page.body.innerHTML);
    if (focused) focused.querySelector(`[data-column="${column}"]`)?.focus();
}
