import { move, moveBreaker, setRole } from './board.js';

export function toggleNight() {
    const night = document.documentElement.dataset.theme !== 'night';
    document.documentElement.dataset.theme = night ? 'night' : 'day';
    document.cookie = `night=${night ? 1 : 0}; path=/; max-age=31536000; samesite=lax`;
}

export function startKeys() {
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.target.closest('input, textarea, select, dialog')) return;
        if (event.altKey) {
            const isMove = event.key === 'ArrowUp' || event.key === 'ArrowDown';
            if (isMove && moveBreaker(event.key === 'ArrowUp' ? -1 : 1)) event.preventDefault();
            return;
        }
        if (act(event)) event.preventDefault();
    });
}

function act(event) {
    switch (event.key) {
        case 'ArrowUp': case 'ArrowDown': case 'ArrowLeft': case 'ArrowRight': return move(event.key);
        case '1': case '2': case '3': return setRole(event.key);
        case 'Enter': return event.target === document.body || event.target.matches('.breaker, main') ? enterDrawer() : false;
        case '[': return step(-1);
        case ']': return step(1);
        case '/': return show('finder');
        case '?': return show('keys');
        case 'n': toggleNight(); return true;
        case 'u': return submit('undo-form');
        case 'U': return submit('redo-form');
        default: return false;
    }
}

function enterDrawer() {
    const field = document.querySelector('#part-drawer input:not([type="hidden"])');
    field?.focus();
    return Boolean(field);
}

function step(by) {
    const stages = [...document.querySelectorAll('[data-stage]')];
    const next = stages[stages.findIndex((stage) => stage.hasAttribute('aria-current')) + by];
    if (next) location.assign(next.href);
    return Boolean(next);
}

function show(id) {
    const dialog = document.getElementById(id);
    dialog?.showModal();
    return Boolean(dialog);
}

function submit(id) {
    const form = document.getElementById(id);
    form?.requestSubmit();
    return Boolean(form);
}
