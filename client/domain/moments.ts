import type { Choice } from './gear';
import type { Schemas } from './http';

type Moment = Schemas['Caution']['moment'];

/** The moments whose cautions belong to a kind of set-up. */
export function momentsOf(kind: Choice['kind']): Moment[] {
    switch (kind) {
        case 'band':
            return ['band', 'gear'];
        case 'lowering':
        case 'hop':
            return ['lowering', 'hanging', 'gear'];
        case 'row':
        case 'foot':
        case 'counterweight':
        case 'pulldown':
            return ['gear'];
        default:
            return ['hanging', 'gear'];
    }
}
