import type { Schemas } from '../http';

/** What a set of a line is asked for at the least; where so many in all are asked, its part of them. */
export const askedReps = ({ amount, sets }: { amount: Schemas['SheetLine']['amount']; sets: number }): number =>
    amount.measure === 'total_reps' ? Math.ceil(amount.high / sets) : amount.low;
