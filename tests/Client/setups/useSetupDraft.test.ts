import { expect, it } from 'vitest';
import type { Exercise, Kit } from '../../../client/domain/gear';
import { adopt, exerciseOf, useSetupDraft } from '../../../client/setups/useSetupDraft';
import { doable } from '../support/samples';

const gear = (id: string, figures: Kit['gear'][number]['figures']): Kit['gear'][number] => ({ id, name: id, figures, retired: false });
const kit: Kit = {
    bands: [],
    damaged: [],
    floor: 'unknown',
    doable,
    gear: [
        gear('bar', { kind: 'bar', height_m: 2.4 }),
        gear('rings', { kind: 'rings', anchor_height_m: 2.4, straps_m: [1.2, 1.5] }),
        gear('box', { kind: 'box', height_m: 0.4 }),
        gear('lift', { kind: 'machine', use: 'counterweight', step_kg: 5, most_kg: 50 }),
    ],
};

const usual = { movement: 'full', grip: 'over', width: 'outside' } as const;
const exercises: Exercise[] = [
    { ...usual, setup: { kind: 'strict' } },
    { ...usual, setup: { kind: 'strict' }, grip: 'under', width: 'narrow', up_by: 'foot' },
    { ...usual, setup: { kind: 'band', bar_id: 'bar', attach: 'knee', band_ids: ['a', 'b'] } },
    { ...usual, setup: { kind: 'band', bar_id: 'bar', attach: 'foot', band_ids: ['a', 'b'], knee_band_id: 'b' } },
    { ...usual, setup: { kind: 'row', ring_id: 'rings', strap_m: 1.2, heel_mark_m: -0.15, box_id: 'box' } },
    { ...usual, setup: { kind: 'row', bar_id: 'bar', heel_mark_m: 0.8, heels: 'blocked', knees: 'bent', weight_ids: ['w'] } },
    { ...usual, setup: { kind: 'foot', bar_id: 'bar', box_id: 'box', scale_kg: 12.5, grade: 'toes', weight_ids: ['w'] } },
    { ...usual, setup: { kind: 'foot', bar_id: 'bar', plate_ids: ['p', 'q'] }, movement: 'lower-half' },
    { ...usual, setup: { kind: 'low-bar', bar_id: 'bar', grade: 'none' } },
    { ...usual, setup: { kind: 'hop', bar_id: 'bar', hop_m: 0.25 } },
    { ...usual, setup: { kind: 'counterweight', machine_id: 'lift', stack_kg: 25 } },
    { ...usual, setup: { kind: 'pulldown', machine_id: 'lift', stack_kg: 25, stance: 'kneeling' } },
    { ...usual, setup: { kind: 'band-pulldown', bar_id: 'bar', band_ids: ['a'], stance: 'seated' } },
    { ...usual, setup: { kind: 'added', weight_ids: ['w'] } },
    { ...usual, setup: { kind: 'band', bar_id: 'bar', attach: 'foot', band_ids: ['a'] }, movement: 'lowering', seconds: 5, up_by: 'hop' },
    { ...usual, setup: { kind: 'strict' }, movement: 'hold', at: 'top', seconds: 20 },
];

it.each(exercises)('adopts an exercise and gives it back: %j', (exercise) => {
    const { draft } = useSetupDraft(kit);
    adopt(draft, exercise);
    expect(exerciseOf(draft, kit)).toEqual(exercise);
});

it('is no exercise while something is missing or unreadable', () => {
    const { draft } = useSetupDraft({ bands: [], gear: [], damaged: [], floor: 'unknown', doable: [] });
    for (const kind of ['band', 'row', 'foot', 'hop', 'counterweight', 'added', 'low-bar', 'band-pulldown'] as const) {
        draft.kind = kind;
        expect(exerciseOf(draft, kit), kind).toBeUndefined();
    }
    Object.assign(draft, { kind: 'strict', movement: 'lowering', seconds: 'slow' });
    expect(exerciseOf(draft, kit)).toBeUndefined();
});

it('leaves out what the set-up does not allow, and keeps it for one that does', () => {
    const { draft } = useSetupDraft(kit);
    Object.assign(draft, { kind: 'pulldown', machine: 'lift', movement: 'lowering', grip: 'rings' });
    expect(exerciseOf(draft, kit)).toMatchObject({ movement: 'full', grip: 'over' });
    draft.kind = 'strict';
    expect(exerciseOf(draft, kit)).toMatchObject({ movement: 'lowering', seconds: 5 });
});

it('begins with gear the gym has', () => {
    const { draft } = useSetupDraft(kit);
    expect(draft).toMatchObject({ bar: 'bar', anchor: 'rings', strapM: 1.5, standing: 'box' });
});
