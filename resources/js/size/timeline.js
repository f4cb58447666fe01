// A line of time with several pictures under each other: moved by dragging, closer by wheel or two fingers.
import uPlot from 'uplot';
import 'uplot/dist/uPlot.min.css';

const DETAIL_AFTER_MS = 140;
const LEAST_S = 2;
/** dots across a sheet of paper */
const PAPER = 690;
const ROW = 18;
const STEPS_S = [1, 2, 5, 10, 30, 60, 120, 300, 600, 1800, 3600, 7200, 10800, 21600, 43200, 86400, 172800];

export class Timeline {
    constructor(host, of) {
        Object.assign(this, { host, of, plots: [], data: null, view: null, mark: null });
        new ResizeObserver(() => this.data && this.draw()).observe(host);
        addEventListener('beforeprint', () => this.data && this.draw(PAPER));
        addEventListener('afterprint', () => this.data && this.draw());
        new MutationObserver(() => this.data && this.build()).observe(document.documentElement, { attributeFilter: ['data-theme'] });
    }

    async begin() {
        this.data = await this.of.load(0, 1e9);
        if (!this.data) return;
        this.view = [0, this.data.whole];
        this.build();
    }

    /** So many seconds around the middle of what is shown. */
    show(seconds) {
        if (!this.data) return;
        const middle = this.mark ?? (this.view[0] + this.view[1]) / 2;
        this.look(middle - seconds / 2, middle + seconds / 2);
    }

    async goTo(at, seconds) {
        if (!this.data) return;
        this.mark = at;
        this.look(at - seconds / 2, at + seconds / 2);
        await this.detail();
    }

    move(share) {
        const length = this.view[1] - this.view[0];
        this.look(this.view[0] + share * length, this.view[1] + share * length);
    }

    scale(by, around = (this.view[0] + this.view[1]) / 2) {
        this.look(around - (around - this.view[0]) / by, around + (this.view[1] - around) / by);
    }

    look(from, to) {
        const length = Math.max(LEAST_S, Math.min(to - from, this.data.whole));
        const start = Number.isFinite(from) ? Math.max(0, Math.min(from, this.data.whole - length)) : 0;
        this.view = [start, start + length];
        if (!this.frame) {
            this.frame = requestAnimationFrame(() => {
                this.frame = null;
                this.apply();
            });
        }
        clearTimeout(this.later);
        this.later = setTimeout(() => this.detail(), DETAIL_AFTER_MS);
    }

    apply() {
        for (const plot of this.plots) plot.setScale('x', { min: this.view[0], max: this.view[1] });
        this.of.onSpan(`${this.clock(this.view[0])} to ${this.clock(this.view[1])}`);
    }

    /** Finer where what is shown is a small part of what is here, with as much again on either side. */
    async detail() {
        const [from, to] = this.view;
        const length = to - from;
        const has = this.data.to - this.data.from;
        if (from >= this.data.from && to <= this.data.to && has <= 4 * length) return;
        const asked = this.asked = Symbol('span');
        const data = await this.of.load(Math.max(0, from - length), to + length);
        if (!data || asked !== this.asked) return;
        this.data = data;
        this.fill();
    }

    build() {
        for (const plot of this.plots) plot.destroy();
        this.host.textContent = '';
        const style = getComputedStyle(document.documentElement);
        this.colour = (name) => style.getPropertyValue(name).trim();
        this.plots = [
            this.leg('a', 'Leg A', '--leg-a', '--leg-a-soft'), this.leg('b', 'Leg B', '--leg-b', '--leg-b-soft'),
            ...this.data.trials[0].holds ? [this.fuel()] : [], this.bars(),
        ];
        this.fill();
    }

    fill() {
        for (const plot of this.plots) plot.setData(plot.rows(), false);
        this.apply();
    }

    draw(width = this.host.clientWidth) {
        for (const plot of this.plots) plot.setSize({ width, height: plot.tall });
    }

    leg(key, title, line, soft) {
        const { run, peak } = this.data.trials[0];
        const most = Math.max(peak, this.data.trials.reduce((high, trial) => trial[key].reduce((x, y) => Math.max(x, y), high), 0)) * 1.15;
        const stepped = uPlot.paths.stepped({ align: 1 });
        const high = { label: title, scale: 'y', stroke: this.colour(line), width: 1.5, paths: stepped, points: { show: false } };
        const low = { ...high, width: 0 };
        const others = this.data.trials.slice(1).map(() => ({ ...high, stroke: this.colour('--quiet'), width: 1, dash: [3, 3] }));
        return this.plot({
            height: 150, title, series: [high, low, ...others], bands: [{ series: [1, 2], fill: this.colour(soft) }], range: [0, most],
            values: (u, splits) => splits.map((value) => `${value} A`),
            rows: () => this.joined((trial, i) => (i === 0 ? [trial[key], trial[`${key}Low`]] : [trial[key]])),
            hooks: (u) => { this.limit(u, run, 'for hours', []); this.limit(u, peak, 'for a moment', [8, 5]); },
        });
    }

