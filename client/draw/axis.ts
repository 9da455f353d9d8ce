/** Round numbers between two ends, about so many. */
export function roundSteps(from: number, to: number, about: number): number[] {
    const rough = (to - from) / about;
    const size = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 25, 50, 100].find((s) => s >= rough) ?? 200;
    const first = Math.ceil(from / size - 1e-9) * size;
    return Array.from({ length: Math.floor((to - first) / size + 1e-9) + 1 }, (_, i) => Number((first + i * size).toFixed(3)));
}
