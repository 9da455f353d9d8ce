import type { Schemas } from '../domain/http';
import { clock } from '../domain/units';

type Line = Schemas['OwnLine'];

/** “3 × 8”, “3 × 20 s”: sets, and what each is. */
export const asked = (line: Line): string => `${line.sets} × ${line.amount.words}${line.per_side ? ' each side' : ''}`;

/** What stands beside it, in the order of what matters while doing it. */
export function beside(line: Line): string[] {
    return [
        ...(line.to_failure ? ['until not one more clean rep is there'] : []),
        ...(line.tempo ? [line.tempo] : []),
        ...(line.rest_s > 0 && line.sets > 1 ? [`rest ${clock(line.rest_s)} min`] : []),
    ];
}

/** What is to be set up and done several times is what one came for: its place among the lines. */
export const mainOf = (lines: readonly Line[]): number =>
    Math.max(
        0,
        lines.findIndex((line) => line.view !== null && line.sets > 1),
    );
