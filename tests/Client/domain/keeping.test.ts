import { expect, it } from 'vitest';
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
