// A table that is filled like a sheet: arrows and Enter move, a block is copied, pasted and filled down, each cell is saved as it
// is left, and one step back takes a whole paste back. The server says what it takes; what it refuses stays typed, marked and named.

import { begin } from './line.js';

const SAVED_AT_ONCE = 200;

export function startGrid(table) {
    const state = { table, undo: [], queue: Promise.resolve(), anchor: null, focus: null };
    for (const input of cells(table)) remember(input);
    table.addEventListener('focusin', (event) => point(state, event.target, false));
    table.addEventListener('pointerdown', (event) => {
        if (event.shiftKey && event.target.matches('input') && state.anchor) {
            event.preventDefault();
            point(state, event.target, true);
        }
    });
    table.addEventListener('focusout', (event) => event.target.matches('input') && leave(state, [event.target]));
    table.addEventListener('keydown', (event) => key(state, event));
    table.addEventListener('copy', (event) => copy(state, event));
    table.addEventListener('paste', (event) => paste(state, event));
    table.addEventListener('input', (event) => event.target.closest('tr').matches('[data-blank]') && grow(event.target.closest('tr')));
    for (const tool of document.querySelectorAll(`[data-grid-tool][data-of="${table.id}"]`)) {
        // The cell keeps the focus, so that what is chosen stays chosen.
        tool.addEventListener('pointerdown', (event) => event.preventDefault());
        tool.addEventListener('click', () => (tool.dataset.gridTool === 'fill' ? fill(state) : back(state)));
    }
}

function cells(table) {
    return [...table.tBodies[0].querySelectorAll('input')];
}

function rows(table) {
    return [...table.tBodies[0].rows];
}

function remember(input) {
    input.dataset.saved = input.value;
}

function at(input) {
    const row = input.closest('tr');
    return [row.sectionRowIndex, [...row.querySelectorAll('input')].indexOf(input)];
}

function cell(state, row, column) {
    return rows(state.table)[row]?.querySelectorAll('input')[column] ?? null;
}

function point(state, input, extend) {
    if (!input.matches('input')) return;
    state.focus = input;
    if (!extend) state.anchor = input;
    const chosen = new Set(block(state).flat());
    for (const each of cells(state.table)) each.classList.toggle('is-chosen', chosen.size > 1 && chosen.has(each));
}

/** The cells between the two corners, by rows. */
function block(state) {
    if (!state.anchor?.isConnected || !state.focus?.isConnected) return [];
    const [[r1, c1], [r2, c2]] = [at(state.anchor), at(state.focus)];
    const lines = [];
    for (let r = Math.min(r1, r2); r <= Math.max(r1, r2); r++) {
        const line = [];
        for (let c = Math.min(c1, c2); c <= Math.max(c1, c2); c++) line.push(cell(state, r, c));
        lines.push(line.filter(Boolean));
    }
    return lines;
}

function key(state, event) {
    const input = event.target;
    const [row, column] = at(input);
    const go = (r, c) => {
        const next = cell(state, r, c);
        if (!next) return;
        event.preventDefault();
        if (event.shiftKey && event.key.startsWith('Arrow')) return point(state, next, true);
        next.focus();
        next.select();
    };
    const [r, c] = event.shiftKey && state.focus ? at(state.focus) : [row, column];
    if (event.key === 'ArrowDown') go(r + 1, c);
    else if (event.key === 'ArrowUp') go(r - 1, c);
    else if (event.key === 'Enter') go(row + (event.shiftKey ? -1 : 1), column);
    else if (event.key === 'ArrowRight' && (event.shiftKey || input.selectionEnd === input.value.length)) go(r, c + 1);
    else if (event.key === 'ArrowLeft' && (event.shiftKey || input.selectionStart === 0)) go(r, c - 1);
    else if (event.key === 'Escape') {
        input.value = input.dataset.saved;
        input.select();
    } else if ((event.ctrlKey || event.metaKey) && event.key === 'd') {
        event.preventDefault();
        fill(state);
    } else if ((event.ctrlKey || event.metaKey) && event.key === 'z' && input.value === input.dataset.saved) {
        event.preventDefault();
        back(state);
    }
}

function copy(state, event) {
    const lines = block(state);
    if (lines.flat().length < 2) return;
    event.preventDefault();
    event.clipboardData.setData('text/plain', lines.map((line) => line.map((each) => each.value).join('\t')).join('\n'));
}

function paste(state, event) {
    const lines = event.clipboardData.getData('text/plain').replace(/\r?\n$/, '').split(/\r?\n/).map((line) => line.split('\t'));
    if (lines.length === 1 && lines[0].length === 1) return;
    event.preventDefault();
    const [top, left] = at(event.target);
    const changed = [];
    lines.forEach((line, r) => line.forEach((text, c) => {
        const row = rows(state.table)[top + r];
        if (row?.matches('[data-blank]')) grow(row);
        const input = cell(state, top + r, left + c);
        if (!input || input.readOnly) return;
        input.value = text.trim();
        changed.push(input);
    }));
    leave(state, changed);
}

