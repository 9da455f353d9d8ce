import { expect, it } from 'vitest';
import type { Result, Schemas } from '../../../client/domain/http';
import BaselinePanel from '../../../client/people/BaselinePanel.vue';
import SetLog from '../../../client/people/SetLog.vue';
import type { SetInput } from '../../../client/people/useAthlete';
import WeighForm from '../../../client/people/WeighForm.vue';
import { band, jolyon, kit, set } from '../support/samples';
import { words } from '../support/render';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve } from '../support/server';

function baseline() {
    const sent: SetInput[] = [];
    serve({ 'GET /api/cautions': () => ({ items: [] }) });
    const log = (input: SetInput): Promise<Result<Schemas['SetResource']>> => {
        sent.push(input);
        return Promise.resolve({ ok: true, value: set() });
    };
    const gear = { ...kit, bands: [...kit.bands, band('old', 'Old band', { retired: true })] };
    return { sent, ...show(BaselinePanel, { open: true, athlete: jolyon, kit: gear, log }) };
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

    expect(sent).toHaveLength(1);
    expect(sent[0]).toMatchObject({ purpose: 'baseline', choice: { kind: 'band', bar_id: 'b', attach: 'knee', band_ids: ['h'] }, clean_reps: 9, reserve: 2 });
});

it('logs unassisted reps without asking for a bar', async () => {
    const { sent, press, choose, text } = baseline();
    await choose('Band', 'No band: unassisted');
    expect(text()).not.toContain('Which bar');
    await press('0', 'Clean reps');
    await press('Log reps');
    expect(sent[0]).toMatchObject({ choice: { kind: 'strict' }, clean_reps: 0 });
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
    expect(sent.map((s) => s.hang_s)).toEqual([41.5]);
});

it('notes a weighing under one id until it is stored, and says beside the field what is wrong', async () => {
    const bodies: { id: string; mass_kg: number }[] = [];
    const answers: unknown[] = [
        refuse(422, 'invalid', '', [fault('/mass_kg', 'mass_kg must be …', { value: 90, low: 60, high: 80, unit: 'kg' })]),
        refuse(503, 'away', 'The database is away.'),
        { athlete_id: 'jolyon', weighings: [] },
    ];
    serve({ 'POST /api/athletes/jolyon/weighings': ({ body }) => (bodies.push(body as never), answers[bodies.length - 1]) });
    const { fill, press, sees, value, emitted } = show(WeighForm, { athleteId: 'jolyon' });
    await fill('Weighed today', 'heavy');
    await press('Note it');
    await sees('“heavy” is not a number.');
    await fill('Weighed today', '90');
    await press('Note it');
    await sees('90 kg is outside 60–80 kg.');
    await fill('Weighed today', '70,4');
    await press('Note it');
    await sees('The database is away.');
    expect(value('Weighed today')).toBe('70,4');
    await press('Note it');
    await eventually(() => expect(emitted('weighed')).toHaveLength(1));
    expect(bodies.map((b) => b.mass_kg)).toEqual([90, 70.4, 70.4]);
    expect(new Set(bodies.map((b) => b.id)).size).toBe(1);
});

it('makes one line of the sets of a day on one set-up, oldest first, and takes one back', async () => {
    const sets = [
        set({ id: '3', clean_reps: 6, no_counts: { swing: 1, drop: 1 }, pain: { place: 'elbow', level: 3 }, note: 'Tired' }),
        set({ id: '2', clean_reps: 7 }),
        set({ id: '1', clean_reps: 9, trained_on: '2026-02-28' }),
        set({ id: '0', purpose: 'baseline', choice: null, setup_name: null, carried_kg: null, carried_share: null, clean_reps: null, hang_s: 41, trained_on: '2026-02-28' }),
    ];
    const { press, sees, emitted } = show(SetLog, { sets, older: true });
    const lines = [...document.querySelectorAll('li')].map((li) => [words(li.querySelector('.what')!.innerHTML), li.querySelectorAll('button').length]);
    expect(lines).toEqual([
        ['Heron 44 mm, foot, Beam bar 46.9 kg, 67 %', 2],
        ['Heron 44 mm, foot, Beam bar 46.9 kg, 67 %', 1],
        ['Dead hang · baseline', 1],
    ]);
    expect([...document.querySelectorAll('li:first-child button')].map((b) => words(b.innerHTML))).toEqual(['7', '6 ! −2']);
    await press('6, with pain, 2 not counted, open');
    for (const part of ['6 clean , 2 in reserve', 'No-counts: Swing 1, Drop 1', 'Elbow pain, 3 of 10', 'Tired']) {
        await sees(part);
    }
    await press('Take back');
    expect(emitted('takeBack')).toEqual([['3']]);
    await press('Older sets');
    expect(emitted('older')).toHaveLength(1);
});
