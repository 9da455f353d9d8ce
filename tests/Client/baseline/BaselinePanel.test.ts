import { expect, it } from 'vitest';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import BaselinePanel from '../../../client/baseline/BaselinePanel.vue';
import { band, COACH, heron, jolyon, kit, set } from '../support/samples';
import type { Schemas } from '../../../client/domain/http';
import { eventually, show } from '../support/screen';
import { sentSets, serve, setsIn } from '../support/server';

const step = (changes: Partial<Schemas['BaselineLine']>): Schemas['BaselineLine'] => ({
    step: 'hang',
    state: 'later',
    title: 'Dead hang',
    how: 'Arms straight.',
    timed: true,
    rest_s: 60,
    said: null,
    rung: null,
    ...changes,
});
const nothing: Schemas['Baseline'] = { steps: [], finished: true, start: null };

function baseline(
    guide: (asked: { query: Record<string, string> }) => Schemas['Baseline'] = () => nothing,
    stored: (sets: number) => void = () => undefined,
) {
    const ids = new Set<string>();
    const asked = serve({
        'GET /api/v1/athletes/jolyon/baseline': guide,
        'GET /api/v1/cautions': () => ({ items: [] }),
        'POST /api/v1/commands': ({ body }) => {
            setsIn(body).forEach((s) => ids.add(s.id));
            stored(ids.size);
            return { outcomes: setsIn(body).map((s) => ({ id: s.id, stored: set({ id: s.id }), problem: null })) };
        },
    });
    const gear = { ...kit, bands: [...kit.bands, band('old', 'Old band', { retired: true })] };
    const shown = show(BaselinePanel, { open: true, athlete: jolyon, kit: gear });
    useCommandQueue().serve(COACH);
    /** A set may be sent again; the server knows it by its id. */
    const sent = () => sentSets(asked);
    return { sent, ...shown };
}

it('leads from step to step: seconds as they were held, one lowering of as many, reps to failure', async () => {
    const lowering = { ...heron, exercise: { setup: { kind: 'strict' as const }, movement: 'lowering' as const, seconds: 5 } };
    const steps = [
        step({ state: 'next' }),
        step({ step: 'lowering', state: 'next', title: 'One slow lowering', rung: lowering }),
        step({ step: 'band', state: 'next', title: 'Reps to failure, first load', timed: false, rung: heron }),
    ];
    let done = 0;
    const { sent, press, fill, sees } = baseline(
        () => ({ steps: [steps[Math.min(done, 2)]!], finished: false, start: null }),
        (sets) => (done = sets),
    );
    await sees('Arms straight.');
    await fill('Seconds', '31', 'Next step');
    await press('Log hang', 'Next step');
    await sees('One slow lowering');
    await sees('rest 1:00');
    await fill('Seconds', '6.2', 'Next step');
    await press('Log lowering', 'Next step');
    await sees('Reps to failure, first load');
    await press('7', 'Next step');
    await press('Log 7 clean');
    await eventually(() => expect(sent()).toHaveLength(3));
    expect(sent()[0]).toMatchObject({ purpose: 'baseline', hang_s: 31 });
    expect(sent()[1]).toMatchObject({ clean_reps: 1, exercise: { movement: 'lowering', seconds: 6.2 } });
    expect(sent()[2]).toMatchObject({ clean_reps: 7, reserve: 0, to_failure: true, exercise: heron.exercise });
});

it('passes over a step when asked, says why others are, and at its end where to begin', async () => {
    const { press, sees, emitted } = baseline(({ query }) =>
        query['passed'] === 'hang'
            ? { steps: [step({ state: 'passed-over', said: 'Left out by the coach.' })], finished: true, start: heron }
            : { steps: [step({ state: 'next' })], finished: false, start: null },
    );
    await press('Skip this step');
    await sees('Left out by the coach.');
    await sees('That is the baseline');
    await press('Put on this');
    expect(emitted('choose')[0]).toEqual([heron.exercise]);
});

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
    expect(sent()[0]).toMatchObject({
        purpose: 'baseline',
        exercise: { setup: { kind: 'band', bar_id: 'b', attach: 'knee', band_ids: ['h'] } },
        clean_reps: 9,
        reserve: 2,
    });
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
    await eventually(() => expect(sent().map((s) => s.hang_s)).toEqual([41.5]));
});
