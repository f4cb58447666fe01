// The recorder: asks the meter for what it has read since the last time, draws the last minute, and
// sends the readings on. A reading stays in this browser until the server has acknowledged it, so
// that a restart, a lost network or a reload loses nothing.
import { swap, toast, token } from '../shared/parts.js';

const WINDOW_MS = 60_000;
const ASK_MS = 400;
const SEND_MS = 1000;
const MOST_AT_ONCE = 1000;
const LEAST_SCALE_A = 10;
const SIGNED_OUT = 'signed out: sign in in another tab, then load this page anew; the readings are kept here';

let rec = null;

function startRecorder() {
    const place = document.getElementById('recorder');
    if (!place) return;
    const store = `recording-${place.dataset.key}`;
    rec = {
        place, store, began: Number(place.dataset.began), inlet: Number(place.dataset.inlet),
        last: Number(place.dataset.last), pending: read(`${store}-readings`), marks: read(`${store}-marks`),
        seen: [], shown: [], peak: { a: Number(place.dataset.peakA), b: Number(place.dataset.peakB) },
        scale: LEAST_SCALE_A, stopped: false, dirty: false, unsaved: 0,
    };
    for (const [at] of rec.pending) rec.last = Math.max(rec.last, at);
    document.getElementById('mark-form').addEventListener('submit', (event) => { event.preventDefault(); mark(); });
    document.addEventListener('keydown', (event) => {
        const isTyping = event.target.closest('input, select, textarea, dialog');
        if (event.key !== 'm' || event.ctrlKey || event.metaKey || isTyping) return;
        event.preventDefault();
        mark();
    });
    document.querySelector('form[data-stop]')?.addEventListener('submit', stop);
    window.addEventListener('pagehide', keep);
    ask();
    deliver();
    setInterval(offers, 2500);
    requestAnimationFrame(draw);
}

function read(name) { try { return JSON.parse(localStorage.getItem(name)) ?? []; } catch { return []; } }

/** What is not acknowledged yet, in the browser's own store: it outlives a reload. */
function keep() {
    try {
        localStorage.setItem(`${rec.store}-readings`, JSON.stringify(rec.pending));
        localStorage.setItem(`${rec.store}-marks`, JSON.stringify(rec.marks));
    } catch { /* the store is full: the readings are still in memory */ }
}

async function ask() {
    if (rec.stopped) return;
    try {
        const since = rec.began + rec.last;
        const response = await fetch(`${rec.place.dataset.meter}?since=${since}`, { headers: { Accept: 'application/json' } });
        if (response.status === 401 || response.redirected) state(SIGNED_OUT);
        else if (!response.ok) throw new Error('meter');
        else take((await response.json()).readings);
    } catch {
        state('the meter does not answer; asking again');
    }
    setTimeout(ask, ASK_MS);
}

function take(readings) {
    for (const [epoch, a, b] of readings) {
        const at = epoch - rec.began;
        if (at <= rec.last) continue;
        rec.last = at;
        rec.pending.push([at, a, b]);
        rec.seen.push([at, a, b]);
        if (a > rec.peak.a) rec.peak.a = a;
        if (b > rec.peak.b) rec.peak.b = b;
    }
    let old = 0;
    while (old < rec.seen.length && rec.seen[old][0] < rec.last - WINDOW_MS) old++;
    if (old) rec.seen.splice(0, old);
    if (++rec.unsaved % 5 === 0) keep();
    rec.dirty = true;
}

async function deliver() {
    let again = SEND_MS;
    try {
        if (rec.marks.length) {
            await send(rec.place.dataset.marks, rec.marks[0]);
            rec.marks.shift();
            again = 0;
        } else if (rec.pending.length) {
            const batch = rec.pending.slice(0, MOST_AT_ONCE);
            const { kept_to: to } = await send(rec.place.dataset.readings, { readings: batch });
            rec.pending = rec.pending.filter(([at]) => at > to);
            keep();
            state('recording, everything kept');
            if (rec.pending.length >= MOST_AT_ONCE) again = 0;
        }
    } catch (error) {
        const isOut = error.message === '401' || error.message === '419';
        state(isOut ? SIGNED_OUT : `${rec.pending.length} readings kept in this browser; sending again`);
        again = 2 * SEND_MS;
        if (error.message === '422' || error.message === '409') {
            rec.stopped = true;
            return state('the server refuses these readings: the recording may have been removed');
        }
    }
    if (!rec.stopped || rec.pending.length || rec.marks.length) setTimeout(deliver, again);
}

async function send(url, body) {
    const response = await fetch(url, {
        method: 'POST', body: JSON.stringify(body),
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': token() },
    });
    if (!response.ok || response.redirected) throw new Error(String(response.redirected ? 401 : response.status));
    return response.json();
}

function mark() {
    const form = document.getElementById('mark-form');
    const select = form.elements.circuit;
    const circuit = select.value || null;
    const named = circuit ? `${select.selectedOptions[0].textContent.replace(/, legs? .*$/, '')} on` : 'mark';
    const said = form.elements.said.value.trim() || named;
    const made = { at_ms: Math.max(0, rec.last), said: said.slice(0, 100), circuit };
    rec.marks.push(made);
    rec.shown.push(made);
    keep();
    form.elements.said.value = '';
    toast(`Marked: ${said}`);
}

