// The page keeps what was thrown; the server plays all of it through the core and gives the stage back. No rule stands here.
import { morph } from '../shared/morph.js';

const root = document.querySelector('[data-rehearsal]');
const stage = document.getElementById('rehearsal-stage');
const says = root.querySelector('[data-says]');
const handles = [];
let last = Date.now();
let isOver = false;
let playing = Promise.resolve();

if (root.dataset.scene !== 'day') document.documentElement.dataset.theme = 'night';

function throwIt(handle) {
    if (isOver) return;
    const now = Date.now();
    handles.push(`${Math.round((now - last) / 1000)} ${handle}`);
    last = now;
    playing = playing.then(play);
}

async function play() {
    try {
        const answer = await ask(root.dataset.throw);
        if (!answer.ok) {
            handles.pop();
            says.textContent = answer.status === 404 ? 'This link is over. Ask the electrician for a new one.'
                : `Not thrown: ${(await answer.json().catch(() => ({}))).message ?? 'the server does not take it'}`;
            return;
        }
        says.textContent = '';
        show(await answer.text());
    } catch {
        handles.pop();
        says.textContent = 'No answer from the server: throw it again when the line is back.';
    }
}

function ask(url, more = {}) {
    const data = new FormData();
    data.set('_token', document.querySelector('meta[name="csrf-token"]').content);
    data.set('handles', handles.join('\n'));
    data.set('scene', root.dataset.scene);
    for (const [name, value] of Object.entries(more)) data.set(name, value);
    return fetch(url, { method: 'POST', body: data, headers: { Accept: 'application/json, text/html',
        'X-Requested-With': 'XMLHttpRequest' } });
}

function show(html) {
    const fresh = document.createElement('div');
    fresh.id = 'rehearsal-stage';
    fresh.innerHTML = html;
    morph(stage, fresh, null);
    isOver = stage.querySelector('[data-over="1"]') !== null;
    tick();
}

function tick() {
    const grid = stage.querySelector('[data-seconds]');
    if (!grid) return;
    const since = isOver ? 0 : Math.round((Date.now() - last) / 1000);
    const seconds = Number(grid.dataset.seconds) + since;
    const mistakes = `${grid.dataset.mistakes} ${grid.dataset.mistakes === '1' ? 'mistake' : 'mistakes'}`;
    root.querySelector('[data-clock]').textContent = `${Math.floor(seconds / 60)} min ${seconds % 60} s, ${mistakes}`;
}

function askCard() {
    const next = stage.querySelector('[data-next]');
    if (next) next.hidden = !next.hidden;
}

root.addEventListener('click', (event) => {
    const handle = event.target.closest('[data-handle]');
    if (handle) throwIt(handle.dataset.handle);
    if (event.target.closest('[data-take-back]')) throwIt('take-back');
    if (event.target.closest('[data-ask]')) askCard();
});

document.addEventListener('keydown', (event) => {
    if (event.target.matches?.('input')) return;
    if (event.key === 'Backspace') throwIt('take-back');
    if (event.key === 'h') askCard();
});

document.addEventListener('submit', async (event) => {
    if (!event.target.matches('[data-finish-form]')) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    const answer = await ask(root.dataset.finish, { who: event.target.elements.who.value }).catch(() => null);
    if (answer?.ok) {
        stage.innerHTML = await answer.text();
        isOver = true;
        return;
    }
    const said = answer ? await answer.json().catch(() => ({})) : {};
    says.textContent = `Not kept: ${said.message ?? 'no answer from the server'}`;
}, true);

setInterval(tick, 1000);
