import { startGrid } from '../shared/grid.js';

for (const table of document.querySelectorAll('table[data-grid]')) startGrid(table);

// Found by its name: straight at its price.
function toFound() {
    if (!location.hash.startsWith('#part-')) return;
    const price = document.getElementById(location.hash.slice(1))?.querySelector('[data-column="price_usd"]');
    price?.focus();
    price?.select();
    price?.scrollIntoView({ block: 'center' });
}
addEventListener('hashchange', toFound);
// The browser itself goes to the row once all is loaded, and takes the focus from whatever has it.
addEventListener('load', () => setTimeout(toFound));