    fuel() {
        const { holds } = this.data.trials[0];
        const line = {
            label: 'Fuel left', scale: 'y', stroke: this.colour('--petrol'), fill: this.colour('--petrol-soft'), width: 1.5,
            points: { show: false },
        };
        return this.plot({
            height: 74, title: 'Fuel', series: [line], range: [0, holds * 1.05],
            values: (u, splits) => splits.map((value) => (value === 0 ? 'dry' : `${value}`)),
            rows: () => { const trial = this.data.trials[0]; return [trial.at, trial.fuel]; },
        });
    }

    /** A row for each circuit: how much of each part of the time it ran. */
    bars() {
        const titles = this.isNarrow() ? this.of.labels : this.of.titles;
        const count = titles.length;
        return this.plot({
            height: count * ROW + 30, title: '', range: [0, count],
            series: [{ show: true, scale: 'y', stroke: 'transparent', points: { show: false } }],
            splits: () => titles.map((title, i) => count - i - 0.5), values: () => titles, isLast: true,
            rows: () => [[this.data.from, this.data.to], [null, null]],
            hooks: (u) => this.drawBars(u, count),
        });
    }

    drawBars(u, count) {
        const { from, to, trials } = this.data;
        const parts = trials[0].bars[0]?.length ?? 0;
        const runs = this.colour('--petrol');
        const live = this.colour('--track');
        const { ctx } = u;
        const tall = u.bbox.height / count;
        ctx.save();
        ctx.beginPath();
        ctx.rect(u.bbox.left, u.bbox.top, u.bbox.width, u.bbox.height);
        ctx.clip();
        const x = (part) => u.valToPos(from + (to - from) * part / parts, 'x', true);
        const first = Math.max(0, Math.floor((this.view[0] - from) / (to - from) * parts) - 1);
        const last = Math.min(parts, Math.ceil((this.view[1] - from) / (to - from) * parts) + 1);
        trials[0].bars.forEach((bar, row) => {
            for (let part = first; part < last;) {
                const digit = bar[part];
                let end = part + 1;
                while (end < last && bar[end] === digit) end += 1;
                if (digit !== '0') {
                    const share = digit === '1' ? 0 : (Number(digit) - 1) / 8;
                    const left = x(part);
                    ctx.fillStyle = live;
                    ctx.fillRect(left, u.bbox.top + row * tall + tall * 0.4, Math.max(1, x(end) - left), tall * 0.2);
                    ctx.globalAlpha = share === 0 ? 0 : 0.25 + 0.75 * share;
                    ctx.fillStyle = runs;
                    ctx.fillRect(left, u.bbox.top + row * tall + tall * 0.15, Math.max(1, x(end) - left), tall * 0.7);
                    ctx.globalAlpha = 1;
                }
                part = end;
            }
        });
        ctx.restore();
    }

    plot({ height, title, series, bands, range, values, splits, rows, hooks, isLast }) {
        const ink = this.colour('--quiet');
        const grid = { stroke: this.colour('--line'), width: 1 };
        const font = '13px "IBM Plex Mono", monospace';
        const box = document.createElement('div');
        box.className = 'timeline-plot';
        this.host.append(box);
        const plot = new uPlot({
            width: this.host.clientWidth, height, legend: { show: false },
            cursor: { drag: { x: false, y: false }, points: { show: false }, y: false, sync: { key: 'outage', scales: ['x', null] } },
            scales: { x: { time: false, min: this.view[0], max: this.view[1] }, y: { range: () => range } },
            series: [{}, ...series], bands,
            axes: [
                {
                    show: Boolean(isLast), stroke: ink, grid, ticks: grid, font, size: 30, space: 90, incrs: STEPS_S,
                    values: (u, at) => at.map((each) => this.tick(each)),
                },
                {
                    stroke: ink, grid: splits ? { show: false } : grid, ticks: { show: false }, font, values, splits, gap: 6,
                    size: this.isNarrow() ? 62 : 206,
                },
            ],
            hooks: {
                draw: [(u) => {
                    hooks?.(u);
                    this.word(u, title, u.bbox.left + 6 * devicePixelRatio, u.bbox.top + 15 * devicePixelRatio);
                    this.drawMark(u);
                }],
            },
            padding: [8, 24, isLast ? 0 : 8, 0],
        }, rows(), box);
        plot.rows = rows;
        plot.tall = height;
        this.hand(plot);
        return plot;
    }

    /** Several trials change at different moments: one list of times, each with what it was before. */
    joined(rowsOf) {
        const tables = this.data.trials.map((trial, i) => [trial.at, ...rowsOf(trial, i)]);
        return tables.length === 1 ? tables[0] : uPlot.join(tables).map((row, i) => (i === 0 ? row : carry(row)));
    }

