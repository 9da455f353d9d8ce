import { expect, it } from 'vitest';
import CorrectPanel from '../../../client/log/CorrectPanel.vue';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { COACH, heron, set } from '../support/samples';
import { eventually, show } from '../support/screen';
import { sentSets, serve } from '../support/server';

function panel(of: ReturnType<typeof set>) {
    const asked = serve({ 'POST /api/v1/commands': () => ({ outcomes: [{ id: 'x', stored: null, problem: null }] }) });
    const shown = show(CorrectPanel, { set: of, athleteId: 'jolyon' });
    useCommandQueue().serve(COACH);
    return { asked, ...shown };
}

it('corrects count, reserve and no-counts, and names the set it stands for', async () => {
    const { press, asked, emitted, text } = panel(
        set({ id: 'was', clean_reps: 8, reserve: 2, no_counts: { swing: 1 }, faults: ['legs-kick'], line: 'main:bands' }),
    );
    expect(text()).toContain('8 clean');
    await press('7', 'Clean reps');
    await press('Fail', 'In reserve');
    await press('Correct it');
    await eventually(() => expect(sentSets(asked)).toHaveLength(1));
    expect(sentSets(asked)[0]).toMatchObject({
        replaces_id: 'was',
        clean_reps: 7,
        reserve: 0,
        no_counts: { swing: 1 },
        faults: ['legs-kick'],
        line: 'main:bands',
        exercise: heron.exercise,
    });
    expect(emitted<[string, string]>('logged')[0]?.[1]).toBe('the correction: 7 clean');
    expect(emitted('close')).toHaveLength(1);
});

it('corrects the seconds of a hang, and takes none that cannot be', async () => {
    const { fill, press, sees, value, asked, emitted } = panel(
        set({ id: 'was', purpose: 'baseline', exercise: null, setup_name: null, clean_reps: null, reserve: null, hang_s: 41 }),
    );
    expect(value('Seconds held')).toBe('41');
    await fill('Seconds held', 'ages');
    await press('Correct it');
    await sees('“ages” is not a number.');
    await fill('Seconds held', '14,5');
    await press('Correct it');
    await eventually(() =>
        expect(sentSets(asked)[0]).toMatchObject({ replaces_id: 'was', purpose: 'baseline', hang_s: 14.5, exercise: null }),
    );
    expect(sentSets(asked)[0]).not.toHaveProperty('clean_reps');
    await eventually(() => expect(emitted<[string, string]>('logged')[0]?.[1]).toMatch(/^the correction: 14.5 s held$/));
});

it('drops the timed lowerings that a smaller count leaves no room for', async () => {
    const lowering = { setup: { kind: 'strict' as const }, movement: 'lowering' as const, seconds: 5 };
    const { press, asked } = panel(set({ id: 'was', exercise: lowering, clean_reps: 3, reserve: null, splits_s: [5, 4.5, 3] }));
    await press('2', 'Clean reps');
    await press('Correct it');
    await eventually(() => expect(sentSets(asked)[0]).toMatchObject({ clean_reps: 2, splits_s: [5, 4.5] }));
});
