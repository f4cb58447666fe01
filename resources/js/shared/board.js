// Selecting on the panel board, by touch and by arrow keys.
import { isMeant, keyOf, onKey } from './keys.js';
import { load, post, select, selected } from './parts.js';

const roles = { 1: 'must', 2: 'room', 3: 'off' };

export function startBoard() {
    select(new URLSearchParams(location.search).get('at'));
    const here = selected() && document.getElementById(`c-${selected()}`);
    if (here) keepInSight(here);
    document.addEventListener('click', (event) => {
        const close = event.target.closest('[data-deselect]');
        if (close) {
            event.preventDefault();
            return leave(close.getAttribute('href'));
        }
        const link = event.target.closest('[data-board] a, .twin a[data-at]');
        if (!link || event.metaKey || event.ctrlKey) return;
        event.preventDefault();
        open(link);
    });
    onKey(act);
}

function act(event) {
    const isArrow = event.key.startsWith('Arrow');
    const digit = keyOf(event);
    // With the focus on the board, digits are for it. With none, they may be meant for a field.
    if (roles[digit] && selected()) return (onBoard(event.target) || isMeant(event, 'marks the breaker')) && setRole(digit);
    if (event.altKey) return ['ArrowUp', 'ArrowDown'].includes(event.key) && moveBreaker(event.key === 'ArrowUp' ? -1 : 1);
    if (isArrow) return move(event.key);
    if (event.key === 'Escape' && selected()) {
        leave(location.pathname);
        return true;
    }
    // Come to by Tab, a breaker is selected first; once it is, Enter leads to its fields.
    const link = event.target.closest('[data-board] a');
    if (event.key === 'Enter' && link && link.dataset.at !== selected()) {
        open(link);
        return true;
    }
    const isOnBoard = event.target === document.body || event.target.matches('.breaker, main');
    return event.key === 'Enter' && isOnBoard && enterDrawer();
}

function onBoard(element) { return Boolean(element.closest('[data-board]')); }

/** To the first field that can be seen, when the drawer of what was selected last has come. */
function enterDrawer() {
    opening.then(() => [...document.querySelectorAll('#part-drawer :is(input, select, textarea):enabled')]
        .find((field) => field.type !== 'hidden' && field.checkVisibility())?.focus());
    return true;
}

let opening = Promise.resolve();

/** Selects what a link of the board stands for, and brings its drawer. */
function open(link) {
    const href = link.getAttribute('href');
    if (link.hasAttribute('data-free') && !document.querySelector('[data-stage-name="survey"]')) return location.assign(href);
    select(link.dataset.at ?? null);
    if (!link.dataset.at) link.classList.add('is-selected');
    history.replaceState(null, '', href);
    opening = load(href);
    keepInSight(link);
}

/** On a phone the drawer is a sheet over the lower half of the screen: what is selected stays above it. */
function keepInSight(link) {
    const bottom = link.getBoundingClientRect().bottom;
    const free = window.innerHeight * 0.42;
    if (window.innerWidth <= 700 && bottom > free) window.scrollBy({ top: bottom - free, behavior: 'smooth' });
}

/** Nothing is selected any more. */
function leave(href) {
    select(null);
    history.replaceState(null, '', href);
    opening = load(href);
}

/** One step over the board: within a column up and down, across it left and right. */
function move(key) {
    const places = [...document.querySelectorAll('[data-board] a')].map((link) => ({
        link, box: link.getBBox(), board: link.closest('[data-board]'),
    }));
    if (!places.length) return false;
    const now = places.find((place) => place.link.classList.contains('is-selected'));
    if (!now) {
        go(places.reduce((first, place) => (place.box.y < first.box.y ? place : first), places[0]));
        return true;
    }
    const middle = (place) => place.box.y + place.box.height / 2;
    const across = key === 'ArrowLeft' || key === 'ArrowRight';
    const step = key === 'ArrowDown' || key === 'ArrowRight' ? 1 : -1;
    const candidates = places.filter((place) => place.board === now.board && place !== now && (across
        ? Math.sign(place.box.x - now.box.x) === step
        : place.box.x === now.box.x && Math.sign(middle(place) - middle(now)) === step));
    const next = candidates.sort((x, y) => Math.abs(middle(x) - middle(now)) - Math.abs(middle(y) - middle(now)))[0];
    if (next) go(next);
    return true;
}

function go(place) {
    open(place.link);
    place.link.focus({ preventScroll: true });
    place.link.scrollIntoView({ block: 'nearest' });
}

function setRole(digit) {
    const key = selected();
    const breaker = key && document.getElementById(`c-${key}`);
    if (!breaker || !roles[digit]) return false;
    const job = document.body.dataset.job;
    // The role it has is read when this change's turn comes: several keys may be on their way.
    const stage = document.querySelector('main').dataset.stageName;
    post(`/jobs/${job}/circuits/${encodeURIComponent(key)}/role`, { _method: 'PATCH', role: roles[digit], stage },
        () => ({ role: document.getElementById(`c-${key}`)?.dataset.role ?? breaker.dataset.role }));
    return true;
}

/** The selected breaker to the next place up or down its column that is free for it; the drawer lists them. */
function moveBreaker(step) {
    const places = document.getElementById('m-space');
    if (!places) return false;
    const now = Number(places.value);
    const next = [...places.options].map((option) => Number(option.value))
        .filter((space) => space % 2 === now % 2 && Math.sign(space - now) === step)
        .sort((x, y) => Math.abs(x - now) - Math.abs(y - now))[0];
    if (next === undefined) return false;
    places.value = String(next);
    places.dispatchEvent(new Event('change', { bubbles: true }));
    return true;
}
