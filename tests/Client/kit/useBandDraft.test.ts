import { expect, it } from 'vitest';
import { useBandDraft } from '../../../client/kit/useBandDraft';

function typedBand() {
    const draft = useBandDraft(undefined);
    Object.assign(draft.typed, { name: 'Otter', width: '29', thickness: '4,5', hung: '100' });
    return draft;
}

it('reads a band with points in kg and in N', () => {
    const draft = typedBand();
    draft.addPoint();
    draft.addPoint();
    Object.assign(draft.typed.points[0]!, { length: '140', force: '10', unit: 'kg' });
    Object.assign(draft.typed.points[1]!, { length: '210', force: '180', unit: 'N' });

    expect(draft.read()).toEqual({
        name: 'Otter',
        width_mm: 29,
        thickness_mm: 4.5,
        hung_length_m: 1,
        points: [
            { length_m: 1.4, force_kg: 10 },
            { length_m: 2.1, force_n: 180 },
        ],
        hitched_on: null,
        sure: false,
    });
});

it('says what is wrong beside each field and each point, and loses nothing', () => {
    const draft = typedBand();
    draft.addPoint();
    Object.assign(draft.typed, { name: ' ', width: '900' });
    Object.assign(draft.typed.points[0]!, { length: 'long', force: '' });

    expect(draft.read()).toBeUndefined();
    expect(draft.errors.name).toBe('Needed: a name.');
    expect(draft.errors.width).toBe('900 mm is outside 3–150 mm.');
    expect(draft.typed.points[0]?.error).toContain('Length: “long” is not a number');
    expect(draft.typed.points[0]?.error).toContain('Force: Needed');
    expect(draft.typed.points[0]?.length).toBe('long');
});

it('puts the server’s word on the point it names', () => {
    const draft = typedBand();
    draft.addPoint();
    draft.addPoint();
    draft.blame([{ pointer: '/points/1', detail: 'Take it again.', value: 13, low: null, high: null, unit: null }]);

    expect(draft.typed.points.map((p) => p.error)).toEqual([undefined, 'Take it again.']);
    draft.dropPoint(1);
    expect(draft.typed.points).toHaveLength(1);
});

it('starts from a stored band without changing it', () => {
    const draft = useBandDraft({
        id: 'b',
        name: 'Rook',
        hung_length_m: 0.96,
        width_mm: 32,
        thickness_mm: 4.5,
        points: [{ length_m: 1.248, force_n: 101.3, force_kg: 10.33 }],
        curve: { a1_n: 1, a2_n: 1, status: 'one-point', relative_sd: 0.12, curve: [], doubts: [] },
        retired: false,
        wear: { inspected_on: null, uses_since: 0, due: true, text: '' },
        measured_on: null,
        hitched_on: null,
        measure_again: null,
    });

    expect(draft.read()).toMatchObject({ hung_length_m: 0.96, points: [{ length_m: 1.248, force_n: 101.3 }] });
});

it('keeps a reading off the scale in kg, and gives what is typed without marking anything', () => {
    const draft = typedBand();
    draft.keepPoint(1.504, 10.333_33);
    expect(draft.typed.points[0]).toMatchObject({ length: '150.4', force: '10.33', unit: 'kg' });
    expect(draft.value()).toMatchObject({ points: [{ length_m: 1.504, force_kg: 10.33 }] });

    draft.typed.width = '';
    expect(draft.value()).toBeUndefined();
    expect(draft.errors.width).toBeUndefined();
});

it('converts a reading when its unit is switched, and keeps what is no number', () => {
    const draft = useBandDraft(undefined);
    draft.keepPoint(1.5, 17.39);
    draft.switchUnit(0);
    expect(draft.typed.points[0]).toMatchObject({ force: '170.5', unit: 'N' });
    draft.switchUnit(0);
    expect(draft.typed.points[0]).toMatchObject({ force: '17.39', unit: 'kg' });
    draft.typed.points[0]!.force = 'much';
    draft.switchUnit(0);
    expect(draft.typed.points[0]).toMatchObject({ force: 'much', unit: 'N' });
});
