// Square patterns are drawn here: what is in one never leaves this page.
import { pattern } from './pattern.js';

for (const place of document.querySelectorAll('[data-square]')) {
    const { side, path } = pattern(place.dataset.square);
    const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    svg.setAttribute('viewBox', `0 0 ${side} ${side}`);
    svg.setAttribute('shape-rendering', 'crispEdges');
    const dark = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    dark.setAttribute('d', path);
    svg.append(dark);
    place.append(svg);
}
