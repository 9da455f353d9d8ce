import { fireEvent } from '@testing-library/vue';
import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import ImportsPage from '../../../client/imports/ImportsPage.vue';
import { asCsv } from '../../../client/imports/spreadsheet';
import { eventually, show } from '../support/screen';
import { refuse, serve, type Asked } from '../support/server';

const entry = (changes: Partial<Schemas['Import']> = {}): Schemas['Import'] => ({
    id: 'i',
    kind: 'sets',
    name: 'log.csv',
    lines_so_far: 0,
    lines: 12,
    state: 'waiting',
    taken: 0,
    known: 0,
    refused: 0,
    made_at: '2026-03-02T18:00:00Z',
    dates: 'day-first',
    columns: [
        { title: 'Who', field: 'name', unit: null },
        { title: 'Weight', field: 'help', unit: 'lb' },
        { title: 'Day', field: null, unit: null },
    ],
    fields: [
        { field: 'name', needed: true, units: [] },
        { field: 'date', needed: true, units: [] },
        { field: 'help', needed: false, units: ['kg', 'lb'] },
        { field: 'bodyweight', needed: false, units: ['kg', 'lb'] },
    ],
    ...changes,
});
const dry = (changes: Partial<Schemas['DryRun']> = {}): Schemas['DryRun'] => ({
    import: entry(),
    ready: 10,
    known: 1,
    refused_count: 1,
    refused: [{ line: 4, why: 'Nobody here is called “Joel”.' }],
    asked: [{ field: 'name', text: 'Joel', lines: 1, target: null }],
    samples: [['Ada', 'Joel'], ['20'], ['1.2.2025']],
    athletes: [
        { target: 'ada', name: 'Ada' },
        { target: 'leave', name: 'Nobody: leave these lines out' },
    ],
    exercises: [],
    ...changes,
});

async function taken(answers: Record<string, (asked: Asked) => unknown>) {
    const asked = serve({ 'GET /api/v1/imports': () => ({ items: [] }), ...answers });
    const shown = show(ImportsPage);
    const file = new File(['Who,Weight,Day\r\nAda,20,1.2.2025'], 'log.csv', { type: 'text/csv' });
    await fireEvent.update(document.querySelector('input[type=file]')!);
    Object.defineProperty(document.querySelector('input[type=file]')!, 'files', { value: [file], configurable: true });
    await fireEvent.change(document.querySelector('input[type=file]')!);
    return { asked, ...shown };
}
const bodyOf = (asked: Asked[], command: string): Schemas['MappingInput'] =>
    [...asked].reverse().find((a) => a.command === command)?.body as Schemas['MappingInput'];

it('shows what would become of a file, and maps its columns, units, dates and names as it is told', async () => {
    const { asked, sees, choose, press, text } = await taken({
        'POST /api/v1/imports': () => dry(),
        'PUT /api/v1/imports/i/mapping': () => dry({ ready: 11, refused_count: 0, refused: [], asked: [] }),
    });
    await sees('10 sets would come in, 1 line is here already, 1 line would be left out.');
    expect(text()).toContain('No column is taken for date.');
    expect(text()).toContain('Line 4 Nobody here is called “Joel”.');
    await choose('What Joel is here', 'Ada');
    await sees('11 sets would come in, 1 line is here already.');
    expect(bodyOf(asked, 'PUT /api/v1/imports/i/mapping').matches).toEqual([{ field: 'name', text: 'Joel', target: 'ada' }]);
    await choose('What Day is', 'Date *');
    await eventually(() => expect(bodyOf(asked, 'PUT /api/v1/imports/i/mapping').columns[2]).toEqual({ field: 'date', unit: null }));
    await choose('What Day is', 'Name *');
    await eventually(() =>
        expect(bodyOf(asked, 'PUT /api/v1/imports/i/mapping').columns).toEqual([
            { field: null, unit: null },
            { field: 'help', unit: 'lb' },
            { field: 'name', unit: null },
        ]),
    );
    await choose('Unit of Weight', 'kg');
    await eventually(() => expect(bodyOf(asked, 'PUT /api/v1/imports/i/mapping').columns[1]).toEqual({ field: 'help', unit: 'kg' }));
    await press('Another file');
    await sees('What is in the file?');
});

it('brings it in, says how many came, and undoes it', async () => {
    let state: Schemas['Import']['state'] = 'running';
    const { asked, sees, press } = await taken({
        'POST /api/v1/imports': () => dry(),
        'POST /api/v1/imports/i/order': () => entry({ state: 'running', lines_so_far: 9 }),
        'GET /api/v1/imports/i': () => entry({ state: (state = 'ended'), taken: 10, known: 1, refused: 1 }),
        'GET /api/v1/imports': () => ({ items: state === 'running' ? [] : [entry({ state, taken: 10, known: 1, refused: 1 })] }),
        'POST /api/v1/imports/i/undoing': () => entry({ state: (state = 'undone'), taken: 10 }),
    });
    await press('Bring in 10 sets');
    await sees(/Bringing in 12 lines of log.csv: 75 %/);
    await sees('10 sets came in.');
    await sees('10 sets came in, 1 line was here already, 1 line left out');
    await press('Undo log.csv');
    await sees('10 sets came in, and was undone');
    expect(asked.some((a) => a.command === 'POST /api/v1/imports/i/undoing')).toBe(true);
});

it('says what is wrong with a file, and keeps the page', async () => {
    const { sees } = await taken({
        'POST /api/v1/imports': () => refuse(422, 'bad-table', 'There is no line under the titles of the columns.'),
    });
    await sees('There is no line under the titles of the columns.');
    await sees('What is in the file?');
});

it('writes a sheet as a table: days without a time, what has commas or quotes quoted', () => {
    expect(
        asCsv([
            ['Day', 'Note', 'Reps', 'Late'],
            [new Date('2026-03-02T00:00:00Z'), 'a "b", c', 8, new Date('2026-03-02T18:30:00Z')],
            [null, true, 1.5, ''],
        ]),
    ).toBe('Day,Note,Reps,Late\r\n2026-03-02,"a ""b"", c",8,2026-03-02 18:30\r\n,true,1.5,');
});
