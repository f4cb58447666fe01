// An outage acted out: both legs over time, what runs, and the board at a moment of it.
import { onKey } from '../shared/keys.js';
import { Timeline } from './timeline.js';

const form = document.getElementById('outage-form');
const place = document.getElementById('timeline');

form?.addEventListener('change', (event) => event.target.checkValidity() && form.requestSubmit());

if (place) {
    const says = document.getElementById('timeline-says');
    const line = new Timeline(document.getElementById('timeline-plots'), {
        titles: JSON.parse(place.dataset.titles),
        labels: JSON.parse(place.dataset.labels),
        load: (from, to) => ask(`${place.dataset.span}&from=${from}&to=${to}`, says),
        onMoment: show,
        onSpan: (words) => { says.textContent = words; },
    });
    document.addEventListener('click', (event) => {
        const go = event.target.closest('[data-go]');
        if (go) return open(line, Number(go.dataset.go), go.classList.contains('moment') ? 3600 : 60);
        const zoom = event.target.closest('[data-zoom]');
        if (zoom) return line.show({ whole: Infinity, day: 86400, hour: 3600 }[zoom.dataset.zoom]);
        const move = event.target.closest('[data-move]');
        if (move) return line.move(Number(move.dataset.move) / 3);
        const scale = event.target.closest('[data-scale]');
        if (scale) line.scale(Number(scale.dataset.scale));
    });
    onKey((event) => {
        const act = {
            ',': () => line.move(-1 / 3), '.': () => line.move(1 / 3), '+': () => line.scale(2), '-': () => line.scale(0.5),
        }[event.key];
        act?.();
        return Boolean(act);
    });
    line.begin();
}

/** A moment of the story: that part of the picture, and the board then. */
async function open(line, at, seconds) {
    await line.goTo(at, seconds);
    await show(at);
}

/** The board as it is at that second. */
async function show(at) {
    const moment = await ask(`${place.dataset.moment}&at=${at}`, document.getElementById('moment-says'));
    if (!moment) return;
    for (const breaker of document.querySelectorAll('.outage-board a.breaker')) {
        breaker.dataset.now = moment.states[breaker.dataset.at] ?? '';
    }
    document.getElementById('moment-says').textContent = `${moment.at}: ${moment.a} A on leg A, ${moment.b} A on leg B`;
}

async function ask(address, says) {
    try {
        const whole = address.includes('?') ? address : address.replace('&', '?');
        const answer = await fetch(whole, { headers: { Accept: 'application/json' } });
        if (answer.ok) return await answer.json();
        says.textContent = answer.status === 401
            ? 'You are signed out. Sign in and open this page again.'
            : 'That could not be worked out.';
    } catch {
        says.textContent = 'No answer from the server. What is shown stays; try again.';
    }
    return null;
}
