// For paper: reads a text from its input and writes its square pattern as an SVG document.
import { readFileSync } from 'node:fs';
import { pattern } from './pattern.js';

const { side, path } = pattern(readFileSync(0, 'utf8'));
process.stdout.write(`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${side} ${side}" width="${side}" height="${side}">`
    + `<path d="${path}"/></svg>`);
