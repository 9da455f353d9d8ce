import { expect, it, vi } from 'vitest';
import LogPage from '../../../client/log/LogPage.vue';
import { linesOf } from '../../../client/log/lines';
import { set } from '../support/samples';
import { at, eventually, show } from '../support/screen';
import { refuse, serve, type Asked } from '../support/server';

const entries = [
    set({ id: 'c', trained_on: '2026-03-05', clean_reps: 7, setup_name: 'Rook 32 mm, foot, Beam bar', setup_key: 'r' }),
    set({ id: 'b', trained_on: '2026-03-05', clean_reps: 8, setup_name: 'Rook 32 mm, foot, Beam bar', setup_key: 'r' }),
    set({ id: 'a', trained_on: '2026-03-02', clean_reps: null, hang_s: 31, setup_name: null, setup_key: null, purpose: 'baseline' }),
].map((one) => ({ athlete_id: 'ada', athlete_name: 'Ada Marsh', set: one }));

async function log(address = '/log', items = entries) {
    const asked = serve({
        'GET /api/v1/log': () => ({
            items,
            next_page: items.length > 0 ? 2 : null,
            from: '2025-12-05',
            to: '2026-03-05',
            tags: ['evening'],
        }),
    });
    const shown = show(LogPage, {}, await at(address));
    const last = (): Asked => asked.filter((a) => a.command === 'GET /api/v1/log').at(-1)!;
    return { ...shown, asked, last };
}

it('puts the sets of a day on one set-up on a line, in the order they were done, whoever trained between', () => {
    const lines = linesOf(
        entries,
        (e) => e.set,
        (e) => e.athlete_id,
    );
    expect(lines.map((l) => l.all.map((e) => e.set.id))).toEqual([['b', 'c'], ['a']]);
    const two = [entries[0]!, { ...entries[1]!, athlete_id: 'bo' }, { ...entries[1]!, set: { ...entries[1]!.set, id: 'd' } }];
    expect(
        linesOf(
            two,
            (e) => e.set,
            (e) => e.athlete_id,
        ),
    ).toHaveLength(2);
});

it('shows who did what, asks for what is typed and picked, and offers the same as a table', async () => {
    const { fill, press, sees, last, text } = await log();
    await sees('Ada Marsh');
    expect(text()).toContain('Rook 32 mm, foot, Beam bar');
    expect(text()).toContain('8 7');
    expect(text()).toContain('31 s');
    await fill('Exercise', 'rook');
    await eventually(() => expect(last().query).toMatchObject({ exercise: 'rook', page: '1' }));
    await eventually(() => expect(document.querySelector('a[download]')?.getAttribute('href')).toBe('/api/v1/log.csv?exercise=rook'));
    await fill('From', '2026-03-01');
    await eventually(() => expect(last().query).toMatchObject({ exercise: 'rook', from: '2026-03-01' }));
    await press('Earlier');
    await eventually(() => expect(last().query).toMatchObject({ page: '2' }));
});

it('keeps to one athlete until everybody is asked for, and says when there is nothing', async () => {
    const { press, sees, last } = await log('/log?athlete=ada');
    await sees('Only Ada Marsh.');
    expect(last().query).toMatchObject({ athlete: 'ada' });
    await press('Everybody');
    await eventually(() => expect(last().query).not.toHaveProperty('athlete'));
});

it('says when nothing was logged so', async () => {
    const { sees } = await log('/log?exercise=nothing', []);
    await sees('No sets match on these days.');
});

it('takes the log along as a spreadsheet, by the same filter, and says when it cannot', async () => {
    const kept: Blob[] = [];
    const made = vi.spyOn(URL, 'createObjectURL').mockImplementation((file) => (kept.push(file as Blob), 'blob:kept'));
    const click = vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(() => undefined); // no page is left for it
    let away = true;
    const asked = serve({
        'GET /api/v1/log': () => ({ items: entries, next_page: null, from: '2025-12-05', to: '2026-03-05', tags: [] }),
        'GET /api/v1/log.csv': () => (away ? refuse(503, 'away', 'The server is away.') : 'day,athlete\r\n2026-03-05,Ada Marsh\r\n'),
    });
    const { press, sees } = show(LogPage, {}, await at('/log?purpose=work'));
    await press('Spreadsheet (XLSX)');
    await sees('The server is away.');
    away = false;
    await press('Spreadsheet (XLSX)');
    await eventually(() => expect(kept).toHaveLength(1));
    expect(asked.filter((a) => a.command === 'GET /api/v1/log.csv').map((a) => a.query['purpose'])).toEqual(['work', 'work']);
    expect(new Uint8Array(await kept[0]!.slice(0, 2).arrayBuffer())).toEqual(new Uint8Array([0x50, 0x4b]));
    made.mockRestore();
    click.mockRestore();
});
