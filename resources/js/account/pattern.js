// The square pattern that a telephone reads: its side and the path of what is dark, quiet margin included.
import qrcode from 'qrcode-generator';

const MARGIN = 4;

export function pattern(text) {
    const code = qrcode(0, 'M');
    code.addData(text);
    code.make();
    const count = code.getModuleCount();
    const cells = Array.from({ length: count * count }, (_, i) => [i % count, Math.floor(i / count)]).filter(([x, y]) => code.isDark(y, x));
    return { side: count + 2 * MARGIN, path: cells.map(([x, y]) => `M${x + MARGIN} ${y + MARGIN}h1v1h-1z`).join('') };
}
