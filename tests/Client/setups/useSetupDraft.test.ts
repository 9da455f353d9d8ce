import { expect, it } from 'vitest';
import type { Choice, Kit } from '../../../client/domain/gear';
import { adopt, choiceOf, useSetupDraft } from '../../../client/setups/useSetupDraft';

const gear = (id: string, figures: Kit['gear'][number]['figures']): Kit['gear'][number] => ({ id, name: id, figures, retired: false });
const kit: Kit = {
    bands: [],
    damaged: [],
    gear: [
        gear('bar', { kind: 'bar', height_m: 2.4 }),
        gear('rings', { kind: 'rings', anchor_height_m: 2.4, straps_m: [1.2, 1.5] }),
        gear('box', { kind: 'box', height_m: 0.4 }),
        gear('lift', { kind: 'machine', use: 'counterweight', step_kg: 5, most_kg: 50 }),
    ],
};

const choices: Choice[] = [
    { kind: 'strict' },
    { kind: 'band', bar_id: 'bar', attach: 'knee', band_ids: ['a', 'b'] },
    { kind: 'row', ring_id: 'rings', strap_m: 1.2, heel_mark_m: -0.15, box_id: 'box' },
    { kind: 'row', bar_id: 'bar', heel_mark_m: 0.8 },
    { kind: 'foot', bar_id: 'bar', box_id: 'box', scale_kg: 12.5, grade: 'toes' },
    { kind: 'foot', bar_id: 'bar', plate_ids: ['p', 'q'] },
    { kind: 'hop', bar_id: 'bar', hop_m: 0.25 },
    { kind: 'counterweight', machine_id: 'lift', stack_kg: 25 },
    { kind: 'added', weight_ids: ['w'] },
    { kind: 'lowering', seconds: 5 },
    { kind: 'hold', at: 'top', seconds: 20 },
];

it.each(choices)('adopts a choice and gives it back: %j', (choice) => {
    const { draft } = useSetupDraft(kit);
    adopt(draft, choice);
    expect(choiceOf(draft, kit)).toEqual(choice);
});

it('is no choice while something is missing or unreadable', () => {
    const { draft } = useSetupDraft({ bands: [], gear: [], damaged: [] });
    for (const kind of ['band', 'row', 'foot', 'hop', 'counterweight', 'added'] as const) {
        draft.kind = kind;
        expect(choiceOf(draft, kit), kind).toBeUndefined();
    }
    Object.assign(draft, { kind: 'lowering', seconds: 'slow' });
    expect(choiceOf(draft, kit)).toBeUndefined();
});

it('begins with gear the gym has', () => {
    const { draft } = useSetupDraft(kit);
    expect(draft).toMatchObject({ bar: 'bar', anchor: 'rings', strapM: 1.5, standing: 'box' });
});
