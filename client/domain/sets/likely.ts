/** Counts in one row of large targets. */
const SHOWN = 5;
const MOST = 30;

/**
 * The counts that are likely for the next set, in order: around what is predicted, else around last time, else around the
 * aim; last time and the aim are among them where they are near.
 */
export function likelyCounts(prediction: { reps: number } | null, last: number | null, aim: number): { around: number[]; likely: number } {
    const likely = Math.min(MOST, prediction ? Math.floor(prediction.reps) : (last ?? aim));
    const wanted = [...new Set([likely, ...(last === null ? [] : [last]), aim])];
    for (let away = 1; wanted.length < SHOWN; away++) {
        wanted.push(...[likely + away, likely - away].filter((n) => n >= 0 && n <= MOST && !wanted.includes(n)));
    }
    return { around: wanted.slice(0, SHOWN).sort((a, b) => a - b), likely };
}
