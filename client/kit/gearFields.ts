import type { GearKind } from '../domain/gear';
import type { Limits } from '../domain/fields';
import { limits } from '../domain/limits.gen';
import type { TypedUnit } from '../domain/units';

export interface GearField {
    key: 'height_m' | 'anchor_height_m' | 'thickness_m' | 'mass_kg' | 'step_kg' | 'most_kg';
    label: string;
    unit: TypedUnit;
}

/** A height means one range for a bar and another for a box, so the server says which. */
export const limitsOf = (key: GearField['key']): Limits => (key === 'height_m' ? {} : limits.GearFigures[key]);

/** What is asked of each kind of gear, besides its name. */
export const gearFields: Record<GearKind, readonly GearField[]> = {
    bar: [{ key: 'height_m', label: 'Height above the floor', unit: 'cm' }],
    rings: [{ key: 'anchor_height_m', label: 'Height of the anchor', unit: 'cm' }],
    box: [{ key: 'height_m', label: 'Height', unit: 'cm' }],
    plate: [{ key: 'thickness_m', label: 'Thickness', unit: 'cm' }],
    weight: [{ key: 'mass_kg', label: 'Mass', unit: 'kg' }],
    machine: [
        { key: 'step_kg', label: 'Step of the stack', unit: 'kg' },
        { key: 'most_kg', label: 'Whole stack', unit: 'kg' },
    ],
};
