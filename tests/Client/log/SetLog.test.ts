import { expect, it } from 'vitest';
import SetLog from '../../../client/log/SetLog.vue';
import { words } from '../support/render';
import { set } from '../support/samples';
import { show } from '../support/screen';

it('makes one line of the sets of a day on one set-up, oldest first, and takes one back', async () => {
    const sets = [
        set({ id: '3', clean_reps: 6, no_counts: { swing: 1, drop: 1 }, pain: { place: 'elbow', level: 3 }, note: 'Tired' }),
        set({ id: '2', clean_reps: 7, part_of: '9' }),
        set({ id: '1', clean_reps: 9, trained_on: '2026-02-28' }),
        set({
            id: '0',
            purpose: 'baseline',
            exercise: null,
            setup_name: null,
            carried_kg: null,
            carried_share: null,
            clean_reps: null,
            hang_s: 41,
            trained_on: '2026-02-28',
        }),
    ];
    const { press, sees, emitted } = show(SetLog, { sets, older: true });
    const lines = [...document.querySelectorAll('li')].map((li) => [
        words(li.querySelector('.what')!.innerHTML),
        li.querySelectorAll('button').length,
    ]);
    expect(lines).toEqual([
        ['Heron 44 mm, foot, Beam bar 46.9 kg, 67 %', 2],
        ['Heron 44 mm, foot, Beam bar 46.9 kg, 67 %', 1],
        ['Dead hang · baseline', 1],
    ]);
    expect([...document.querySelectorAll('li:first-child button')].map((b) => words(b.innerHTML))).toEqual([
        '+7 +7, open',
        '6 ! −2 6, with pain, 2 not counted, open',
    ]);
    await press('6, with pain, 2 not counted, open');
    for (const part of ['6 clean , 2 in reserve', 'No-counts: Swing 1, Drop 1', 'Elbow pain, 3 of 10', 'Tired']) {
        await sees(part);
    }
    await press('Take back');
    expect(emitted('takeBack')).toEqual([['3']]);
    await press('The whole log');
    await press('Older sets');
    expect(emitted('older')).toHaveLength(1);
});
