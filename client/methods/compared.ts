import type { Schemas } from '../domain/http';

export type Compared = Schemas['Compared'];

export interface Summary {
    weeks: string;
    interval: string;
    came: string;
    sessions: string;
    lowerings: string;
    failed: string;
    wasted: string;
}

const mean = (values: readonly number[]): number => values.reduce((sum, v) => sum + v, 0) / Math.max(1, values.length);

/** The value a part of them stays below; nobody who did not come within the year is counted as having come. */
function quantile(those: readonly Compared[], part: number): number | null {
    const weeks = those.map((c) => c.weeks ?? Infinity).sort((a, b) => a - b);
    const at = weeks[Math.min(weeks.length - 1, Math.floor(part * weeks.length))] ?? Infinity;
    return at === Infinity ? null : at;
}

/** What came of them, in words and rounded figures. */
export function summary(those: readonly Compared[]): Summary {
    const [low, middle, high] = [0.1, 0.5, 0.9].map((part) => quantile(those, part));
    const text = (weeks: number | null | undefined): string => (weeks == null ? 'over 52' : String(Math.round(weeks)));
    const sessions = mean(those.map((c) => c.sessions));
    return {
        weeks: `${text(middle)} weeks`,
        interval: `eight in ten ${text(low)}–${text(high)}`,
        came: `${those.filter((c) => c.weeks !== null).length} of ${those.length}`,
        sessions: String(Math.round(sessions)),
        lowerings: String(Math.round(mean(those.map((c) => c.lowerings)))),
        failed: (mean(those.map((c) => c.failed_sets)) / Math.max(1, sessions)).toFixed(2),
        wasted: `${Math.round((100 * mean(those.map((c) => c.wasted_sessions))) / Math.max(1, sessions))} %`,
    };
}
