import { expect, it } from 'vitest';
import { tileOf } from '../../../../client/domain/floor/tile';
import FreshPlan from '../../../../client/today/panels/FreshPlan.vue';
import { athlete, classDay } from '../../support/floor';
import { show } from '../../support/screen';
import { refuse, serve } from '../../support/server';

const PATH = 'GET /api/v1/classes/c/days/2026-03-20/fresh-plan';
const turns = [{ athlete_id: 'bo', line: 'main:bands', n: 1, at_s: 1800, station: 'b' }];
const plan = {
    ends_at: '2026-03-20T12:39:00Z',
    told_ends_at: '2026-03-20T12:44:00Z',
    waiting_s: 600,
    told_waiting_s: 1200,
    moved: ['bo'],
    turns,
};
const open = () =>
    show(FreshPlan, {
        open: true,
        held: classDay([]).class,
        tiles: [athlete('Ada'), athlete('Bo')].map((a) => tileOf(a, 0)),
    });

it('says first what a fresh plan would change, and is taken whole', async () => {
    serve({ [PATH]: () => plan });
    const { press, sees, emitted } = open();
    await sees('All done about 12:39 instead of 12:44');
    await sees('10 min less waiting, all together. The next set comes at another time or place for Bo.');
    await press('Use this order');
    expect([emitted('take'), emitted('update:open')]).toEqual([[[turns]], [[false]]]);
});

it('leaves what was told where nothing better was found, or where the server does not answer', async () => {
    serve({ [PATH]: () => ({ ...plan, ends_at: plan.told_ends_at, moved: [] }) });
    const { press, sees, emitted } = open();
    await sees('No better order was found. All done about 12:44.');
    await press('Leave it as it is');
    expect([emitted('take'), emitted('update:open')]).toEqual([[], [[false]]]);
    document.body.innerHTML = '';
    serve({ [PATH]: () => refuse(503, 'away', 'The server is away.') });
    await open().sees('The server is away.');
});
