/** A lowering as it was timed: seconds to the bottom, and to half way where somebody tapped there. */
export interface Lowered {
    seconds: number;
    half: number | null;
}

/** No half of an even one takes less of it. */
const LEAST_PART = 1 / 3;

export const isUneven = ({ seconds, half }: Lowered): boolean => half !== null && Math.min(half, seconds - half) < LEAST_PART * seconds;

const toTenths = (seconds: number): number => Number(seconds.toFixed(1));

/** From a stopwatch, to tenths of a second. */
export const lowered = (seconds: number, half: number | null = null): Lowered => ({
    seconds: toTenths(seconds),
    half: half === null ? null : toTenths(half),
});

/** Of a set. */
export const loweredOf = ({ splits_s: splits = [], halves_s: halves = [] }: { splits_s?: number[]; halves_s?: number[] }): Lowered[] =>
    splits.map((seconds, i) => ({ seconds, half: halves[i] || null }));

/** As a set tells them. */
export function timesOf(those: readonly Lowered[]): { splits_s?: number[]; halves_s?: number[] } {
    return {
        ...(those.length > 0 && { splits_s: those.map((l) => l.seconds) }),
        ...(those.some((l) => l.half !== null) && { halves_s: those.map((l) => l.half ?? 0) }),
    };
}
