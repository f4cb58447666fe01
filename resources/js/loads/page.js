// What must run: the board, and the library beside it.
import Alpine from '@alpinejs/csp';
import { startBoard } from '../shared/board.js';
import { library } from './library.js';

Alpine.data('library', library);
startBoard();
