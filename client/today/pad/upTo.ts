/** Chips from one figure up to another. */
export const upTo = (most: number, from = 0): { value: number; label: string }[] =>
    Array.from({ length: most + 1 - from }, (_, n) => ({ value: n + from, label: String(n + from) }));
