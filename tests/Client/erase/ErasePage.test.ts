import { expect, it } from 'vitest';
import ErasePage from '../../../client/erase/ErasePage.vue';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve } from '../support/server';

const A = '/api/v1/athletes/zelda/erasure';
const ahead = {
    name: 'Zelda Quist',
    log: 'anonymous',
    parts: [
        { part: 'screens', rows: 2, fate: 'erased' },
        { part: 'sets', rows: 1, fate: 'nameless' },
        { part: 'wear', rows: 4, fate: 'kept' },
    ],
};

it('shows what would go and what would stay, and erases only who is named', async () => {
    let settled = true;
    const asked = serve({
        [`GET ${A}`]: () => ahead,
        [`POST ${A}`]: () =>
            settled
                ? { id: 'e', log: 'anonymous', ordered_at: '', by: 'Coach', ended_at: null, failed: false, rows: 0 }
                : refuse(422, 'invalid', '', [fault('/log', 'What becomes of the training was settled otherwise since.')]),
    });
    const { fill, press, sees } = show(ErasePage, { id: 'zelda' });
    await sees(/Erased Screens .*2 entries Stays, without a name Sets .*1 entry Stays Wear of bands .*4 entries/);
    const key = (): HTMLButtonElement => [...document.querySelectorAll('button')].find((b) => b.textContent.includes('Erase for good'))!;
    await fill(/^Type the name/, 'zelda');
    expect(key().disabled).toBe(true);
    await fill(/^Type the name/, 'Zelda Quist');
    await eventually(() => expect(key().disabled).toBe(false));
    settled = false;
    await press('Erase for good');
    await sees('settled otherwise since');
    settled = true;
    await press('Erase for good');
    await sees('It is being erased');
    const bodies = asked.filter((a) => a.command.startsWith('POST')).map((a) => a.body as { id: string });
    expect(bodies[1]).toEqual({ id: bodies[0]!.id, name: 'Zelda Quist', log: 'anonymous' });
});

it('offers what is kept of them before it goes', async () => {
    serve({ [`GET ${A}`]: () => ahead });
    await show(ErasePage, { id: 'zelda' }).sees('This cannot be undone');
    expect(document.querySelector('a[download]')?.getAttribute('href')).toBe('/api/v1/athletes/zelda/export');
});