/** Stops asking, waits until everything is kept, then goes on. */
async function stop(event) {
    event.preventDefault();
    const form = event.target;
    rec.stopped = true;
    state('sending the rest');
    for (let i = 0; i < 40 && (rec.pending.length || rec.marks.length); i++) await new Promise((done) => setTimeout(done, 250));
    if (rec.pending.length) {
        rec.stopped = false;
        ask();
        return toast('Not everything could be sent yet. Try again when the server answers.', true);
    }
    form.submit();
}

let showing = '';
async function offers() {
    // Not while someone is choosing in there.
    if (rec.stopped || document.activeElement?.closest('#part-offers')) return;
    try {
        const response = await fetch(rec.place.dataset.offers, { headers: { 'X-Parts': '1' } });
        const html = response.ok && !response.redirected ? await response.text() : showing;
        const bare = html.replace(/name="_token" value="[^"]*"/g, '');
        if (bare !== showing && html) { showing = bare; swap(html); }
    } catch { /* asked again soon */ }
}

function state(words) {
    const place = rec.place.querySelector('[data-state]');
    if (place.textContent !== words) place.textContent = words;
}

function draw() {
    requestAnimationFrame(draw);
    if (!rec.dirty || document.hidden) return;
    rec.dirty = false;
    const latest = rec.seen[rec.seen.length - 1];
    if (!latest) return;
    for (const [i, leg] of ['a', 'b'].entries()) {
        rec.place.querySelector(`[data-now="${leg}"]`).textContent = latest[i + 1].toFixed(1);
        rec.place.querySelector(`[data-peak="${leg}"]`).textContent = `${rec.peak[leg].toFixed(1)} A`;
    }
    const s = Math.floor(rec.last / 1000);
    rec.place.querySelector('[data-clock]').textContent = `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
    trace(rec.place.querySelector('canvas'));
}

function trace(canvas) {
    const ratio = window.devicePixelRatio || 1;
    const box = canvas.getBoundingClientRect();
    if (canvas.width !== Math.round(box.width * ratio)) {
        canvas.width = Math.round(box.width * ratio);
        canvas.height = Math.round(240 * ratio);
    }
    const pen = canvas.getContext('2d');
    pen.setTransform(ratio, 0, 0, ratio, 0, 0);
    const [width, height, left, foot] = [box.width, 240, 46, 22];
    const style = getComputedStyle(document.documentElement);
    const colour = (name) => style.getPropertyValue(name).trim();
    let highest = LEAST_SCALE_A;
    for (const [, a, b] of rec.seen) highest = Math.max(highest, a, b);
    // The scale grows at once and shrinks slowly, so that the plot stands still.
    rec.scale = Math.max(highest * 1.15, rec.scale * 0.985);
    const from = rec.last - WINDOW_MS;
    const x = (at) => left + (at - from) / WINDOW_MS * (width - left - 6);
    const y = (amps) => 8 + (1 - amps / rec.scale) * (height - foot - 8);
    pen.clearRect(0, 0, width, height);
    pen.font = '14px "IBM Plex Mono", monospace';
    pen.fillStyle = colour('--quiet');
    pen.strokeStyle = colour('--line');
    pen.lineWidth = 1;
    pen.textAlign = 'right';
    const step = [1, 2, 5, 10, 20, 50, 100].find((each) => rec.scale / each <= 6) ?? 200;
    for (let amps = 0; amps < rec.scale; amps += step) {
        pen.beginPath(); pen.moveTo(left, y(amps)); pen.lineTo(width, y(amps)); pen.stroke();
        pen.fillText(String(amps), left - 8, y(amps) + 5);
    }
    pen.textAlign = 'center';
    for (let at = Math.ceil(Math.max(0, from) / 10_000) * 10_000; at <= rec.last; at += 10_000) {
        const seconds = String(at / 1000 % 60).padStart(2, '0');
        pen.fillText(`${Math.floor(at / 60_000)}:${seconds}`, x(at), height - 4);
    }
    if (rec.inlet < rec.scale) {
        pen.strokeStyle = colour('--danger'); pen.lineWidth = 2;
        pen.beginPath(); pen.moveTo(left, y(rec.inlet)); pen.lineTo(width, y(rec.inlet)); pen.stroke();
        pen.textAlign = 'right'; pen.fillStyle = colour('--danger'); pen.fillText(`inlet ${rec.inlet} A`, width - 8, y(rec.inlet) - 5);
    }
    rec.shown = rec.shown.filter((mark) => mark.at_ms >= from);
    pen.textAlign = 'left'; pen.fillStyle = pen.strokeStyle = colour('--quiet'); pen.lineWidth = 1; pen.setLineDash([3, 3]);
    for (const [i, mark] of rec.shown.entries()) {
        const at = x(mark.at_ms);
        const room = (i + 1 < rec.shown.length ? x(rec.shown[i + 1].at_ms) : width) - at - 10;
        pen.beginPath(); pen.moveTo(at, 4); pen.lineTo(at, height - foot); pen.stroke();
        pen.fillText(fitting(pen, mark.said, room), at + 5, 15);
    }
    for (const [leg, name, dash] of [[1, '--leg-a', []], [2, '--leg-b', [7, 3]]]) {
        pen.strokeStyle = colour(name); pen.lineWidth = 2.5; pen.setLineDash(dash);
        pen.beginPath();
        for (const reading of rec.seen) pen.lineTo(x(reading[0]), y(reading[leg]));
        pen.stroke();
    }
    pen.setLineDash([]);
}

/** As many of the words as there is room for. */
function fitting(pen, words, room) {
    if (pen.measureText(words).width <= room) return words;
    const letters = Math.floor(room / pen.measureText('0').width) - 1;
    return letters > 2 ? `${words.slice(0, letters)}…` : '';
}

startRecorder();
