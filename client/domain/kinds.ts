import type { Exercise } from './gear';
import type { Schemas } from './http';

type Kind = Schemas['Choice']['kind'];
type Moment = Schemas['Caution']['moment'];

/** What the form of a set-up asks for. */
export type SetupField = 'bands' | 'attach' | 'bar' | 'row' | 'footing' | 'foot-help' | 'lap' | 'hop' | 'machine' | 'stance' | 'weights';

interface KindRow {
    name: string;
    /** Of which its cautions are, beside those of a lowering and of gear. */
    moments: readonly Moment[];
    asks: readonly SetupField[];
}

/** The kinds of set-up: one row each, in the order they are offered. */
export const kinds: Record<Kind, KindRow> = {
    strict: { name: 'Unassisted', moments: ['hanging'], asks: [] },
    band: { name: 'Band', moments: ['band'], asks: ['bands', 'attach', 'bar'] },
    row: { name: 'Row', moments: ['row'], asks: ['row'] },
    foot: { name: 'Foot help', moments: [], asks: ['bar', 'footing', 'foot-help', 'lap'] },
    hop: { name: 'Hop', moments: ['hanging'], asks: ['bar', 'footing', 'hop'] },
    'low-bar': { name: 'Low bar', moments: [], asks: ['bar', 'foot-help'] },
    counterweight: { name: 'Counterweight', moments: [], asks: ['machine'] },
    added: { name: 'Added weight', moments: ['belt', 'hanging'], asks: ['weights'] },
    pulldown: { name: 'Pull-down', moments: [], asks: ['machine', 'stance'] },
    'band-pulldown': { name: 'Band pull-down', moments: ['band'], asks: ['bands', 'bar', 'stance'] },
};

export const everyKind = Object.keys(kinds) as Kind[];

/** The moments whose cautions belong to an exercise. */
export function momentsOf({ setup, movement }: Exercise): Moment[] {
    const isLowered = movement === 'lowering' || setup.kind === 'hop';
    return [...(isLowered ? (['lowering'] as const) : []), ...kinds[setup.kind].moments, 'gear'];
}

/** The cautions of an exercise, those of its own kind first. */
export function cautionsOf(exercise: Exercise, all: readonly Schemas['Caution'][]): Schemas['Caution'][] {
    const moments = momentsOf(exercise);
    return all.filter((c) => moments.includes(c.moment)).sort((a, b) => moments.indexOf(a.moment) - moments.indexOf(b.moment));
}
