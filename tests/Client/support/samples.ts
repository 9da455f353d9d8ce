import type { Schemas } from '../../../client/domain/http';

const at = (x_m: number, y_m: number) => ({ x_m, y_m });

/** A body hanging from a bar at 2.4 m, 1.75 m tall with a reach of 2.1 m. */
export const hanging: Schemas['StickAnswer'] = {
    grip: at(0, 2.4),
    elbow: at(0, 2.06),
    shoulder: at(0, 1.73),
    head: at(0, 1.93),
    hip: at(0, 1.23),
    knee: at(0, 0.8),
    ankle: at(0, 0.37),
    toe: at(0.19, 0.3),
    head_radius_m: 0.11,
};

export const bandView: Schemas['SideViewAnswer'] = {
    start: hanging,
    finish: { ...hanging, shoulder: at(-0.09, 2.3) },
    gear: [
        { part: 'bar', points: [at(0, 2.4)], thickness_m: 0.03, at_top: false },
        { part: 'band', points: [at(0, 2.4), at(0, 0.3)], thickness_m: 0.044, at_top: false },
        { part: 'band', points: [at(0, 2.4), at(0, 0.88)], thickness_m: 0.044, at_top: true },
    ],
    dimensions: [
        { label: 'bar', from: at(-0.75, 0), to: at(-0.75, 2.4), value: 2.4, unit: 'm' },
        { label: 'band, hang', from: at(0.5, 2.4), to: at(0.5, 0.3), value: 2.1, unit: 'm' },
    ],
    least: at(-0.75, 0),
    most: at(0.5, 2.6),
};

export function rung(key: string, name: string, share: number, choice: Schemas['Choice'], reps?: number): Schemas['RungAnswer'] {
    const travel = (of: number) => ({ bottom: of - 0.1, mean: of, top: of + 0.05 });
    return {
        key,
        name,
        choice,
        carried: { fits: true, carried_kg: travel(70 * share), share: travel(share), share_sd: 0.01, ascent_share: share, rom_m: 0.58, warnings: [], share_range: null },
        prediction: reps === undefined ? null : { reps, low80: reps - 2, high80: reps + 2, clipped: false },
    };
}
