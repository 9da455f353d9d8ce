import type { Exercise } from './gear';
import type { Schemas } from './http';

type Moment = Schemas['Caution']['moment'];

/** The moments whose cautions belong to an exercise. */
export function momentsOf({ setup, movement }: Exercise): Moment[] {
    const lowering: Moment[] = movement === 'lowering' || setup.kind === 'hop' ? ['lowering'] : [];
    switch (setup.kind) {
        case 'band':
            return [...lowering, 'band', 'gear'];
        case 'band-pulldown':
            return ['band', 'gear'];
        case 'row':
            return [...lowering, 'row', 'gear'];
        case 'added':
            return [...lowering, 'belt', 'hanging', 'gear'];
        case 'foot':
        case 'low-bar':
        case 'counterweight':
        case 'pulldown':
            return [...lowering, 'gear'];
        default:
            return [...lowering, 'hanging', 'gear'];
    }
}

/** The cautions of an exercise, those of its own kind first. */
export function cautionsOf(exercise: Exercise, all: readonly Schemas['Caution'][]): Schemas['Caution'][] {
    const moments = momentsOf(exercise);
    return all.filter((c) => moments.includes(c.moment)).sort((a, b) => moments.indexOf(a.moment) - moments.indexOf(b.moment));
}
