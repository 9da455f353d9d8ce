import { expect, it } from 'vitest';
import type { SetInput } from '../../../client/domain/queue';
import { useSetQueue } from '../../../client/parts/useSetQueue';
import BaselinePanel from '../../../client/people/BaselinePanel.vue';
import { band, COACH, jolyon, kit, set } from '../support/samples';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

type Sets = { sets: SetInput[] };

function baseline() {
    const asked = serve({
        'GET /api/cautions': () => ({ items: [] }),
        'POST /api/sets': ({ body }) => ({ outcomes: (body as Sets).sets.map((s) => ({ id: s.id, stored: set({ id: s.id }), problem: null })) }),
    });
    const gear = { ...kit, bands: [...kit.bands, band('old', 'Old band', { retired: true })] };
    const shown = show(BaselinePanel, { open: true, athlete: jolyon, kit: gear });
    useSetQueue().serve(COACH);
    const sent = (): SetInput[] => asked.filter((a) => a.deed === 'POST /api/sets').flatMap((a) => (a.body as Sets).sets);
    return { sent, ...shown };
}

it('logs a baseline with a band that is in use, under the knee', async () => {
    const { sent, press, choose, sees, user } = baseline();
    await sees('Clean reps with a band');
    await press('Log reps');
    await sees('Needed: the band, the bar and the clean reps.');
    await user.click(document.querySelector('[aria-label="Band"] .n-base-selection')!);
    await sees('Heron 44 mm');
    expect(document.body.textContent).not.toContain('Old band');
    await choose('Band', 'Heron 44 mm');
    await choose('Bar', /Beam bar/);
    await press('Under the knee');
    await press('9', 'Clean reps');
    await press('2', 'In reserve');
    await press('Log reps');

    await eventually(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ purpose: 'baseline', exercise: { setup: { kind: 'band', bar_id: 'b', attach: 'knee', band_ids: ['h'] } }, clean_reps: 9, reserve: 2 });
});

it('logs unassisted reps without asking for a bar', async () => {
    const { sent, press, choose, text } = baseline();
    await choose('Band', 'No band: unassisted');
    expect(text()).not.toContain('Which bar');
    await press('0', 'Clean reps');
    await press('Log reps');
    await eventually(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ exercise: { setup: { kind: 'strict' } }, clean_reps: 0 });
});

it('logs a dead hang as typed or as held, and refuses one that cannot be', async () => {
    const { sent, press, fill, value, sees, user } = baseline();
    await fill('Seconds', '9999');
    await press('Log hang');
    await sees('9999 s is outside');
    expect(value('Seconds')).toBe('9999');
    await fill('Seconds', '41,5');
    await press('Log hang');
    await eventually(() => expect(value('Seconds')).toBe(''));

    const stopwatch = document.querySelector('button.hold')!;
    await user.pointer([{ keys: '[MouseLeft>]', target: stopwatch }]);
    await sees('let go when the hang ends');
    await user.pointer([{ keys: '[/MouseLeft]', target: stopwatch }]);
    expect(value('Seconds')).toMatch(/^\d+\.\d$/);
    expect(sent().map((s) => s.hang_s)).toEqual([41.5]);
});
