import type { GearKind } from '../domain/gear';
import type { Limits } from '../domain/fields';
import { limits } from '../domain/limits.gen';
import type { TypedUnit } from '../domain/units';

export interface GearField {
    key: 'height_m' | 'anchor_height_m' | 'thickness_m' | 'mass_kg' | 'step_kg' | 'most_kg' | 'rated_kg' | 'platform_kg' | 'diameter_mm';
    label: string;
    unit: TypedUnit;
    optional?: true;
}

/** A height means one range for a bar and another for a box, so the server says which. */
export const limitsOf = (key: GearField['key']): Limits => (key === 'height_m' ? {} : limits.GearFigures[key]);

const rated: GearField = { key: 'rated_kg', label: 'Rated by its maker for, if known', unit: 'kg', optional: true };

/** What is asked of each kind of gear, besides its name. */
export const gearFields: Record<GearKind, readonly GearField[]> = {
    bar: [
        { key: 'height_m', label: 'Height above the floor', unit: 'cm' },
        { key: 'diameter_mm', label: 'Diameter', unit: 'mm', optional: true },
        rated,
    ],
    rings: [{ key: 'anchor_height_m', label: 'Height of the anchor', unit: 'cm' }, rated],
    box: [{ key: 'height_m', label: 'Height', unit: 'cm' }, rated],
    plate: [{ key: 'thickness_m', label: 'Thickness', unit: 'cm' }],
    weight: [{ key: 'mass_kg', label: 'Mass', unit: 'kg' }],
    machine: [
        { key: 'step_kg', label: 'Step of the stack', unit: 'kg' },
        { key: 'most_kg', label: 'Whole stack', unit: 'kg' },
        { key: 'platform_kg', label: 'Platform that the stack lifts first, if any', unit: 'kg', optional: true },
    ],
};
