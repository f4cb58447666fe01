// Sorting and filtering of a sheet's lines: what is shown, never what is kept.
import { rows, say } from '../shared/grid.js';

export function startSorting(table) {
    table.tHead.addEventListener('click', (event) => {
        const button = event.target.closest('[data-grid-sort]');
        if (button) sort(table, button.closest('th'), button.dataset.gridSort);
    });
    const filters = [...document.querySelectorAll(`[data-grid-filter][data-of="${table.id}"]`)];
    for (const filter of filters) filter.addEventListener('change', () => show(table, filters));
}

function sort(table, head, column) {
    const isUp = head.getAttribute('aria-sort') !== 'ascending';
    for (const each of table.tHead.querySelectorAll('th[aria-sort]')) each.setAttribute('aria-sort', 'none');
    head.setAttribute('aria-sort', isUp ? 'ascending' : 'descending');
    const body = table.tBodies[0];
    const blank = body.querySelector('[data-blank]');
    const value = (row) => row.querySelector(`[data-column="${column}"]`).value.trim();
    const order = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });
    const lines = [...body.rows].filter((row) => row !== blank).map((row) => [value(row), row]);
    // What is empty stands last, whichever way it is sorted.
    lines.sort(([x], [y]) => (x === '' || y === '' ? (x === '') - (y === '') : order.compare(x, y) * (isUp ? 1 : -1)));
    for (const [, row] of lines) body.append(row);
    if (blank) body.append(blank);
}

function show(table, filters) {
    const value = (each) => (each.type === 'checkbox' ? each.checked : each.value);
    const wanted = Object.fromEntries(filters.map((each) => [each.dataset.gridFilter, value(each)]));
    for (const row of table.tBodies[0].rows) {
        const isOther = (wanted.role !== '' && row.dataset.role !== wanted.role)
            || (wanted.leg !== '' && row.dataset.leg !== wanted.leg)
            || (wanted.missing && !('missing' in row.dataset));
        row.hidden = !row.matches('[data-blank]') && isOther;
    }
    const shown = rows(table).length - 1;
    say(table, `${shown} of ${table.tBodies[0].rows.length - 1} lines shown.`);
}
