import { expect, it } from 'vitest';
import { figureText, gearKinds, gearWords, hitchWords, inUse, type Gear, type Kit } from '../../../client/domain/gear';
import { everyKind, momentsOf } from '../../../client/domain/kinds';
import { gradeWords, scaleStateWords } from '../../../client/domain/words';

const piece = (figures: Gear['figures'], retired = false): Gear => ({ id: figures.kind, name: figures.kind, figures, retired });

it('shows the figure by which each kind of gear is known, with its unit', () => {
    const shown = [
        piece({ kind: 'bar', height_m: 2.38 }),
        piece({ kind: 'rings', anchor_height_m: 2.45, straps_m: [1, 1.2] }),
        piece({ kind: 'box', height_m: 0.45 }),
        piece({ kind: 'plate', thickness_m: 0.025 }),
        piece({ kind: 'weight', mass_kg: 1.25 }),
        piece({ kind: 'machine', use: 'pulldown', step_kg: 5, most_kg: 80 }),
    ].map(figureText);

    expect(shown).toEqual(['238 cm', '245 cm, 2 marks', '45 cm', '2.5 cm', '1.25 kg', 'to 80.0 kg']);
});

it('offers only what is in use, of the kind asked for', () => {
    const kit: Kit = {
        bands: [],
        damaged: [],
        floor: 'unknown',
        doable: [],
        gear: [piece({ kind: 'bar', height_m: 2 }), piece({ kind: 'bar', height_m: 3 }, true), piece({ kind: 'box', height_m: 0.4 })],
    };
    expect(inUse(kit, 'bar')).toHaveLength(1);
    expect(inUse(kit, 'plate')).toEqual([]);
    expect(inUse(undefined, 'bar')).toEqual([]);
});

it('has a word for everything it can show', () => {
    for (const words of [gradeWords, scaleStateWords]) {
        expect(Object.values(words).every((word) => word.trim().length > 2)).toBe(true);
    }
    expect(gearKinds.map((kind) => gearWords[kind].one)).not.toContain('');
});

it('shows the cautions of a band with bands, of lowering with lowerings, of anchors with everything', () => {
    expect(momentsOf({ setup: { kind: 'band' } })).toContain('band');
    expect(momentsOf({ setup: { kind: 'band' }, movement: 'lowering' })).toEqual(['lowering', 'band', 'gear']);
    for (const kind of everyKind) {
        expect(momentsOf({ setup: { kind } }), kind).toContain('gear');
    }
});

it('says what the thickness of a bar does to a band', () => {
    const bar = (diameter_mm?: number): Gear =>
        piece({ kind: 'bar', height_m: 2.4, ...(diameter_mm === undefined ? {} : { diameter_mm }) });
    expect(hitchWords(undefined)).toBe('A thicker bar takes 3 cm to 5 cm of the hung length.');
    expect(hitchWords(bar(28))).toContain('28 mm thick');
    expect(hitchWords(bar())).toContain('Give bar its diameter');
});
