import Alpine from '@alpinejs/csp';
import { finder } from './shared/finder.js';
import { leaveWith } from './shared/line.js';
import { startKeys, toggleNight } from './shared/keys.js';
import { refresh, send, toast } from './shared/parts.js';
import { startPhotos } from './shared/photos.js';

Alpine.data('finder', finder);
// A page's own script is loaded after this one and may add to it first.
document.addEventListener('DOMContentLoaded', () => Alpine.start());

document.addEventListener('submit', (event) => {
    const form = event.target;
    if (form.matches('form[data-parts]')) {
        event.preventDefault();
        send(form, event.submitter);
    } else if (form.matches('form[data-refresh]')) {
        event.preventDefault();
        refresh(form);
    } else if (leaves(form) && !event.defaultPrevented) {
        event.preventDefault();
        leaveWith(form, event.submitter);
    }
});

/** Asked by attribute: a field of a form may be called "method". Files go up with their progress shown, or natively. */
function leaves(form) {
    return form.getAttribute('method') === 'post' && form.getAttribute('enctype') !== 'multipart/form-data';
}

// A field is saved when it is left, so that nothing typed in a garage is lost.
document.addEventListener('change', (event) => {
    const form = event.target.form;
    if (form?.matches('form[data-autosave]')) {
        send(form, null);
    }
});

document.addEventListener('click', (event) => {
    const tool = event.target.closest('[data-key]');
    if (tool?.dataset.key === 'n') toggleNight();
    if (tool?.dataset.key === '/') document.getElementById('finder').showModal();
    if (tool?.dataset.key === '?') document.getElementById('keys').showModal();
    if (tool?.dataset.key === 'c') document.getElementById('begin').showModal();
    event.target.closest('[data-close]')?.closest('dialog').close();
    if (tool?.dataset.key === 'print') window.print();
});

// Where the stages lie side by side, the one that is open is in sight.
const spine = document.querySelector('.spine');
const open = spine?.querySelector('[aria-current]');
if (open) {
    const [all, one] = [spine.getBoundingClientRect(), open.getBoundingClientRect()];
    spine.scrollLeft += one.left + one.width / 2 - all.left - all.width / 2;
}

// The server draws a board for the hand or for the desk: it is told which, and asked again where the page has the other one.
const narrow = matchMedia('screen and (max-width: 920px)');
function tellWidth() {
    document.cookie = `narrow=${narrow.matches ? 1 : 0}; path=/; max-age=31536000; samesite=lax`;
    const board = document.querySelector('[data-board]');
    if (board && board.classList.contains('is-narrow') !== narrow.matches && navigator.cookieEnabled) location.reload();
}
narrow.addEventListener('change', () => matchMedia('screen').matches && tellWidth());
tellWidth();

startPhotos();
startKeys();
toast();
