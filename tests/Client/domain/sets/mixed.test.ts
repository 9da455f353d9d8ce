import { expect, it } from 'vitest';
import { nextHarder, ofLane } from '../../../../client/domain/sets/mixed';
import type { Schemas } from '../../../../client/domain/http';

const on = (kind: Schemas['Choice']['kind'], share: number) => ({ exercise: { setup: { kind } }, share });

it('begins a mixed set on the next harder of the same lane, never on a row', () => {
    const [row, thin, strict, thick] = [on('row', 0.72), on('band', 0.8), on('strict', 1), on('band', 0.6)];
    expect(nextHarder(on('band', 0.7), [strict, row, thick, thin])).toBe(thin);
    expect(nextHarder(on('band', 0.9), [strict, row, thick, thin])).toBe(strict);
    expect(nextHarder(strict, [thin, row])).toBeUndefined();
    expect(ofLane(on('band', 0.7), [strict, row, thick])).toEqual([strict, thick]);
    expect(ofLane(on('row', 0.7), [strict, row, thick])).toEqual([row]);
});
