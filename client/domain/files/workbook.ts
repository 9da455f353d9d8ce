import type { SheetData } from 'write-excel-file/universal';

const CELL = /("(?:[^"]|"")*"|[^,\r\n]*)(,|\r\n|$)/y;
const FIGURE = /^-?\d+(\.\d+)?$/;
const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;
/** Before what a spreadsheet would take for a formula a table has an apostrophe; a cell of text needs none. */
const DEFUSED = /^'(?=[=+\-@\t\r])/;

/** The rows of a table of comma-separated values (RFC 4180), as the server writes them. */
export function rowsOf(csv: string): string[][] {
    const rows: string[][] = [];
    let row: string[] = [];
    CELL.lastIndex = 0;
    while (CELL.lastIndex < csv.length) {
        const [, cell = '', end] = CELL.exec(csv) ?? [];
        row.push(cell.startsWith('"') ? cell.slice(1, -1).replaceAll('""', '"') : cell);
        if (end !== ',') {
            rows.push(row);
            row = [];
        }
    }
    return rows;
}

/** Figures are figures and days are days, so that a spreadsheet can reckon with them; all else is text. */
export const sheetOf = (csv: string): SheetData =>
    rowsOf(csv).map((row, i) =>
        row.map((cell) => {
            const day = DAY.exec(cell);
            if (i === 0) {
                return { value: cell, fontWeight: 'bold' as const };
            }
            if (day) {
                return { type: Date, value: new Date(Date.UTC(Number(day[1]), Number(day[2]) - 1, Number(day[3]))), format: 'yyyy-mm-dd' };
            }
            return FIGURE.test(cell) ? { type: Number, value: Number(cell) } : cell === '' ? null : { value: cell.replace(DEFUSED, '') };
        }),
    );

/** The table as a spreadsheet; what makes it is loaded only then. */
export async function workbookOf(csv: string): Promise<Blob> {
    const { default: write } = await import('write-excel-file/universal');
    return write(sheetOf(csv), { stickyRowsCount: 1 }).toBlob();
}
