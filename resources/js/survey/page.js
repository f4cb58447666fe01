// The survey: the board, and moving breakers on it.
import { startBoard } from '../shared/board.js';
import { startDrag } from './drag.js';

startBoard();
startDrag();
