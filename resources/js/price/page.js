// A signature is drawn on the screen and sent as strokes of whole points, on a field of so many units.

import SignaturePad from 'signature_pad';

const LONGEST = 19_000;

function start(canvas) {
    if (canvas.dataset.started) return;
    canvas.dataset.started = '1';
    const field = canvas.parentElement.querySelector('input[name="signature"]');
    const pad = new SignaturePad(canvas, { minWidth: 1.2, maxWidth: 2.6, penColor: getComputedStyle(canvas).color });
    const fit = () => {
        if (canvas.offsetWidth === 0 || canvas.width === canvas.offsetWidth) return;
        canvas.width = canvas.offsetWidth;
        canvas.height = canvas.offsetHeight;
        pad.clear();
        field.value = '';
    };
    canvas.closest('details')?.addEventListener('toggle', fit);
    addEventListener('resize', fit);
    fit();
    pad.addEventListener('endStroke', () => { field.value = strokes(pad, canvas); });
    canvas.parentElement.querySelector('[data-wipe]').addEventListener('click', () => {
        pad.clear();
        field.value = '';
    });
}

/** "x,y x,y;x,y x,y" in the units of the field; of a long one every second point, and so on, until it fits. */
function strokes(pad, canvas) {
    const [across, down] = [Number(canvas.dataset.width) / canvas.width, Number(canvas.dataset.height) / canvas.height];
    const within = (at, most) => Math.max(0, Math.min(most - 1, Math.round(at)));
    for (let every = 1; ; every *= 2) {
        const text = pad.toData().map(({ points }) => points
            .filter((_, i) => i % every === 0 || i === points.length - 1)
            .map(({ x, y }) => `${within(x * across, canvas.dataset.width)},${within(y * down, canvas.dataset.height)}`)
            .join(' ')).join(';');
        if (text.length <= LONGEST) return text;
    }
}

function all() {
    for (const canvas of document.querySelectorAll('canvas[data-signature]')) start(canvas);
}

all();
// A part of the page that comes anew brings fields of its own.
new MutationObserver(all).observe(document.getElementById('page'), { childList: true, subtree: true });
