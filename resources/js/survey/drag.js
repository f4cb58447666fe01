// Moving a breaker by dragging it to a free space: at once with a mouse or a pen, after a long
// press by touch, so that the page can still be scrolled. The server decides whether it may sit there.
import { post, select } from '../shared/parts.js';

const START_PX = 8;
const PRESS_MS = 400;
let drag = null;

export function startDrag() {
    document.addEventListener('pointerdown', (event) => {
        const breaker = event.target.closest('[data-board] .breaker');
        if (!breaker || event.button !== 0) return;
        drag = { breaker, board: breaker.closest('[data-board]'), x: event.clientX, y: event.clientY, on: false, target: null };
        if (event.pointerType === 'touch') drag.press = setTimeout(() => begin(event.clientX, event.clientY), PRESS_MS);
    });
    document.addEventListener('pointermove', (event) => {
        if (!drag) return;
        const far = Math.hypot(event.clientX - drag.x, event.clientY - drag.y) > START_PX;
        if (!drag.on && event.pointerType === 'touch') return far ? end() : undefined;
        if (!drag.on && far) begin(event.clientX, event.clientY);
        if (drag.on) over(event.clientX, event.clientY);
    });
    document.addEventListener('pointerup', () => (drag?.on ? drop() : end()));
    document.addEventListener('pointercancel', end);
    document.addEventListener('touchmove', (event) => { if (drag?.on) event.preventDefault(); }, { passive: false });
    document.addEventListener('dragstart', (event) => { if (event.target.closest?.('[data-board]')) event.preventDefault(); });
    document.addEventListener('contextmenu', (event) => { if (drag?.on) event.preventDefault(); });
    document.addEventListener('keydown', (event) => { if (event.key === 'Escape') end(); });
}

function begin(x, y) {
    drag.on = true;
    drag.breaker.classList.add('is-dragged');
    drag.tip = document.createElement('div');
    drag.tip.className = 'drag-tip';
    drag.tip.setAttribute('role', 'status');
    document.body.append(drag.tip);
    over(x, y);
}

function over(x, y) {
    const found = document.elementFromPoint(x, y)?.closest('.free');
    const target = found?.closest('[data-board]') === drag.board ? found : null;
    drag.target?.classList.remove('is-target');
    target?.classList.add('is-target');
    drag.target = target;
    const { leg } = drag.breaker.dataset;
    const stays = target?.dataset.leg === leg ? `still leg ${leg}` : `leg ${target?.dataset.leg}: its leg changes`;
    const words = leg === 'AB' ? 'legs A and B' : stays;
    drag.tip.textContent = target ? `Space ${target.dataset.space}, ${words}` : 'Drop it on a free space';
    drag.tip.style.transform = `translate(${Math.min(x + 14, innerWidth - 260)}px, ${y + 16}px)`;
}

function drop() {
    const { breaker, target } = drag;
    end();
    // The click that follows the drop must not open the drawer of whatever lies there.
    const swallow = (event) => { event.preventDefault(); event.stopPropagation(); };
    document.addEventListener('click', swallow, { capture: true, once: true });
    setTimeout(() => document.removeEventListener('click', swallow, { capture: true }), 50);
    if (!target) return;
    const key = breaker.dataset.at;
    select(key);
    const url = `/jobs/${document.body.dataset.job}/circuits/${encodeURIComponent(key)}/move`;
    post(url, { _method: 'PATCH', space: target.dataset.space, stage: 'survey' },
        () => ({ space: Number(document.getElementById(`c-${key}`)?.dataset.space ?? breaker.dataset.space) }));
}

function end() {
    if (!drag) return;
    clearTimeout(drag.press);
    drag.breaker.classList.remove('is-dragged');
    drag.target?.classList.remove('is-target');
    drag.tip?.remove();
    drag = null;
}
