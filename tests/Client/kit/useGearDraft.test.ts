import { expect, it } from 'vitest';
import { readStraps, useGearDraft } from '../../../client/kit/useGearDraft';

it('reads each kind of gear into the form of the API', () => {
    const rings = useGearDraft('rings', undefined);
    Object.assign(rings.typed, { name: 'North', straps: '100, 120 140' });
    rings.typed.figures.anchor_height_m = '245';
    expect(rings.read()).toEqual({ name: 'North', figures: { kind: 'rings', anchor_height_m: 2.45, straps_m: [1, 1.2, 1.4] } });

    const machine = useGearDraft('machine', undefined);
    Object.assign(machine.typed, { name: 'Hoist', use: 'counterweight', leverage: '0,9' });
    Object.assign(machine.typed.figures, { step_kg: '5', most_kg: '80' });
    expect(machine.read()).toEqual({
        name: 'Hoist',
        figures: { kind: 'machine', step_kg: 5, most_kg: 80, use: 'counterweight', leverage: 0.9 },
    });
});

it('asks for no rating and no platform, and takes them when they are known', () => {
    const bar = useGearDraft('bar', undefined);
    bar.typed.name = 'Loft';
    Object.assign(bar.typed.figures, { height_m: '240', rated_kg: '' });
    expect(bar.read()?.figures).toEqual({ kind: 'bar', height_m: 2.4 });
    bar.typed.figures.rated_kg = '150';
    expect(bar.read()?.figures).toEqual({ kind: 'bar', height_m: 2.4, rated_kg: 150 });
});

it('says what is wrong beside the field, and loses nothing', () => {
    const rings = useGearDraft('rings', undefined);
    rings.typed.straps = 'short, long';
    rings.typed.figures.anchor_height_m = 'high';

    expect(rings.read()).toBeUndefined();
    expect(rings.errors).toMatchObject({ name: 'Needed: a name.', straps: '“short, long” is not a list of lengths in cm.' });
    expect(rings.errors.anchor_height_m).toContain('is not a number');
    expect(rings.typed.straps).toBe('short, long');
});

it('puts the server’s word beside the field it names', () => {
    const bar = useGearDraft('bar', undefined);
    bar.blame([{ pointer: '/figures/height_m', detail: '', value: 99, low: 0.5, high: 6, unit: 'm' }]);
    expect(bar.errors.height_m).toBe('9900 cm is outside 50–600 cm.');
});

it('starts from stored gear without changing it', () => {
    const plate = useGearDraft('plate', { id: 'p', name: 'Thin', figures: { kind: 'plate', thickness_m: 0.025 }, retired: false });
    expect(plate.read()).toEqual({ name: 'Thin', figures: { kind: 'plate', thickness_m: 0.025 } });
});

it('takes straps parted by commas, semicolons or spaces, and nothing else', () => {
    expect(readStraps('100;120, 140 160')).toEqual([1, 1.2, 1.4, 1.6]);
    expect(readStraps('100,5; 120')).toEqual([1.005, 1.2]);
    expect(readStraps('')).toBeUndefined();
    expect(readStraps('100, x')).toBeUndefined();
});
