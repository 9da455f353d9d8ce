import { readSheet } from 'read-excel-file/universal';
import { expect, it } from 'vitest';
import { rowsOf, workbookOf } from '../../../../client/domain/files/workbook';

const CSV =
    'day,athlete,clean_reps,note\r\n2026-03-02,"Marsh, Ada",8,"said ""heavy""\nthen laughed"\r\n2026-03-01,Bo,-2.5,\'=SUM(A1)\r\n,Cy,,007 a\r\n';

it('reads the rows of a table, quotes, commas and new lines inside cells too', () => {
    expect(rowsOf(CSV)).toEqual([
        ['day', 'athlete', 'clean_reps', 'note'],
        ['2026-03-02', 'Marsh, Ada', '8', 'said "heavy"\nthen laughed'],
        ['2026-03-01', 'Bo', '-2.5', "'=SUM(A1)"],
        ['', 'Cy', '', '007 a'],
    ]);
    expect(rowsOf('')).toEqual([]);
});

/** Read again by the package that reads what is brought in. */
it('writes a spreadsheet in which figures are figures, days are days, and no text is a formula', async () => {
    const rows = await readSheet(await workbookOf(CSV));
    expect(rows[0]).toEqual(['day', 'athlete', 'clean_reps', 'note']);
    expect(rows[1]).toEqual([new Date('2026-03-02T00:00:00Z'), 'Marsh, Ada', 8, 'said "heavy"\nthen laughed']);
    expect(rows[2]).toEqual([new Date('2026-03-01T00:00:00Z'), 'Bo', -2.5, '=SUM(A1)']);
    expect(rows[3]).toEqual([null, 'Cy', null, '007 a']);
});
