import { expect, it } from 'vitest';
import AuditPage from '../../../client/staff/AuditPage.vue';
import { changedWords } from '../../../client/staff/done';
import { eventually, show } from '../support/screen';
import { refuse, serve } from '../support/server';

const entry = (id: string, event: string, about: string | null, more = {}) => ({
    id,
    event,
    about,
    at: '2026-03-02T18:30:00Z',
    by: 'Bea',
    script: null,
    changed: [],
    can_be_undone: false,
    ...more,
});

it('tells in plain words who did what to whom, and when, page by page', async () => {
    const asked = serve({
        'GET /api/v1/audit': ({ query }) =>
            query['page'] === '2'
                ? { items: [entry('c', 'signed-in', null)], next_page: null }
                : { items: [entry('a', 'screen-seen', 'Ada'), entry('b', 'gym-exported', null)], next_page: 2 },
    });
    const { press, sees, text } = show(AuditPage);
    await sees(/2 Mar, 18:30 Bea saw the answers of a screen of Ada/);
    expect(text()).toMatch(/Bea exported the whole gym/);
    await press('Earlier');
    await sees('Bea signed in');
    await eventually(() => expect(asked.map((a) => a.query['page'])).toEqual(['1', '2']));
});

it('says that nothing was done yet', async () => {
    serve({ 'GET /api/v1/audit': () => ({ items: [], next_page: null }) });
    await show(AuditPage).sees('Nothing yet.');
});

it('tells from what to what, and by which script', async () => {
    const changed = [
        { what: 'stature_m', from: '1.75', to: '1.8' },
        { what: 'tags', from: '', to: 'evening' },
    ];
    serve({
        'GET /api/v1/audit': () => ({
            items: [entry('a', 'athlete-changed', 'Ada', { changed, script: 'Door counter' })],
            next_page: null,
        }),
    });
    const { sees, text } = show(AuditPage);
    await sees('Ada height 175 cm → 180 cm classes none → evening');
    expect(text()).toContain('Bea by the script Door counter');
});

it.each([
    ['rated_kg', '150', '200', 'rated 150.0 kg → 200.0 kg'],
    ['points', null, null, 'readings changed'],
    ['thickness_mm', '4.5', '4', 'thickness 4.5 mm → 4 mm'],
    ['keep_health_years', null, '2', 'keep health years none → 2'],
    ['grip-width', null, 'wide', 'grip width none → wide'],
    ['archived', 'no', 'yes', 'archived no → yes'],
] as const)('says in words that %s went from %s to %s', (what, from, to, words) => {
    expect(changedWords({ what, from, to })).toBe(words);
});

it('puts back what still stands, and says why where it does not', async () => {
    let items = [entry('new', 'gear-changed', 'Beam', { can_be_undone: true }), entry('old', 'signed-in', null)];
    let refuses = true;
    const asked = serve({
        'GET /api/v1/audit': () => ({ items, next_page: null }),
        'POST /api/v1/audit/new/undo': () => (refuses ? refuse(409, 'changed-since', 'It was changed again since then.') : {}),
    });
    const { press, sees } = show(AuditPage);
    await sees('Beam');
    expect(document.querySelectorAll('td button')).toHaveLength(1);
    await press('Undo: changed the kit Beam');
    await sees('It was changed again since then.');
    [refuses, items] = [false, [entry('undone', 'gear-changed', 'Beam again'), ...items]];
    await press('Undo: changed the kit Beam');
    await sees('Beam again');
    expect(asked.filter((a) => a.command === 'POST /api/v1/audit/new/undo')).toHaveLength(2);
});
