import { screen } from '@testing-library/vue';
import { h, reactive } from 'vue';
import { expect, it } from 'vitest';
import type { Choice, Gear, Kit } from '../../../client/domain/gear';
import SetupForm from '../../../client/setups/SetupForm.vue';
import { exerciseOf, useSetupDraft, type SetupDraft } from '../../../client/setups/useSetupDraft';
import { band, beam, doable } from '../support/samples';
import { show, type Shown } from '../support/screen';

const gear = (id: string, name: string, figures: Gear['figures']): Gear => ({ id, name, figures, retired: false });
const kit: Kit = {
    bands: [band('h', 'Heron 44 mm'), band('r', 'Rook 32 mm'), band('w', 'Wren 13 mm')],
    damaged: [],
    floor: 'unknown',
    doable,
    gear: [
        beam,
        gear('rings', 'North rings', { kind: 'rings', anchor_height_m: 2.5, straps_m: [1.2, 1.5] }),
        gear('box', 'Low box', { kind: 'box', height_m: 0.3 }),
        gear('p1', 'Plate', { kind: 'plate', thickness_m: 0.05 }),
        gear('vest', 'Vest', { kind: 'weight', mass_kg: 5 }),
        gear('hoist', 'Hoist', { kind: 'machine', use: 'counterweight', step_kg: 5, most_kg: 50 }),
        gear('column', 'Column', { kind: 'machine', use: 'pulldown', step_kg: 5, most_kg: 80 }),
    ],
};

function form(kind: Choice['kind'], of: Kit = kit): Shown & { draft: SetupDraft } {
    const draft = reactive(useSetupDraft(of).draft);
    draft.kind = kind;
    return { draft, ...show({ render: () => h(SetupForm, { kit: of, modelValue: draft }) }) };
}

const labels = (): (string | null)[] => [...document.querySelectorAll('[aria-label]')].map((e) => e.getAttribute('aria-label'));

it.each<[Choice['kind'], string[], string[]]>([
    ['band', ['Bands', 'Bar', 'Where'], ['Heels', 'Machine', 'Weights']],
    ['row', ['Rings or low bar', 'Strap mark', 'Heels on', 'Heels', 'Knees', 'Worn, as a vest'], ['Bar', 'Bands', 'Hop']],
    ['foot', ['Bar', 'Feet on', 'How the feet help', 'In the lap'], ['Hop', 'Kept down']],
    ['hop', ['Bar', 'Feet on', 'Hop'], ['How the feet help', 'In the lap']],
    ['low-bar', ['Bar', 'How the feet help'], ['Feet on', 'In the lap']],
    ['counterweight', ['Machine'], ['Bar', 'Kept down']],
    ['pulldown', ['Machine', 'Kept down'], ['Bar', 'Bands']],
    ['band-pulldown', ['Bands', 'Bar', 'Kept down'], ['Where', 'Machine']],
    ['added', ['Weights'], ['Bar', 'Machine']],
    ['strict', [], ['Bar', 'Bands', 'Machine', 'Weights']],
])('asks of a %s what it is made of, and nothing else', (kind, asks, not) => {
    form(kind);
    expect(labels()).toEqual(expect.arrayContaining(asks));
    for (const label of not) {
        expect(labels()).not.toContain(label);
    }
});

it('takes a machine of the kind asked for, and another when the kind changes', async () => {
    const { draft, fill } = form('counterweight');
    expect(draft.machine).toBe('hoist');
    await fill('Stack', '25');
    expect(exerciseOf(draft, kit)?.setup).toEqual({ kind: 'counterweight', machine_id: 'hoist', stack_kg: 25 });
    document.body.innerHTML = '';
    const other = form('pulldown');
    await other.press('Seated');
    expect(exerciseOf(other.draft, kit)?.setup).toMatchObject({ machine_id: 'column', stance: 'seated' });
});

it('offers one at each leg only where two bands are picked', async () => {
    const { draft, choose, press, text } = form('band');
    expect(text()).not.toContain('One at each');
    await choose('Bands', /^Rook/);
    expect(draft.bands).toHaveLength(2);
    await press('One at each');
    expect(exerciseOf(draft, kit)?.setup).toMatchObject({ attach: 'foot', band_ids: draft.bands, knee_band_id: draft.bands[1] });
});

it('takes the lowest mark of other straps, and none of a bar', async () => {
    const { draft, choose, fill } = form('row');
    expect([draft.anchor, draft.strapM]).toEqual(['rings', 1.5]);
    await fill('Heel mark', '-15');
    await choose('Strap mark', '120 cm');
    expect(exerciseOf(draft, kit)?.setup).toMatchObject({ kind: 'row', ring_id: 'rings', strap_m: 1.2, heel_mark_m: -0.15 });
    await choose('Rings or low bar', /^Beam bar/);
    expect(exerciseOf(draft, kit)?.setup).toMatchObject({ kind: 'row', bar_id: 'b' });
    expect(labels()).not.toContain('Strap mark');
});

it('takes a grade back with a second tap, and stacks plates where feet stand on plates', async () => {
    const { draft, press, choose } = form('foot');
    await press('Toes');
    expect(draft.grade).toBe('toes');
    await press('Toes');
    expect(draft.grade).toBeNull();
    await choose('Feet on', 'plates');
    await choose('Plates', /^Plate/);
    expect(exerciseOf(draft, kit)?.setup).toMatchObject({ kind: 'foot', bar_id: 'b', plate_ids: ['p1'] });
});

it('says where to add what the kit does not have, and asks for no vest where there are no weights', () => {
    const { text } = form('row', { ...kit, gear: [] });
    expect(text()).toContain('Add rings in Kit');
    expect(labels()).not.toContain('Worn, as a vest');
    expect(screen.queryByText('In the lap')).toBeNull();
});
