import { expect, it } from 'vitest';
import { summary, type Compared } from '../../../client/methods/compared';
import ComparePage from '../../../client/methods/ComparePage.vue';
import { jolyon } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, serve } from '../support/server';

const one = (weeks: number | null): Compared => ({ weeks, sessions: 40, lowerings: 60, failed_sets: 4, wasted_sessions: 2 });
const methods = {
    methods: ['band-taper', 'rows-first'].map((key) => ({
        key,
        name: key.replace('-', ' '),
        idea: '',
        per_week: [2, 3],
        stages: [],
        says: [],
        own: false,
        athletes: 0,
        lacks: [],
    })),
};

it('counts who did not come within the year as later than all who did', () => {
    const those = [10, 20, 30, null, null].map(one);
    expect(summary(those)).toMatchObject({
        weeks: '30 weeks',
        came: '3 of 5',
        interval: 'eight in ten 10–over 52',
        sessions: '40',
        failed: '0.10',
        wasted: '5 %',
    });
    expect(summary([one(null), one(null)]).weeks).toBe('over 52 weeks');
});

it('trains the same athletes by both, a few at a time, with progress, and says what it is', async () => {
    const asked = serve({
        'GET /api/v1/athletes/jolyon': () => jolyon,
        'GET /api/v1/methods': () => methods,
        'GET /api/v1/athletes/jolyon/trend': () => ({
            forecasts: [{ reps: 1, verdict: 'foreseeable', within_26: 0.8, median_on: '2026-08-01' }],
        }),
        'POST /api/v1/athletes/jolyon/comparisons': () => ({ athletes: [12, 14, 16, 18].map(one) }),
    });
    const { press, sees, text } = show(ComparePage, { id: 'jolyon' });
    await sees('60 virtual athletes');
    await press('Compare');
    await sees('60 of 60');
    const posts = asked.filter((a) => a.command.startsWith('POST')).map((a) => a.body as { method: string; from: number });
    expect(posts).toHaveLength(30);
    expect(posts.filter((p) => p.method === 'band-taper').map((p) => p.from)).toEqual(
        posts.filter((p) => p.method === 'rows-first').map((p) => p.from),
    );
    expect(text()).toContain('It is a model');
    expect(text()).toContain('First strict rep: about Sat 1 Aug. That is foretold from the log.');
    expect(text()).toContain('16 weeks');
});

it('stops when it is told to, and says what the server refuses', async () => {
    let calls = 0;
    serve({
        'GET /api/v1/athletes/jolyon': () => jolyon,
        'GET /api/v1/methods': () => methods,
        'POST /api/v1/athletes/jolyon/comparisons': () =>
            ++calls > 2 ? refuse(503, 'away', 'The database is away.') : { athletes: [one(9)] },
    });
    const { press, sees } = show(ComparePage, { id: 'jolyon' });
    await press('Compare');
    await sees('The database is away.');
    await eventually(() => expect(document.body.textContent).toContain('Compare'));
    expect(calls).toBe(3);
});
