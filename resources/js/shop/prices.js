import { startGrid } from '../shared/grid.js';

for (const table of document.querySelectorAll('table[data-grid]')) startGrid(table);
