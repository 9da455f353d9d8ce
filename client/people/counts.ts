/** Chips to pick a count of reps from, none up to so many. */
export const countChips = (most: number): { value: number; label: string }[] => Array.from({ length: most + 1 }, (_, n) => ({ value: n, label: String(n) }));

/** Reps left in reserve; null where nobody knows. */
export const reserveChips: { value: number | null; label: string }[] = [{ value: null, label: '?' }, ...countChips(5)];
