// An outline drawn on the plan: a click for each corner, the length of the side that is being drawn beside the pointer.
// What comes of it is text in the field of the form; the server reads and judges it like any other.
const STEP_FT = 0.5;
const STRAIGHT_FT = 1;
const SVG = 'http://www.w3.org/2000/svg';
let drawing = null;

export function startDraw() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-draw]');
        if (button) return begin(button.dataset.draw);
        if (!drawing || !event.target.closest('.site-plan svg')) return;
        event.preventDefault();
        event.stopPropagation();
        corner(place(event));
    }, { capture: true });
    document.addEventListener('pointermove', (event) => {
        if (drawing && event.target.closest('.site-plan svg')) show(place(event));
    });
    document.addEventListener('keydown', (event) => {
        if (!drawing) return;
        if (event.key === 'Escape') stop('');
        if (event.key === 'Enter') finish();
        if (event.key === 'Backspace') drawing.points.pop();
        if (!['Escape', 'Enter', 'Backspace'].includes(event.key)) return;
        event.preventDefault();
        event.stopPropagation();
        if (drawing) show(drawing.points.at(-1));
    }, { capture: true });
}

function begin(field) {
    stop('');
    const plan = document.querySelector('.site-plan');
    const line = document.createElementNS(SVG, 'polyline');
    const figure = document.createElementNS(SVG, 'text');
    line.setAttribute('class', 'site-drawn');
    figure.setAttribute('class', 'site-drawn-figure');
    plan.querySelector('svg').append(line, figure);
    plan.classList.add('is-drawing');
    drawing = { field, plan, line, figure, points: [] };
    help('Click the corners one after the other. Click the first again, or press Enter, to close. Backspace takes one back, Esc stops.');
    plan.scrollIntoView({ block: 'start' });
    plan.focus();
}

/** Feet on the ground, on a grid of half feet; nearly upright or level to the corner before is taken as such. */
function place(event) {
    const { plan, points } = drawing;
    const svg = plan.querySelector('svg');
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const { perFt, left, top } = plan.dataset;
    const grid = (ft) => Math.round(ft / STEP_FT) * STEP_FT;
    const to = { x: grid(Number(left) + at.x / perFt), y: grid(top - at.y / perFt) };
    const before = points.at(-1);
    if (before && Math.abs(to.x - before.x) <= STRAIGHT_FT) to.x = before.x;
    if (before && Math.abs(to.y - before.y) <= STRAIGHT_FT) to.y = before.y;
    return to;
}

function corner(to) {
    const [first] = drawing.points;
    if (drawing.points.length > 2 && Math.hypot(to.x - first.x, to.y - first.y) <= STRAIGHT_FT) return finish();
    drawing.points.push(to);
    show(to);
}

function show(to) {
    const { plan, line, figure, points } = drawing;
    const { perFt, left, top } = plan.dataset;
    const unit = (p) => [(p.x - left) * perFt, (top - p.y) * perFt];
    line.setAttribute('points', [...points, ...(to ? [to] : [])].map((p) => unit(p).join(',')).join(' '));
    const before = points.at(-1);
    figure.textContent = before && to ? `${Math.round(Math.hypot(to.x - before.x, to.y - before.y) * 10) / 10} ft` : '';
    if (!before || !to) return;
    const [x, y] = unit({ x: (before.x + to.x) / 2, y: (before.y + to.y) / 2 });
    figure.setAttribute('x', x + 8);
    figure.setAttribute('y', y - 8);
}

function finish() {
    const { field, points } = drawing;
    if (points.length < 3) return help('An outline has at least three corners.');
    stop(`Outline with ${points.length} corners: give it a name and add it.`);
    const input = document.getElementById(field);
    input.value = points.map((p) => `${p.x},${p.y}`).join(' ');
    input.closest('details')?.setAttribute('open', '');
    input.focus();
}

function stop(words) {
    drawing?.plan.classList.remove('is-drawing');
    drawing?.line.remove();
    drawing?.figure.remove();
    drawing = null;
    help(words);
}

function help(words) {
    const place = document.getElementById('draw-help');
    if (!place) return;
    place.textContent = words;
    place.hidden = words === '';
}
