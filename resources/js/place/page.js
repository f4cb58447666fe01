// The machine on the site plan: dragged, or nudged by the arrow keys. Where it would stand is asked of
// the server while it moves, and saved when it is let go; no distance is worked out here.
import { post } from '../shared/parts.js';
import { startDraw } from './draw.js';

const STEP_FT = 0.5;
const FAR_FT = 5;
const ASK_MS = 80;
let drag = null;
let goal = null;
let waiting = 0;
let asking = null;
let asked = 0;

// Who may not decide where it stands has no address to move it by.
const plan = () => document.querySelector('.site-plan[data-x][data-move]');
const machineOf = (target) => target.closest?.('.site-drag');
/** Where the machine is, or will be once what is on its way has been answered. */
const at = () => goal ?? { x: Number(plan().dataset.x), y: Number(plan().dataset.y) };
const round = (ft) => Math.round(ft * 10) / 10;

document.addEventListener('pointerdown', (event) => {
    const machine = machineOf(event.target);
    if (!machine || event.button !== 0 || !plan()) return;
    event.preventDefault();
    machine.focus?.();
    const scale = machine.ownerSVGElement.getScreenCTM().a * Number(machine.dataset.perFt);
    drag = { machine, scale, px: event.clientX, py: event.clientY, from: at(), to: at(), moved: false };
});
document.addEventListener('pointermove', (event) => {
    if (!drag) return;
    const [dx, dy] = [event.clientX - drag.px, event.clientY - drag.py];
    drag.moved ||= Math.hypot(dx, dy) > 4;
    if (!drag.moved) return;
    drag.to = { x: round(drag.from.x + dx / drag.scale), y: round(drag.from.y - dy / drag.scale) };
    const per = Number(drag.machine.dataset.perFt);
    drag.machine.setAttribute('transform', `translate(${(drag.to.x - drag.from.x) * per} ${(drag.from.y - drag.to.y) * per})`);
    look(drag.to);
});
document.addEventListener('pointerup', () => {
    if (!drag) return;
    const { moved, to } = drag;
    drag = null;
    if (!moved) return;
    document.addEventListener('click', swallow, { capture: true, once: true });
    setTimeout(() => document.removeEventListener('click', swallow, { capture: true }), 50);
    move(to);
});
document.addEventListener('pointercancel', stop);
document.addEventListener('dragstart', (event) => { if (machineOf(event.target)) event.preventDefault(); });
document.addEventListener('touchmove', (event) => { if (drag) event.preventDefault(); }, { passive: false });
document.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') stop();
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!way || !machineOf(event.target) || !plan()) return;
    event.preventDefault();
    const step = event.shiftKey ? FAR_FT : STEP_FT;
    const to = { x: round(at().x + way[0] * step), y: round(at().y + way[1] * step) };
    move(to);
});

function swallow(event) {
    event.preventDefault();
    event.stopPropagation();
}

function stop() {
    if (!drag) return;
    drag.machine.removeAttribute('transform');
    drag = null;
}

/** What was there is read when the turn of the change comes: an earlier nudge may still be on its way. */
function move(to) {
    goal = to;
    waiting += 1;
    const shown = (name) => Number(document.getElementById(`spot-${name}`)?.defaultValue);
    post(plan().dataset.move, { _method: 'PATCH', x: to.x, y: to.y }, () => ({ x: shown('x'), y: shown('y') })).finally(() => {
        waiting -= 1;
        if (waiting === 0) goal = null;
    });
}

function look(to) {
    const wait = Math.max(0, asked + ASK_MS - Date.now());
    clearTimeout(asking);
    asking = setTimeout(async () => {
        asked = Date.now();
        const answer = await fetch(`${plan().dataset.look}?x=${to.x}&y=${to.y}`).catch(() => null);
        if (answer?.ok && drag) document.getElementById('place-live')?.replaceChildren(...fresh(await answer.text()));
    }, wait);
}

function fresh(html) {
    return new DOMParser().parseFromString(html, 'text/html').getElementById('place-live')?.childNodes ?? [];
}

startDraw();

// On a phone the plan is wider than what is seen of it: it opens at the machine.
const figure = document.querySelector('.site-plan');
const shown = figure?.querySelector('.site-drag')?.getBoundingClientRect();
if (shown) figure.scrollLeft += shown.left + shown.width / 2 - figure.getBoundingClientRect().left - figure.clientWidth / 2;
