// What must run: the board, and the library beside it.
import Alpine from '@alpinejs/csp';
import { startBoard } from '../shared/board.js';
import { onKey } from '../shared/keys.js';
import { library } from './library.js';

Alpine.data('library', library);
startBoard();
onKey((event) => {
    if (event.altKey || event.ctrlKey) return false;
    if (event.key === 'g') return Boolean(open('[data-other-view]'));
    if (event.key === 't') return Boolean(press('#take-one button[value="usual"]'));
    return event.key === 'T' && Boolean(press('#take-all button'));
});

function open(link) {
    location.assign(document.querySelector(link).href);
    return true;
}

function press(button) {
    document.querySelector(button)?.click();
    return true;
}
