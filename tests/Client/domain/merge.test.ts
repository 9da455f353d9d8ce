import { expect, it } from 'vitest';
import { differences, merged, same } from '../../../client/domain/merge';

const began = { name: 'Box', tags: ['a'], figures: { height_m: 0.4, rated_kg: 150 } };

it('names what another changed, and whether it was changed here too', () => {
    const mine = { ...began, figures: { height_m: 0.45, rated_kg: 150 } };
    const theirs = { ...began, name: 'Tall box', figures: { height_m: 0.5, rated_kg: 200 } };
    expect(differences(began, mine, theirs)).toEqual([
        { path: 'name', theirs: 'Tall box' },
        { path: 'figures.height_m', theirs: 0.5, mine: 0.45 },
        { path: 'figures.rated_kg', theirs: 200 },
    ]);
    expect(merged(began, mine, theirs)).toEqual({ name: 'Tall box', tags: ['a'], figures: { height_m: 0.45, rated_kg: 200 } });
});

it('sees nothing where the other saved what stands here, as after a lost answer', () => {
    const mine = { ...began, tags: ['a', 'b'] };
    expect(differences(began, mine, mine)).toEqual([]);
    expect(differences(began, mine, { ...began, figures: { rated_kg: 150, height_m: 0.4 } })).toEqual([]);
});

it('knows a field that came and one that went', () => {
    const [without, ended] = [{ weekly: true }, { weekly: true, last_on: '2026-12-01' }];
    expect(differences(without, without, ended)).toEqual([{ path: 'last_on', theirs: '2026-12-01' }]);
    expect(differences(ended, ended, without)).toEqual([{ path: 'last_on', theirs: undefined }]);
    expect(same(merged(ended, ended, without), without)).toBe(true);
});
