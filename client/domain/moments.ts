import type { Exercise } from './gear';
import type { Schemas } from './http';
import { kinds } from './kinds';

type Moment = Schemas['Caution']['moment'];

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
