type Cell = string | number | boolean | Date | null;

const quoted = (text: string): string => (/[",\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);

/** A day as it stands in the sheet: spreadsheets keep days without a zone. */
function cellText(cell: Cell): string {
    if (cell instanceof Date) {
        const iso = cell.toISOString();
        return iso.endsWith('T00:00:00.000Z') ? iso.slice(0, 10) : iso.slice(0, 16).replace('T', ' ');
    }
    return cell === null ? '' : String(cell);
}

export const asCsv = (rows: readonly (readonly Cell[])[]): string =>
    rows.map((row) => row.map((cell) => quoted(cellText(cell))).join(',')).join('\r\n');

/** What is sent of a file: its bytes, or of a spreadsheet its first sheet as a table of text. */
export async function tableOf(file: File): Promise<Blob> {
    const head = new Uint8Array(await file.slice(0, 4).arrayBuffer());
    if (String.fromCharCode(...head) !== 'PK\x03\x04') {
        return file;
    }
    const { readSheet } = await import('read-excel-file/universal');
    return new Blob([asCsv((await readSheet(file)) as Cell[][])], { type: 'text/csv' });
}
