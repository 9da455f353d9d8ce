import { expect, it } from 'vitest';
import { spread } from '../../../client/draw/spread';

const random = (seed: number) => () => (seed = (seed * 16807) % 2147483647) / 2147483647;

it('leaves labels alone that have room', () => {
    expect(spread([50, 200, 400], 44, 20, 500)).toEqual([50, 200, 400]);
});

it('parts two that overlap by as much on either side', () => {
    expect(spread([100, 110], 44, 20, 500)).toEqual([83, 127]);
});

it('keeps order, gap and bounds, whatever is wanted', () => {
    const next = random(42);
    for (let run = 0; run < 300; run++) {
        const wanted = Array.from({ length: 1 + Math.floor(next() * 11) }, () => next() * 600).sort((a, b) => a - b);
        const placed = spread(wanted, 44, 24, 576);
        placed.forEach((at, i) => {
            expect(at).toBeGreaterThanOrEqual(24 - 1e-6);
            expect(at).toBeLessThanOrEqual(576 + 1e-6);
            if (i > 0) {
                expect(at - (placed[i - 1] ?? 0)).toBeGreaterThanOrEqual(44 - 1e-6);
            }
        });
    }
});

it('shares what room there is when there is too little, and copes with none', () => {
    expect(spread([10, 10, 10], 44, 0, 40)).toEqual([0, 20, 40]);
    expect(spread([], 44, 0, 40)).toEqual([]);
});
