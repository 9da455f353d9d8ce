import { expect, it } from 'vitest';
import { leads } from '../../../client/domain/leads';

it.each<[string, string[], string[]]>([
    ['the gear, where it differs', ['Rook 32 mm, foot, Beam bar', 'Heron 44 mm, foot, Beam bar'], ['Rook 32 mm', 'Heron 44 mm']],
    ['the bar, where only it differs', ['Swift 22 mm, foot, Sluice bar', 'Swift 22 mm, foot, Beam bar'], ['Sluice bar', 'Beam bar']],
    ['where the band sits, with a capital', ['Swift 22 mm, foot, Beam bar', 'Swift 22 mm, knee, Beam bar'], ['Foot', 'Knee']],
    [
        'past the kind that the lane says',
        ['Row, North rings 160 cm, mark +30 cm', 'Row, North rings 180 cm, mark 0 cm'],
        ['North rings 160 cm', 'Mark 0 cm'],
    ],
    [
        'another part, where two bands share a word',
        ['Wren 13 mm foot + Swift 22 mm knee, Beam bar', 'Wren 13 mm, foot, Sluice bar'],
        ['Wren 13 mm foot + Swift 22 mm knee', 'Foot'],
    ],
    ['itself, where it is all there is', ['Unassisted pull-up'], ['Unassisted pull-up']],
])('leads a name by %s', (_, names, wanted) => {
    expect(leads(names).map((n) => n.lead)).toEqual(wanted);
});

it('keeps the rest of the name, in its order', () => {
    expect(leads(['Rook 32 mm, foot, Beam bar', 'Rook 32 mm, foot, Sluice bar'])).toEqual([
        { lead: 'Beam bar', rest: 'Rook 32 mm · foot' },
        { lead: 'Sluice bar', rest: 'Rook 32 mm · foot' },
    ]);
});
