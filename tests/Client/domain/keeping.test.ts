import { expect, it } from 'vitest';
import { bringUpToDate } from '../../../client/domain/device';
import { withoutHealth } from '../../../client/domain/keeping';
import { call, jolyon, set } from '../support/samples';

it('keeps nothing of pain, notes or referrals on the device, and everything else', () => {
    const refer = call({ verdict: 'refer', reasons: [{ text: 'Pain told: elbow, 4 of 10.' }] });
    const athlete = { ...jolyon, pain: { place: 'elbow', level: 4 }, cleared: { on: '2026-03-02', note: 'Physio' }, call: refer };
    const kept = JSON.stringify(withoutHealth({ athlete, sets: [set({ pain: { place: 'knee', level: 2 }, note: 'limped' })] }));

    expect(kept).not.toMatch(/elbow|knee|Physio|limped/);
    expect(kept).toContain('Jolyon Thatch');
    expect(withoutHealth(call())).toEqual(call());
});

it.each([
    [{ kind: 'strict' }, { setup: { kind: 'strict' } }],
    [
        { kind: 'lowering', seconds: 5 },
        { setup: { kind: 'strict' }, movement: 'lowering', seconds: 5 },
    ],
    [
        { kind: 'hold', at: 'top', seconds: 20 },
        { setup: { kind: 'strict' }, movement: 'hold', seconds: 20, at: 'top' },
    ],
    [null, null],
])('brings a set that waits since the first program up to date: %j', (choice, exercise) => {
    const waiting = { set: { clean_reps: 5, choice } };
    bringUpToDate(waiting);
    expect(waiting.set).toEqual({ clean_reps: 5, exercise });
    bringUpToDate(waiting);
    expect(waiting.set).toEqual({ clean_reps: 5, exercise });
});
