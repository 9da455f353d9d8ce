import type { Schemas } from '../domain/http';
import { day, percent } from '../domain/units';

/** Chips to pick a count or a degree from, none up to so many or from the first on. */
export const countChips = (most: number, from = 0): { value: number; label: string }[] =>
    Array.from({ length: most + 1 - from }, (_, n) => ({ value: n + from, label: String(n + from) }));

/** Reps left in reserve; none left is failure, null where nobody knows. */
export const reserveChips: { value: number | null; label: string }[] = [
    { value: null, label: '?' },
    ...countChips(5).map((c) => (c.value === 0 ? { value: 0, label: 'Fail' } : c)),
];

/** How a reserve is sent. */
export const left = (reserve: number | null): { reserve: number | null; to_failure: boolean } => ({ reserve, to_failure: reserve === 0 });

/** “8”, “20 s”. */
export const countOf = (set: { clean_reps: number | null; hang_s: number | null }): string =>
    set.hang_s === null ? `${set.clean_reps ?? 0}` : `${Math.round(set.hang_s)} s`;

export interface DayLine {
    on: string;
    name: string;
    beside?: string | undefined;
    counts: string[];
}

export const bestLine = (best: Schemas['Best']): DayLine => ({
    on: best.on,
    name: best.name ?? 'Dead hang',
    beside: best.carried_share !== null && best.clean_reps !== null ? percent(best.carried_share) : undefined,
    counts: [countOf(best)],
});

/** “Last time, Tue 24 Nov: 8, 8, 7, 2 left”. */
export function lastTimeWords({ on, reps, seconds, reserve }: Schemas['LastTime']): string {
    const done = [...reps.map(String), ...seconds.map((s) => `${Math.round(s)} s`)].join(', ');
    const rest = reserve === null ? '' : reserve === 0 ? ', to failure' : `, ${reserve} left`;
    return on === null ? '' : `Last time, ${day(on)}: ${done}${rest}`;
}
