// The square pattern that a telephone reads, drawn here: what is in it never leaves this page.
import qrcode from 'qrcode-generator';

const MARGIN = 4;

for (const place of document.querySelectorAll('[data-square]')) {
    const code = qrcode(0, 'M');
    code.addData(place.dataset.square);
    code.make();
    const count = code.getModuleCount();
    const cells = Array.from({ length: count * count }, (_, i) => [i % count, Math.floor(i / count)]).filter(([x, y]) => code.isDark(y, x));
    const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    const side = count + 2 * MARGIN;
    svg.setAttribute('viewBox', `0 0 ${side} ${side}`);
    svg.setAttribute('shape-rendering', 'crispEdges');
    const path = document.createElementNS('http://www.w3.org/2000/svg', 'path');
    path.setAttribute('d', cells.map(([x, y]) => `M${x + MARGIN} ${y + MARGIN}h1v1h-1z`).join(''));
    svg.append(path);
    place.append(svg);
}
