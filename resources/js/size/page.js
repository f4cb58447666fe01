// Machines compared: the table is sorted and filtered, a dot of the picture opens its row.
import { onKey } from '../shared/keys.js';

document.addEventListener('click', (event) => {
    const head = event.target.closest('[data-fit-sort]');
    if (head) return sort(head.closest('th'), head.dataset.fitSort);
    const dot = event.target.closest('a[data-candidate]');
    if (dot) {
        event.preventDefault();
        open(document.getElementById(`fit-${dot.dataset.candidate}`));
    }
});

document.addEventListener('change', (event) => {
    if (event.target.matches('[data-fit-filter]')) filter();
    if (event.target.matches('[name^="beside_"]')) limit(event.target);
});

onKey((event) => event.key === 'p' && Boolean(document.querySelector('[data-first]')?.click() ?? true));
onKey((event) => event.key === 'b' && Boolean(document.querySelector('[data-beside]')?.click() ?? true));

function sort(head, by) {
    const isUp = head.getAttribute('aria-sort') !== 'ascending';
    for (const each of document.querySelectorAll('#fits th[aria-sort]')) each.setAttribute('aria-sort', 'none');
    head.setAttribute('aria-sort', isUp ? 'ascending' : 'descending');
    const body = document.querySelector('#fits tbody');
    const order = new Intl.Collator('en', { numeric: true });
    const value = (row) => row.dataset[by];
    const compare = by === 'name' ? (x, y) => order.compare(value(x), value(y)) : (x, y) => Number(value(x)) - Number(value(y));
    for (const row of [...body.rows].sort((x, y) => compare(x, y) * (isUp ? 1 : -1))) body.append(row);
}

function filter() {
    const form = document.querySelector('[data-fit-filter="form"]').value;
    const holds = document.querySelector('[data-fit-filter="holds"]').checked;
    const rows = [...document.querySelectorAll('#fits tbody tr')];
    for (const row of rows) row.hidden = (form !== '' && row.dataset.form !== form) || (holds && row.dataset.holds !== '1');
    document.getElementById('fits-say').textContent = `${rows.filter((row) => !row.hidden).length} of ${rows.length} shown.`;
}

/** Five are as many as can be read side by side. */
function limit(box) {
    const ticked = document.querySelectorAll('[name^="beside_"]:checked');
    if (ticked.length <= 5) return;
    box.checked = false;
    document.getElementById('fits-say').textContent = 'At most five can be put side by side.';
}

function open(row) {
    if (!row) return;
    const away = document.getElementById('show-away');
    if (row.classList.contains('is-away') && away) away.checked = true;
    row.hidden = false;
    row.querySelector('details').open = true;
    row.scrollIntoView({ block: 'nearest' });
    row.querySelector('summary').focus({ preventScroll: true });
}
