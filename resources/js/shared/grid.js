// A table that is filled like a sheet: arrows and Enter move, a block is copied, pasted and filled down, each cell is saved as it
// is left, and one step back takes a whole paste back. The server says what it takes; what it refuses stays typed, marked and named.

import { begin, untilAnswered } from './line.js';

const SAVED_AT_ONCE = 2500;

/**
 * own: what a page does in its own way. back() takes a step back, answered(answer, inputs) brings the page to what the server said,
 * heads() are sent along, key(event) is asked first and is true when it has used the key.
 */
export function startGrid(table, own = {}) {
    const state = { table, own, undo: [], queue: Promise.resolve(), anchor: null, focus: null, chosen: new Set(), tabFrom: null };
    table.addEventListener('focusin', (event) => point(state, event.target, false));
    table.addEventListener('pointerdown', (event) => {
        state.tabFrom = null;
        if (event.shiftKey && event.target.matches('input') && state.anchor) {
            event.preventDefault();
            point(state, event.target, true);
        }
    });
    table.addEventListener('focusout', (event) => event.target.matches('input') && leaveCell(state, event.target, event.relatedTarget));
    table.addEventListener('keydown', (event) => event.target.matches('input') && !own.key?.(event) && key(state, event));
    table.addEventListener('copy', (event) => copy(state, event));
    table.addEventListener('paste', (event) => paste(state, event));
    table.addEventListener('input', (event) => event.target.closest('tr').matches('[data-blank]') && grow(event.target.closest('tr')));
    for (const tool of document.querySelectorAll(`[data-grid-tool][data-of="${table.id}"]`)) {
        // The cell keeps the focus, so that what is chosen stays chosen.
        tool.addEventListener('pointerdown', (event) => event.preventDefault());
        const tools = { fill: () => fill(state), back: () => back(state), more: () => own.more?.() };
        tool.addEventListener('click', () => tools[tool.dataset.gridTool]());
    }
    return state;
}

export function rows(table) {
    return [...table.tBodies[0].rows].filter((row) => !row.hidden);
}

function cells(table) {
    return [...table.tBodies[0].querySelectorAll('input')];
}

function at(input) {
    const row = input.closest('tr');
    return [rows(row.closest('table')).indexOf(row), [...row.querySelectorAll('input')].indexOf(input)];
}

function cell(state, row, column) {
    return rows(state.table)[row]?.querySelectorAll('input')[column] ?? null;
}

function point(state, input, extend) {
    if (!input.matches('input')) return;
    state.focus = input;
    if (!extend) state.anchor = input;
    const chosen = new Set(state.anchor === state.focus ? [] : block(state).flat());
    for (const each of state.chosen) if (!chosen.has(each)) each.classList.remove('is-chosen');
    for (const each of chosen) each.classList.add('is-chosen');
    state.chosen = chosen;
}

