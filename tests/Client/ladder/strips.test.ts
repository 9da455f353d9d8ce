import { expect, it } from 'vitest';
import GateMarks from '../../../client/decisions/GateMarks.vue';
import type { Schemas } from '../../../client/domain/http';
import SecondsStrip from '../../../client/ladder/SecondsStrip.vue';
import { attributes, markup, words } from '../support/render';
import { rung } from '../support/samples';

const timed = (at: 'hang' | 'top' | undefined, seconds: number, likely: Schemas['Rung']['seconds']): Schemas['ScaleRung'] => {
    const plain = rung(`${at ?? 'lowering'}:${seconds}`, 'Timed', 1, { kind: 'strict' });
    const exercise: Schemas['Exercise'] = { ...plain.exercise, movement: at ? 'hold' : 'lowering', seconds, ...(at && { at }) };
    return { rung: { ...plain, exercise, seconds: likely }, bars: [], chosen: false } as unknown as Schemas['ScaleRung'];
};
const likely: Schemas['Rung']['seconds'] = { median_s: 15, low80: 10, high80: 20, chance: { '3': 0.99 } };

it('shows what was held, what is likely, and what nobody knows yet, each against its aim', async () => {
    const rungs = [timed('hang', 40, null), timed('top', 20, likely), timed(undefined, 5, null)];
    const html = await markup(SecondsStrip, { rungs, bestHangS: 31 });
    expect(words(html)).toBe('Hang 31 s goal 40 s Top hold 10–20 s likely goal 20 s Lowering not held yet goal 5 s');
    expect(attributes(html, 'data-rung')).toEqual(['hang:40', 'top:20', 'lowering:5']);
});

it('keeps within its scale what is likely to go beyond it', async () => {
    const html = await markup(SecondsStrip, { rungs: [timed(undefined, 5, { ...likely!, low80: 14, high80: 31 })], bestHangS: null });
    expect(html).toContain('left:98%;width:2%');
    expect(words(html)).toContain('Lowering 14–31 s likely');
});

it('says nothing of what the gym cannot do', async () => {
    expect(words(await markup(SecondsStrip, { rungs: [], bestHangS: null }))).toBe('');
});

it('marks what decided a call against its gate: counts as dots, a chance in words', async () => {
    const reasons = [
        { text: 'Sessions at the gate.', figure: 2, threshold: 2 },
        { text: '5 clean on the next set-up: 3 in 5; it needs 4 in 5.', figure: 0.6, threshold: 0.8 },
        { text: 'Every set at 8 (3 sets or more each).', figure: 1, threshold: 2 },
        { text: 'No figure here.' },
    ];
    const html = await markup(GateMarks, { reasons });
    expect(words(html)).toContain('Sessions at the gate 2 of 2');
    expect(words(html)).toContain('5 clean on the next set-up 3 in 5');
    expect(words(html)).toContain('Every set at 8 1 of 2');
    expect(html.match(/class="full"/g)).toHaveLength(3);
    expect(html).not.toContain('No figure here');
});
