import type { Schemas } from '../http';

type Exercise = Schemas['Exercise'];

const LANES: Partial<Record<Schemas['Choice']['kind'], 'row' | 'pulldown'>> = {
    row: 'row',
    pulldown: 'pulldown',
    'band-pulldown': 'pulldown',
};

/** Whether both are of one lane: pulls, rows or pull-downs. */
const isSameLane = (one: Exercise, other: Exercise): boolean => LANES[one.setup.kind] === LANES[other.setup.kind];

interface Carried {
    exercise: Exercise;
    share: number;
}

/** What a mixed set can begin on: what is of the lane of the exercise it ends on. */
export const ofLane = <R extends Carried>(now: Carried, others: readonly R[]): R[] =>
    others.filter((o) => isSameLane(o.exercise, now.exercise));

/** What it begins on unless somebody says otherwise: the next harder. */
export const nextHarder = <R extends Carried>(now: Carried, others: readonly R[]): R | undefined =>
    ofLane(now, others)
        .filter((o) => o.share > now.share)
        .sort((a, b) => a.share - b.share)[0];