    limit(u, amps, words, dash) {
        const { ctx } = u;
        const y = u.valToPos(amps, 'y', true);
        ctx.save();
        ctx.strokeStyle = this.colour('--danger');
        ctx.lineWidth = 1.5 * devicePixelRatio;
        ctx.setLineDash(dash.map((each) => each * devicePixelRatio));
        ctx.beginPath();
        ctx.moveTo(u.bbox.left, y);
        ctx.lineTo(u.bbox.left + u.bbox.width, y);
        ctx.stroke();
        ctx.restore();
        this.word(u, `${amps} A ${words}`, u.bbox.left + u.bbox.width - 6 * devicePixelRatio, y - 4 * devicePixelRatio, 'right');
    }

    /** A word on the picture, on a ground of its own. */
    word(u, words, x, y, align = 'left') {
        const { ctx } = u;
        ctx.save();
        ctx.font = `600 ${13 * devicePixelRatio}px "Archivo Variable", sans-serif`;
        ctx.textAlign = align;
        ctx.lineWidth = 4 * devicePixelRatio;
        ctx.strokeStyle = this.colour('--ground');
        ctx.strokeText(words, x, y);
        ctx.fillStyle = this.colour('--ink');
        ctx.fillText(words, x, y);
        ctx.restore();
    }

    drawMark(u) {
        if (this.mark === null) return;
        const x = u.valToPos(this.mark, 'x', true);
        if (x < u.bbox.left || x > u.bbox.left + u.bbox.width) return;
        const { ctx } = u;
        ctx.save();
        ctx.strokeStyle = this.colour('--ink');
        ctx.lineWidth = devicePixelRatio;
        ctx.beginPath();
        ctx.moveTo(x, u.bbox.top);
        ctx.lineTo(x, u.bbox.top + u.bbox.height);
        ctx.stroke();
        ctx.restore();
    }

    /** Dragged, pinched, turned by the wheel; a short press is a question for that moment. */
    hand(plot) {
        const { over } = plot;
        const fingers = new Map();
        let moved = 0;
        const at = (clientX) => {
            const share = (clientX - over.getBoundingClientRect().left) / over.clientWidth;
            return this.view[0] + share * (this.view[1] - this.view[0]);
        };
        over.style.touchAction = 'pan-y';
        over.addEventListener('pointerdown', (event) => {
            fingers.set(event.pointerId, event.clientX);
            over.setPointerCapture(event.pointerId);
            moved = 0;
        });
        over.addEventListener('pointermove', (event) => {
            const was = fingers.get(event.pointerId);
            if (was === undefined) return;
            const other = [...fingers].find(([id]) => id !== event.pointerId)?.[1];
            if (other !== undefined) {
                const before = Math.abs(was - other);
                const now = Math.abs(event.clientX - other);
                if (before > 10 && now > 10) this.scale(now / before, at((event.clientX + other) / 2));
            } else {
                const seconds = (was - event.clientX) / over.clientWidth * (this.view[1] - this.view[0]);
                this.look(this.view[0] + seconds, this.view[1] + seconds);
            }
            moved += Math.abs(event.clientX - was);
            fingers.set(event.pointerId, event.clientX);
        });
        for (const end of ['pointerup', 'pointercancel']) {
            over.addEventListener(end, (event) => {
                fingers.delete(event.pointerId);
                if (end === 'pointerup' && moved < 5) {
                    this.mark = at(event.clientX);
                    this.apply();
                    for (const each of this.plots) each.redraw(false);
                    this.of.onMoment(this.mark);
                }
            });
        }
        over.addEventListener('wheel', (event) => {
            event.preventDefault();
            if (Math.abs(event.deltaX) > Math.abs(event.deltaY)) return this.move(event.deltaX / 600);
            this.scale(event.deltaY < 0 ? 1.25 : 0.8, at(event.clientX));
        }, { passive: false });
    }

    isNarrow() { return this.host.clientWidth < 560; }

    tick(seconds) {
        const of = this.data.start * 3600 + seconds;
        const hour = Math.floor(of / 3600) % 24;
        const two = (value) => String(Math.floor(value)).padStart(2, '0');
        const clock = `${hour}:${two(of / 60 % 60)}`;
        const length = this.view[1] - this.view[0];
        if (length < 300) return `${clock}:${two(of % 60)}`;
        return length > 90000 && hour === 0 ? `day ${Math.floor(of / 86400) + 1}` : clock;
    }

    clock(seconds) {
        const of = this.data.start * 3600 + seconds;
        const two = (value) => String(Math.floor(value)).padStart(2, '0');
        return `day ${Math.floor(of / 86400) + 1}, ${Math.floor(of / 3600) % 24}:${two(of / 60 % 60)}:${two(of % 60)}`;
    }
}

function carry(row) {
    let last = null;
    return row.map((value) => { last = value ?? last; return last; });
}
