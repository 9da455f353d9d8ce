import { expect, it } from 'vitest';
import { faultText, rangeText, readQuantity } from '../../../client/domain/fields';
import { explain } from '../../../client/domain/problems';

const stature = { low: 1, high: 2.3 };

it('reads a quantity in range and says what is wrong otherwise, with the value and the range', () => {
    expect(readQuantity('171', 'cm', stature, true)).toEqual({ value: 1.71, error: undefined });
    expect(readQuantity('17', 'cm', stature, true).error).toBe('17 cm is outside 100–230 cm.');
    expect(readQuantity('tall', 'cm', stature, true).error).toBe('“tall” is not a number. Allowed: 100–230 cm.');
    expect(readQuantity('', 'cm', stature, true).error).toBe('Needed: 100–230 cm.');
    expect(readQuantity('', 'cm', stature, false)).toEqual({ value: undefined, error: undefined });
    expect(readQuantity('100', 'cm', stature, true).error).toBeUndefined();
});

it('puts the server’s refusal into the unit that was typed', () => {
    const faults = [
        { pointer: '/reach_m', detail: 'reach_m must be …', value: 2.5, low: 1.7955, high: 2.3085, unit: 'm' },
        { pointer: '/name', detail: 'This may be 80 characters long at the most.', value: null, low: null, high: null, unit: null },
    ];

    expect(faultText(faults, '/reach_m', 'cm')).toBe('250 cm is outside 179.55–230.85 cm.');
    expect(faultText(faults, '/name')).toContain('80 characters');
    expect(faultText(faults, '/mass_kg', 'kg')).toBeUndefined();
    expect(rangeText({}, 'kg')).toBe('');
});

it('says what to do, never a code', () => {
    expect(explain({ code: 'offline', detail: 'x', faults: [] })).toBe('No connection.');
    expect(explain({ code: 'offline', detail: 'x', faults: [] }, { typed: true })).toContain('still here');
    expect(explain({ code: 'call-changed', detail: 'Look at it again.', faults: [] })).toBe('Look at it again.');
});
