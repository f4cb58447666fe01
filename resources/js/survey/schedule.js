// A workbook (.xlsx, .ods, .xls) is opened here and its rows are put where they could have been pasted, so
// that one reader takes them all; and the schedule goes out as a workbook.
import { toast } from '../shared/parts.js';

const WORKBOOK = /\.(xlsx|xlsm|xls|ods)$/i;
const MOST_BYTES = 10_000_000;

const file = document.getElementById('schedule-file');
const pasted = document.getElementById('pasted');
const sheets = document.getElementById('sheet-pick');

file?.addEventListener('change', async () => {
    const chosen = file.files[0];
    sheets.hidden = true;
    if (!chosen || !WORKBOOK.test(chosen.name)) return;
    if (chosen.size > MOST_BYTES) return refuse(`${chosen.name} is larger than 10 MB. Save the one sheet as CSV and bring in that.`);
    try {
        const XLSX = await import('@e965/xlsx');
        const book = XLSX.read(await chosen.arrayBuffer(), { dense: true, cellNF: true });
        const filled = book.SheetNames.filter((name) => book.Sheets[name]['!ref']);
        if (!filled.length) return refuse(`${chosen.name} has no rows.`);
        const show = (name) => { pasted.value = XLSX.utils.sheet_to_csv(plain(book.Sheets[name], XLSX), { FS: '\t', blankrows: true }); };
        show(filled[0]);
        offer(filled, show);
        file.value = '';
        toast(`${chosen.name} is open. Its rows stand below.`);
    } catch {
        refuse(`${chosen.name} cannot be read as a workbook. Save the sheet as CSV and bring in that.`);
    }
});

// Rows that are pasted are looked at at once: nothing is saved by that.
pasted?.addEventListener('paste', (event) => {
    const rows = event.clipboardData?.getData('text/plain').trim().split(/\r?\n/) ?? [];
    if (rows.length > 1 && pasted.value.trim() === '') setTimeout(() => pasted.form.requestSubmit());
});

/** Numbers as they are, not as the cell shows them: "1,920" may be two numbers. A day stays as it is shown: it may be a pair of spaces. */
function plain(sheet, XLSX) {
    for (const cell of sheet['!data']?.flat() ?? []) {
        if (cell?.t === 'n' && !XLSX.SSF.is_date(cell.z ?? '')) cell.w = String(cell.v);
    }
    return sheet;
}

/** Which of several sheets it is. */
function offer(names, show) {
    const pick = sheets.querySelector('select');
    pick.replaceChildren(...names.map((name) => new Option(name, name)));
    pick.onchange = () => show(pick.value);
    sheets.hidden = names.length < 2;
}

function refuse(why) {
    file.value = '';
    toast(why, true);
}

document.querySelector('[data-workbook]')?.addEventListener('click', async (event) => {
    const { workbook: url, name } = event.currentTarget.dataset;
    try {
        const response = await fetch(url);
        if (!response.ok || response.redirected) throw new Error('schedule');
        const XLSX = await import('@e965/xlsx');
        // raw: what looks like a date or a number in a name stays the text that it is.
        const book = XLSX.read(await response.text(), { type: 'string', raw: true });
        XLSX.writeFile(book, `${name}.xlsx`);
    } catch {
        toast('The workbook could not be made. Try again, or take the CSV.', true);
    }
});
