import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import OwnLog from '../../../client/methods/OwnLog.vue';
import { show } from '../support/screen';
import { refuse, serve } from '../support/server';

const followed = (key: string, changes: Partial<Schemas['Outcome']> = {}): Schemas['Outcome'] => ({
    key,
    name: key,
    athletes: 30,
    weeks: 12,
    gain: 0.8,
    gain_low: 0.6,
    gain_high: 1,
    failed: 0.034,
    sore: 0.1,
    known: true,
    words: '30 athletes, 12 weeks each: enough to tell.',
    ...changes,
});

it('says what followed from each method and rule, and that little is not yet known', async () => {
    serve({
        'GET /api/v1/methods/outcomes': () => ({
            weeks: 12,
            methods: [followed('Band taper'), followed('Rows first', { known: false, words: 'Not yet known: it takes 23 athletes.' })],
            rules: [{ rule: 'lowering', point: 'Lowering-only reps', positions: [followed('each session'), followed('never')] }],
        }),
    });
    const { sees, press, text } = show(OwnLog, {});
    await sees('Band taper 0.8 %, 0.6 to 1.0 % 3 % 10 %');
    expect(text()).toContain('Not yet known: it takes 23 athletes.');
    expect(text()).not.toContain('Lowering-only reps');
    await press('By house rule too');
    await sees('Lowering-only reps each session 0.8 %');
    await press('Methods only');
    expect(text()).not.toContain('Lowering-only reps');
});

it('says that nobody has trained yet, or why it cannot be read', async () => {
    serve({ 'GET /api/v1/methods/outcomes': () => ({ weeks: 12, methods: [], rules: [] }) });
    await show(OwnLog, {}).sees('Nobody has trained yet.');
    serve({ 'GET /api/v1/methods/outcomes': () => refuse(503, 'away', 'The database is away.') });
    await show(OwnLog, {}).sees('The database is away.');
});
