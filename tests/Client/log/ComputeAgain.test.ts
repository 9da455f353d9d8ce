import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import ComputeAgain from '../../../client/log/outdated/ComputeAgain.vue';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

const PATH = 'GET /api/v1/athletes/jolyon/outdated-sets';

const outdated = (changes: Partial<Schemas['OutdatedSets']> = {}): Schemas['OutdatedSets'] => ({
    sets: 0,
    athletes: 1,
    from: null,
    until: null,
    last: null,
    ...changes,
});
const order = (changes: Partial<Schemas['Recomputation']> = {}): Schemas['Recomputation'] => ({
    id: 'order',
    sets: 9,
    done: 0,
    left_out: 0,
    state: 'running',
    undoes: false,
    ...changes,
});
const offer = () => show(ComputeAgain, { of: { athlete: 'jolyon' }, because: 'with another mass' });

it('says nothing where no set is touched', async () => {
    const asked = serve({ [PATH]: () => outdated() });
    const { text } = offer();
    await eventually(() => expect(asked).toHaveLength(1));
    expect(text()).toBe('');
});

it('says which sets a correction touches, computes them again, follows how far that is, and undoes it', async () => {
    let done = 0;
    const asked = serve({
        [PATH]: () => (done < 9 ? outdated({ sets: 9, from: '2026-11-10', until: '2026-11-20' }) : outdated()),
        'POST /api/v1/recomputations': ({ body }) => {
            const { undoes_id } = body as Schemas['RecomputationInput'];
            return undoes_id ? order({ id: 'back', state: 'ended', done: 9, undoes: true }) : order();
        },
        'GET /api/v1/recomputations/order': () => {
            done = done === 0 ? 4 : 9;
            return order({ done, left_out: done === 9 ? 1 : 0, state: done === 9 ? 'ended' : 'running' });
        },
    });
    const { press, sees, emitted } = offer();
    await sees('9 sets, from Tue 10 Nov to Fri 20 Nov, were computed with another mass.');
    await press('Compute again');
    await sees('Computing again: 4 of 9 sets.');
    await sees('9 sets computed again. 1 set stayed: the set-up cannot be built any more.');
    expect(emitted('done')).toHaveLength(1);
    await press('Undo');
    await sees('9 sets put back as before.');
    expect(asked.filter((a) => a.command === 'POST /api/v1/recomputations').map((a) => a.body)).toMatchObject([
        { athlete_id: 'jolyon' },
        { undoes_id: 'order' },
    ]);
});

it('goes on with an order that stopped', async () => {
    const asked = serve({
        [PATH]: () => outdated({ sets: 5, from: '2026-11-10', until: '2026-11-10', last: order({ state: 'stopped', done: 4 }) }),
        'PUT /api/v1/recomputations/order/resumption': () => order({ done: 9, state: 'ended' }),
    });
    const { press, sees } = offer();
    await sees('It stopped after 4 sets.');
    await press('Go on');
    await sees('9 sets computed again.');
    expect(asked.some((a) => a.command.startsWith('PUT'))).toBe(true);
});
