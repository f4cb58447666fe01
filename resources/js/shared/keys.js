// The keys of every page; a page adds its own.

const own = [];

/** A handler of its own keys: true when it has used the key. */
export function onKey(handler) { own.push(handler); }

export function toggleNight() {
    const night = document.documentElement.dataset.theme !== 'night';
    document.documentElement.dataset.theme = night ? 'night' : 'day';
    document.cookie = `night=${night ? 1 : 0}; path=/; max-age=31536000; samesite=lax`;
}

export function startKeys() {
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.target.closest('input, textarea, select, dialog')) return;
        if (own.some((handler) => handler(event)) || (!event.altKey && act(event))) event.preventDefault();
    });
}

function act(event) {
    switch (event.key) {
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
