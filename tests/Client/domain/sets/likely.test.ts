import { expect, it } from 'vitest';
import { likelyCounts } from '../../../../client/domain/sets/likely';

it('offers what is predicted and its neighbours, with last time and the aim among them', () => {
    expect(likelyCounts({ reps: 7.8 }, null, 8)).toEqual({ around: [5, 6, 7, 8, 9], likely: 7 });
    expect(likelyCounts({ reps: 7.8 }, 10, 8).around).toEqual([6, 7, 8, 9, 10].filter((n) => [7, 10, 8, 6].includes(n) || n === 9));
    expect(likelyCounts(null, 4, 8)).toEqual({ around: [3, 4, 5, 6, 8], likely: 4 });
    expect(likelyCounts(null, null, 5).likely).toBe(5);
});

it('never offers less than none or more than thirty', () => {
    expect(likelyCounts({ reps: 0 }, null, 1).around).toEqual([0, 1, 2, 3, 4]);
    expect(likelyCounts({ reps: 44 }, null, 30).around).toEqual([26, 27, 28, 29, 30]);
});
