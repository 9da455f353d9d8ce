import { expect, it } from 'vitest';
import AuditPage from '../../../client/staff/AuditPage.vue';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

const entry = (id: string, event: string, about: string | null) => ({ id, event, about, at: '2026-03-02T18:30:00Z', by: 'Bea' });

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
