import type { Schemas } from './http';
import { length, mass, quantity, shortLength } from './units';

export type Kit = Schemas['Kit'];
export type Gear = Schemas['Gear'];
export type GearKind = Gear['figures']['kind'];
export type Choice = Schemas['Choice'];
export type Exercise = Schemas['Exercise'];
export type Doable = Schemas['Doable'];

export const gearWords: Record<GearKind, { one: string; many: string }> = {
    bar: { one: 'bar', many: 'Bars' },
    rings: { one: 'ring pair', many: 'Rings' },
    box: { one: 'box', many: 'Boxes' },
    plate: { one: 'plate', many: 'Plates' },
    weight: { one: 'weight', many: 'Weights' },
    machine: { one: 'machine', many: 'Machines' },
};

export const gearKinds = Object.keys(gearWords) as GearKind[];

/** What is in use of a kind. */
export function inUse(kit: Kit | undefined, kind: GearKind): Gear[] {
    return (kit?.gear ?? []).filter((g) => g.figures.kind === kind && !g.retired);
}

export type Band = Schemas['Band'];

export const bandsInUse = (kit: Kit | undefined): Band[] => (kit?.bands ?? []).filter((b) => !b.retired);

/** A band's name, and that it is only estimated. */
export const bandText = (band: Band): string => (band.curve.status === 'estimated' ? `${band.name} (estimated)` : band.name);

/** The figure by which a piece is known. */
export function figureText({ figures }: Gear): string {
    switch (figures.kind) {
        case 'rings':
            return `${length(figures.anchor_height_m ?? 0)}, ${figures.straps_m?.length ?? 0} marks`;
        case 'plate':
            return length(figures.thickness_m ?? 0);
        case 'weight':
            return quantity(figures.mass_kg ?? 0, 'kg');
        case 'machine':
            return `to ${mass(figures.most_kg ?? 0)}`;
        default:
            return length(figures.height_m ?? 0);
    }
}

/** What the thickness of the bar does to a band that was measured on it. */
export function hitchWords(bar: Gear | undefined): string {
    if (bar === undefined) {
        return `A thicker bar takes ${shortLength(0.03)} to ${shortLength(0.05)} of the hung length.`;
    }
    const mm = bar.figures.diameter_mm;
    return typeof mm === 'number'
        ? `${quantity(mm, 'mm')} thick: on a bar of another diameter the length is worked out.`
        : `Give ${bar.name} its diameter, and other bars theirs: then the length on those is worked out.`;
}
