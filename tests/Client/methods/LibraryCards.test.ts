import { expect, it } from 'vitest';
import LibraryCards from '../../../client/methods/LibraryCards.vue';
import { show } from '../support/screen';
import { refuse, serve } from '../support/server';

it('lays out builders, class work and the ladders, with what is not for newcomers', async () => {
    serve({
        'GET /api/v1/library': () => ({
            builders: [
                {
                    key: 'pre-tired',
                    name: 'Pre-tired sets',
                    idea: 'Curls first.',
                    weeks: [2, 2],
                    from_reps: 5,
                    lines: ['Curl 4 × 20', 'Pull-up 4 × 3–5'],
                    tires: true,
                },
            ],
            variations: [{ key: 'rows', name: 'Rows', reps: [10, 30], note: 'Heels need grip.', rung: null }],
            grip: [{ tier: 'intermediate', from_s: 30, to_s: 60 }],
            trunk: ['Kneeling plank', 'Plank'],
            accessories: [],
        }),
    });
    const { sees, text } = show(LibraryCards);
    await sees('Pre-tired sets');
    expect(text()).toContain('from 5 strict, 2 weeks');
    expect(text()).toContain('Curl 4 × 20 · Pull-up 4 × 3–5');
    expect(text()).toContain('not for newcomers');
    expect(text()).toContain('10–30 Rows. Heels need grip.');
    expect(text()).toMatch(/30–60 s hang, intermediate/);
    expect(text()).toMatch(/Kneeling plank.*Plank/);
});

it('says so where it cannot be loaded', async () => {
    serve({ 'GET /api/v1/library': () => refuse(503, 'away', 'The database is away.') });
    const { sees } = show(LibraryCards);
    await sees('The database is away.');
});
