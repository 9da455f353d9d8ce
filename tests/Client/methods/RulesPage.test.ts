import { expect, it } from 'vitest';
import RulesPage from '../../../client/methods/RulesPage.vue';
import { eventually, show } from '../support/screen';
import { refuse, serve } from '../support/server';

const noCaps = { 'GET /api/v1/caps': () => refuse(503, 'away', 'The database is away.') };

const rule = (position: string) => ({
    key: 'lowering',
    point: 'Lowering-only reps',
    positions: { 'twice-capped': 'up to twice a week, capped', never: 'never' },
    default: 'twice-capped',
    reasons: { 'twice-capped': 'A strong stimulus that makes sore.', never: 'Soreness costs sessions.' },
    position,
});

it('says before saving whom a change touches, and saves only then', async () => {
    const asked = serve({
        ...noCaps,
        'GET /api/v1/house-rules': () => ({ rules: [rule('twice-capped')] }),
        'POST /api/v1/house-rules/effects': () => ({
            looked_at: 13,
            effects: [{ athlete_id: 'jolyon', athlete_name: 'Jolyon Thatch', changes: ['Session: no more Lowering, 3 s.'] }],
        }),
        'PUT /api/v1/house-rules': () => ({ rules: [rule('never')] }),
    });
    const { press, sees, text } = show(RulesPage);
    await sees('A strong stimulus that makes sore.');
    expect(text()).not.toContain('See whom it touches');
    await press('never');
    await sees('One rule changed, not saved: lowering-only reps.');
    await press('See whom it touches');
    await sees('1 of 13 athletes: Jolyon Thatch Session: no more Lowering, 3 s.');
    expect(asked.some((a) => a.command.startsWith('PUT'))).toBe(false);
    await press('Save the rules');
    await eventually(() => expect(asked.find((a) => a.command.startsWith('PUT'))?.body).toEqual({ lowering: 'never' }));
    await eventually(() => expect(text()).not.toContain('not saved'));
});

it('keeps what was picked when the server refuses, and can leave it as it was', async () => {
    serve({
        ...noCaps,
        'GET /api/v1/house-rules': () => ({ rules: [rule('twice-capped')] }),
        'POST /api/v1/house-rules/effects': () => refuse(503, 'away', 'The database is away.'),
    });
    const { press, sees, text } = show(RulesPage);
    await press('never');
    await press('See whom it touches');
    await sees('The database is away.');
    expect(document.querySelector('[aria-pressed="true"]')?.textContent?.trim()).toBe('never');
    await press('Leave as it was');
    await eventually(() => expect(text()).not.toContain('not saved'));
});