/** The cells between the two corners, by rows. */
function block(state) {
    if (!state.anchor?.isConnected || !state.focus?.isConnected) return [];
    const [[r1, c1], [r2, c2]] = [at(state.anchor), at(state.focus)];
    const lines = rows(state.table).slice(Math.min(r1, r2), Math.max(r1, r2) + 1);
    return lines.map((row) => [...row.querySelectorAll('input')].slice(Math.min(c1, c2), Math.max(c1, c2) + 1));
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
    const isCommand = event.ctrlKey || event.metaKey;
    if (event.key === 'Tab') {
        state.tabFrom ??= column;
        return;
    }
    if (event.key === 'Enter') {
        // After a row of tabs, Enter begins the next row where the first tab began this one.
        go(row + (event.shiftKey ? -1 : 1), state.tabFrom ?? column);
        state.tabFrom = null;
        return;
    }
    if (event.key.startsWith('Arrow')) state.tabFrom = null;
    if (event.key === 'ArrowDown') go(r + 1, c);
    else if (event.key === 'ArrowUp') go(r - 1, c);
    else if (event.key === 'ArrowRight' && (event.shiftKey || input.selectionEnd === input.value.length)) go(r, c + 1);
    else if (event.key === 'ArrowLeft' && (event.shiftKey || input.selectionStart === 0)) go(r, c - 1);
    else if (event.key === 'Escape') {
        // With nothing to take back it leaves the cells for what stands above them: Tab alone would go through every one.
        if (input.value === input.defaultValue) return document.querySelector(`[data-grid-tool][data-of="${state.table.id}"]`)?.focus();
        input.value = input.defaultValue;
        input.select();
    } else if (event.key === 'Delete' && state.chosen.size > 1) {
        event.preventDefault();
        put(state, block(state).flat().map((each) => [each, '']));
    } else if (isCommand && event.key === 'd') {
        event.preventDefault();
        fill(state);
    } else if (isCommand && event.key === 'z' && (input.value === input.defaultValue || input.value === input.dataset.sent)) {
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
    let row = rows(state.table)[top];
    for (const line of lines) {
        if (!row) break;
        if (row.matches('[data-blank]')) grow(row);
        const inputs = row.querySelectorAll('input');
        line.forEach((text, c) => inputs[left + c] && changed.push([inputs[left + c], text.trim()]));
        do row = row.nextElementSibling; while (row?.hidden);
    }
    put(state, changed);
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
    // What was typed into the first row goes along: it may not have been left yet.
    if (lines.length > 1) for (const line of lines) line.forEach((input, c) => changed.push([input, lines[0][c].value]));
    put(state, changed);
}

function put(state, changed) {
    const open = changed.filter(([input]) => !input.readOnly);
    for (const [input, value] of open) input.value = value;
    leave(state, open.map(([input]) => input));
}

function leaveCell(state, input, to) {
    const row = input.closest('tr');
    leave(state, [input]);
    if (!row.matches('[data-blank]') && !isReady(state.table, row) && !row.contains(to) && row.isConnected) {
        const needs = row.querySelector(`input[data-column="${state.table.dataset.needs}"]`) ?? row.querySelector('input');
        row.querySelectorAll('input').forEach((each) => each.classList.toggle('is-unsaved', each.value !== each.defaultValue));
        say(state.table, `Not saved: ${needs.getAttribute('aria-label').split(',')[0]} is missing in this line.`, true);
    }
}

function leave(state, inputs) {
    // What is on its way already is not sent twice.
    const changed = inputs.filter((input) => input.value !== input.defaultValue && input.value !== input.dataset.sent);
    if (changed.length === 0) return;
    const step = changed.map((input) => ({ input, value: input.defaultValue }));
    state.undo.push(step);
    save(state, changed, step);
}

function back(state) {
    if (state.own.back) {
        state.queue = state.queue.then(state.own.back);
        return;
    }
    const step = state.undo.pop();
    if (!step) return say(state.table, 'Nothing more to take back here.');
    // What is still on its way is saved first: then what it goes back to differs from what the server has.
    state.queue = state.queue.then(() => {
        for (const { input, value } of step) input.value = value;
        save(state, step.map(({ input }) => input).filter((input) => input.value !== input.defaultValue));
    });
}

/** step: what is taken back together with these; what the server changes along with them joins it. */
function save(state, inputs, step = []) {
    const end = begin(state.table.id);
    for (const input of inputs) input.dataset.sent = input.value;
    state.queue = state.queue.then(async () => {
        // A new row is only sent once it has what it needs; what was refused with its row goes along once the row is mended.
        const byRow = new Set(inputs.map((input) => input.closest('tr')).filter((row) => row && isReady(state.table, row)));
        const ready = [...new Set([...inputs.filter((input) => byRow.has(input.closest('tr'))), ...[...byRow].flatMap(waiting)])];
        for (const input of inputs) delete input.dataset.sent;
        for (const input of ready) input.dataset.sent = input.value;
        for (let i = 0; i < ready.length; i += SAVED_AT_ONCE) await deliver(state, ready.slice(i, i + SAVED_AT_ONCE), step);
    }).catch(() => {
        for (const input of cells(state.table)) delete input.dataset.sent;
        say(state.table, 'Not saved: the server did not answer. Go to the cell and leave it again to send what stands there.', true);
    }).finally(end);
    return state.queue;
}

/** It is there already, or has the cell without which nothing can be. */
function isReady(table, row) {
    const needs = table.dataset.needs ? row.querySelector(`input[data-column="${table.dataset.needs}"]`) : row.querySelector('input');
    return !row.dataset.row.startsWith('new ') && row.dataset.row !== '' || needs.value.trim() !== '';
}

/** Everything of a row that is not saved yet. */
function waiting(row) {
    const isNew = row.dataset.row === '';
    return [...row.querySelectorAll('input')].filter((each) => each.value !== each.defaultValue || (isNew && each.value !== ''));
}

let made = 0;

async function deliver(state, inputs, step) {
    if (inputs.length === 0) return;
    const { table, own } = state;
    const byRow = new Map();
    const sent = inputs.map((input) => {
        const row = input.closest('tr');
        row.dataset.name = row.dataset.row || (row.dataset.name ?? `new ${made += 1}`);
        byRow.set(row.dataset.name, row);
        return { row: row.dataset.name, column: input.dataset.column, value: input.value, was: input.defaultValue };
    });
    // One name for it however often it is asked: the server makes it once.
    const asked = {
        method: 'PUT', body: JSON.stringify({ sheet: table.dataset.sheet, cells: JSON.stringify(sent) }), headers: heads(own),
    };
    const response = await untilAnswered(() => fetch(table.dataset.grid, asked));
    if (response.status === 208) return location.reload();
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
        if (!rowsRefused.has(sent[i].row)) keep(input, sent[i].value);
    });
    for (const { row, key, set } of answer.saved) {
        const line = byRow.get(row);
        if (!line) continue;
        line.dataset.row = key;
        for (const [column, value] of Object.entries(set ?? {})) {
            const input = line.querySelector(`input[data-column="${column}"]`);
            if (!input) continue;
            step.push({ input, value: input.defaultValue });
            // What somebody has typed there meanwhile stays typed, and is sent when it is left.
            const isTyped = input.value !== input.defaultValue;
            if (isTyped) keep(input, value ?? '');
            else input.value = input.defaultValue = value ?? '';
        }
    }
    own.answered?.(answer, byRow);
    say(table, answer.refused.length > 0 ? answer.refused.map((fault) => fault.message).slice(0, 5).join(' ') : 'Saved.',
        answer.refused.length > 0);
}

/** What is saved is what Escape goes back to; what was typed since stays typed. */
function keep(input, saved) {
    const typed = input.value;
    input.defaultValue = saved;
    if (input.value !== typed) input.value = typed;
}

export function heads(own = {}) {
    return {
        'Content-Type': 'application/json', Accept: 'application/json',
        'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]').content, ...own.heads?.(),
    };
}

/** A line to type into stays at the foot. */
function grow(row) {
    row.removeAttribute('data-blank');
    const next = row.cloneNode(true);
    for (const input of next.querySelectorAll('input')) {
        input.value = input.defaultValue;
        input.classList.remove('is-unsaved', 'is-chosen');
    }
    next.setAttribute('data-blank', '');
    next.dataset.row = '';
    delete next.dataset.name;
    row.after(next);
}

export function say(table, words, wrong = false) {
    const line = document.getElementById(`${table.id}-says`);
    line.textContent = words;
    line.classList.toggle('error', wrong);
}
