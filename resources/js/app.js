import Alpine from '@alpinejs/csp';
import { refresh, send, toast } from './parts.js';
import { startBoard } from './board.js';
import { startDrag } from './drag.js';
import { startUploads } from './upload.js';
import { startKeys, toggleNight } from './keys.js';
import { finder } from './finder.js';
import { library } from './library.js';

Alpine.data('finder', finder);
Alpine.data('library', library);
Alpine.start();

document.addEventListener('submit', (event) => {
    const form = event.target;
    if (form.matches('form[data-parts]')) {
        event.preventDefault();
        send(form, event.submitter);
    } else if (form.matches('form[data-refresh]')) {
        event.preventDefault();
        refresh(form);
    }
});

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
    if (tool?.dataset.key === 'print') window.print();
});

startBoard();
startDrag();
startUploads();
startKeys();
toast();