/** The first row of what is chosen goes into the rows below it; of one cell, what stands above it goes into it. */
function fill(state) {
    const lines = block(state);
    const changed = [];
    if (lines.length === 1) {
        const [row] = at(state.anchor);
        for (const input of lines[0]) {
            const above = cell(state, row - 1, at(input)[1]);
            if (above) changed.push([input, above.value]);
        }
    }
    for (const line of lines.slice(1)) line.forEach((input, c) => changed.push([input, lines[0][c].value]));
    const open = changed.filter(([input]) => !input.readOnly);
    for (const [input, value] of open) input.value = value;
    leave(state, open.map(([input]) => input));
}

function leave(state, inputs) {
    // What is on its way already is not sent twice.
    const changed = inputs.filter((input) => input.value !== input.dataset.saved && input.value !== input.dataset.sent);
    if (changed.length === 0) return;
    state.undo.push(changed.map((input) => ({ input, value: input.dataset.saved })));
    save(state, changed);
}

function back(state) {
    const step = state.undo.pop();
    if (!step) return say(state.table, 'Nothing more to take back here.');
    for (const { input, value } of step) input.value = value;
    save(state, step.map(({ input }) => input).filter((input) => input.value !== input.dataset.saved));
}

function save(state, inputs) {
    const end = begin(state.table.id);
    state.queue = state.queue.then(async () => {
        // A new row is only there once it has its name; what was refused with its row goes along once the row is mended.
        const ready = inputs.flatMap((input) => named(input) ? [input, ...waiting(input)] : []);
        for (const input of ready) input.dataset.sent = input.value;
        for (let i = 0; i < ready.length; i += SAVED_AT_ONCE) await deliver(state.table, [...new Set(ready)].slice(i, i + SAVED_AT_ONCE));
    }).catch(() => {
        for (const input of cells(state.table)) delete input.dataset.sent;
        say(state.table, 'Not saved: the server did not answer. Go to the cell and leave it again to send what stands there.', true);
    }).finally(end);
    return state.queue;
}

function named(input) {
    const row = input.closest('tr');
    return row.dataset.row !== '' || row.querySelector('input').value.trim() !== '';
}

/** Everything of its row that is not saved yet. */
function waiting(input) {
    return [...input.closest('tr').querySelectorAll('input')].filter((each) => each.value !== each.dataset.saved);
}

async function deliver(table, inputs) {
    if (inputs.length === 0) return;
    const byRow = new Map(inputs.map((input) => [input.closest('tr').dataset.row || `new ${at(input)[0]}`, input.closest('tr')]));
    const sent = inputs.map((input) => ({
        row: input.closest('tr').dataset.row || `new ${at(input)[0]}`, column: input.dataset.column, value: input.value,
        was: input.dataset.saved,
    }));
    const response = await fetch(table.dataset.grid, {
        method: 'PUT', body: JSON.stringify({ sheet: table.dataset.sheet, cells: JSON.stringify(sent) }),
        headers: {
            'Content-Type': 'application/json', Accept: 'application/json',
            'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content,
        },
    });
    const answer = await response.json().catch(() => ({}));
    for (const input of inputs) delete input.dataset.sent;
    if (!response.ok) return say(table, `Not saved. ${answer.message ?? ''}`, true);
    const refused = new Map(answer.refused.map((fault) => [`${fault.row} ${fault.column}`, fault.message]));
    const rowsRefused = new Set(answer.refused.map((fault) => fault.row));
    inputs.forEach((input, i) => {
        const message = refused.get(`${sent[i].row} ${sent[i].column}`);
        input.toggleAttribute('aria-invalid', Boolean(message));
        input.title = message ?? '';
        input.classList.toggle('is-unsaved', rowsRefused.has(sent[i].row));
        if (!rowsRefused.has(sent[i].row)) input.dataset.saved = sent[i].value;
    });
    for (const { row, key } of answer.saved) {
        const line = byRow.get(row);
        if (line) line.dataset.row = key;
    }
    say(table, answer.refused.length > 0 ? answer.refused.map((fault) => fault.message).slice(0, 5).join(' ') : 'Saved.',
        answer.refused.length > 0);
}

/** A line to type into stays at the foot. */
function grow(row) {
    delete row.dataset.blank;
    row.removeAttribute('data-blank');
    const next = row.cloneNode(true);
    for (const input of next.querySelectorAll('input')) {
        input.value = '';
        remember(input);
    }
    next.setAttribute('data-blank', '');
    next.dataset.row = '';
    row.after(next);
}

function say(table, words, wrong = false) {
    const line = document.getElementById(`${table.id}-says`);
    line.textContent = words;
    line.classList.toggle('error', wrong);
}
