import { expect, it } from 'vitest';
import CapsCard from '../../../client/methods/CapsCard.vue';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

const usual = { lowerings_a_session: 15, lowerings_a_week: 30, hard_sets_first_month: 10, hard_sets_later: 20 };
const caps = (changes = {}) => ({ ...usual, usual, raised_by: null, raised_at: null, ...changes });

it('lowers a cap at will, and raises one only where the coach answers for it', async () => {
    const asked = serve({
        'GET /api/v1/caps': () => caps(),
        'PUT /api/v1/caps': ({ body }) => caps({ ...(body as object), raised_by: 'Ottoline Marsh', raised_at: '2026-11-27T08:00:00Z' }),
    });
    const { fill, press, sees, text, user } = show(CapsCard);
    const sent = () => asked.filter((a) => a.command.startsWith('PUT')).map((a) => a.body);
    await fill(/^Lowerings a session/, '12');
    await press('Save the caps');
    await eventually(() => expect(sent()[0]).toMatchObject({ lowerings_a_session: 12, acknowledged: false }));
    await sees('Saved.');

    await fill(/^Lowerings a week/, '45');
    await sees('Above the usual: lowerings a week. I answer for it');
    await press('Save the caps');
    expect(sent()).toHaveLength(1);
    await user.click(document.querySelector('[role=checkbox]') as Element);
    await press('Save the caps');
    await eventually(() => expect(sent()[1]).toMatchObject({ lowerings_a_week: 45, acknowledged: true }));
    await sees('Ottoline Marsh answers for it since');
    await eventually(() => expect(text()).not.toContain('I answer for it;'));
});

it('says what cannot be read, and sends nothing', async () => {
    const asked = serve({ 'GET /api/v1/caps': () => caps() });
    const { fill, press, sees } = show(CapsCard);
    await fill(/^Hard vertical sets a week, later/, '90');
    await sees('90 sets is outside 0–60 sets.');
    await press('Save the caps');
    expect(asked.some((a) => a.command.startsWith('PUT'))).toBe(false);
});
