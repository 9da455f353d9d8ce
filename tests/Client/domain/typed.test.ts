import { expect, it } from 'vitest';
import { readQuantity } from '../../../client/domain/fields';
import { parseTyped, readBack } from '../../../client/domain/typed';

/** Against NIST Special Publication 811, appendix B.8: inch, foot, pound, stone (14 lb), pound-force, kilogram-force. */
it.each([
    ['176 lb', 'kg', 79.83225712],
    ['176lbs', 'kg', 79.83225712],
    ['12 st 8', 'kg', 79.83225712],
    ['72,5 kg', 'kg', 72.5],
    ['72.5', 'kg', 72.5],
    ['500 g', 'kg', 0.5],
    ['235,5 cm', 'cm', 235.5],
    ["5'11", 'cm', 180.34],
    ['5’11”', 'cm', 180.34],
    ['5′ 11″', 'cm', 180.34],
    ['5 ft 11 in', 'cm', 180.34],
    ['5 feet 11 inches', 'cm', 180.34],
    ["6'", 'cm', 182.88],
    ['71"', 'cm', 180.34],
    ['1,65 m', 'cm', 165],
    ['1 m 65', 'cm', 165],
    ['-2 in', 'cm', -5.08],
    ['− 5 cm', 'cm', -5],
    ['+20 cm', 'cm', 20],
    ['1.75 in', 'mm', 44.45],
    ['4.4 cm', 'mm', 44],
    ['7 ft 6', 'm', 2.286],
    ['20 kgf', 'N', 196.133],
    ['45 lbf', 'N', 200.169972687],
    ['0.2 kN', 'N', 200],
    ['200 n', 'N', 200],
    ['1:30', 's', 90],
    ['2 min', 's', 120],
    ['1 min 15', 's', 75],
    ['45 sec', 's', 45],
    ['8', 'reps', 8],
] as const)('reads “%s” in a field of %s', (text, unit, value) => {
    expect(parseTyped(text, unit)).toBe(value);
});

it.each([
    ['', 'kg', undefined],
    ['   ', 'cm', undefined],
    ['heavy', 'kg', null],
    ['70 cm', 'kg', null],
    ['70 kg', 'cm', null],
    ['5 in 3 ft', 'cm', null],
    ["5'11'3", 'cm', null],
    ['12 12', 'kg', null],
    ['1:75', 's', null],
    ['1:30', 'kg', null],
    ['8 kg', 'reps', null],
    ['lb', 'kg', null],
    ['1e3 kg', 'kg', null],
    ['--5 cm', 'cm', null],
    ['1.2.3 m', 'cm', null],
] as const)('reads no quantity of “%s” in a field of %s', (text, unit, value) => {
    expect(parseTyped(text, unit)).toBe(value);
});

it('says in the unit of the field what was read, and checks it there', () => {
    expect(readBack('176 lb', 'kg')).toBe('= 79.8 kg');
    expect(readBack('79.8', 'kg')).toBeUndefined();
    expect(readBack('heavy', 'kg')).toBeUndefined();
    expect(readQuantity("5'11", 'cm', { low: 1, high: 2.3 }, true)).toEqual({ value: 1.8034, error: undefined });
    expect(readQuantity('900 lb', 'kg', { low: 20, high: 300 }, true).error).toBe('408.233 kg is outside 20–300 kg.');
});
