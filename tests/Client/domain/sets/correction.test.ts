import { expect, it } from 'vitest';
import { correctionOf } from '../../../../client/domain/sets/correction';
import { set } from '../../support/samples';

it('keeps everything of a set but what is said otherwise, and names the one it stands for', () => {
    const seen = set({
        id: 'a',
        clean_reps: 8,
        reserve: 1,
        no_counts: { swing: 1 },
        faults: ['hips-sag'],
        note: 'chalk',
        line: 'main:bands',
        asked_reps: 8,
    });
    expect(correctionOf(seen, { reserve: 0, to_failure: true })).toEqual({
        purpose: 'work',
        exercise: seen.exercise,
        performed_at: seen.performed_at,
        faults: ['hips-sag'],
        pain: null,
        note: 'chalk',
        line: 'main:bands',
        clean_reps: 8,
        reserve: 0,
        to_failure: true,
        no_counts: { swing: 1 },
        asked_reps: 8,
        replaces_id: 'a',
    });
});

it('times no more lowerings than were counted', () => {
    const lowered = set({ id: 'a', clean_reps: 3, splits_s: [4.1, 3.2, 1.5], halves_s: [2, 0, 1] });
    expect(correctionOf(lowered, { clean_reps: 2 })).toMatchObject({ splits_s: [4.1, 3.2], halves_s: [2, 0] });
    expect(correctionOf(lowered, { reserve: 2 }).splits_s).toEqual([4.1, 3.2, 1.5]);
});

it('corrects a hold by its seconds, without reps or a reserve', () => {
    const held = correctionOf(set({ id: 'a', clean_reps: null, reserve: null, hang_s: 24, line: null }), { faults: ['shoulders-up'] });
    expect(held).toMatchObject({ hang_s: 24, faults: ['shoulders-up'] });
    expect(held).not.toHaveProperty('clean_reps');
    expect(held).not.toHaveProperty('reserve');
    expect(held).not.toHaveProperty('line');
});
