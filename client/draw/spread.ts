/**
 * Moves labels apart that would overlap, each as little as the others allow, keeping their order and the space they have.
 * Wanted positions are centres in ascending order.
 */
export function spread(wantedPx: readonly number[], gapPx: number, lowPx: number, highPx: number): number[] {
    const room = Math.min(gapPx, wantedPx.length > 1 ? (highPx - lowPx) / (wantedPx.length - 1) : gapPx);
    const groups: { sum: number; count: number }[] = [];
    const centre = (g: { sum: number; count: number }): number => {
        const half = ((g.count - 1) * room) / 2;
        return Math.min(Math.max(g.sum / g.count, lowPx + half), highPx - half);
    };
    for (const wanted of wantedPx) {
        groups.push({ sum: wanted, count: 1 });
        for (;;) {
            const last = groups.at(-1);
            const before = groups.at(-2);
            if (!last || !before || centre(last) - centre(before) >= ((last.count + before.count) * room) / 2 - 1e-9) {
                break;
            }
            groups.splice(-2, 2, { sum: before.sum + last.sum, count: before.count + last.count });
        }
    }
    return groups.flatMap((g) => Array.from({ length: g.count }, (_, i) => centre(g) + (i - (g.count - 1) / 2) * room));
}
