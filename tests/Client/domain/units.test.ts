import { expect, it } from 'vitest';
import {
    chanceWords,
    day,
    forceIn,
    intervalText,
    length,
    mass,
    massRange,
    metres,
    parseNumber,
    quantity,
    readIn,
    speed,
    unitOf,
    usualUnits,
    percentRange,
    repsText,
    restText,
    secondsWords,
    signedMass,
    signedPercent,
    shortLength,
    angle,
    toApi,
    toTyped,
    type TypedUnit,
} from '../../../client/domain/units';

it('shows every quantity with its unit', () => {
    expect([mass(61), length(1.684), percentRange(0.811, 0.869)]).toEqual(['61.0 kg', '168.4 cm', '81–87 %']);
    expect([signedMass(-2.44), signedPercent(0.034)]).toEqual(['−2.4 kg', '+3.4 %']);
    expect([day('2026-03-02'), day('2019-12-31')]).toEqual(['Mon 2 Mar', '31 Dec 2019']);
});

it('shows and reads what a gym weighs and measures in, and keeps what was only shown as it was', () => {
    try {
        readIn({ mass_unit: 'lb', length_unit: 'cm' });
        expect([mass(61), signedMass(-2.44), massRange(10, 12), length(1.684)]).toEqual([
            '134.5 lb',
            '−5.4 lb',
            '22.0–26.5 lb',
            '168.4 cm',
        ]);
        readIn({ mass_unit: 'kg', length_unit: 'in' });
        expect([mass(61), length(2.4), shortLength(0.05), metres(1.5), speed(25.4)]).toEqual([
            '61.0 kg',
            '94.5 in',
            '2 in',
            '59.1 in',
            '10 in/s',
        ]);
        readIn({ mass_unit: 'lb', length_unit: 'in' });
        expect([unitOf('kg'), unitOf('cm'), unitOf('mm'), quantity(2.4, 'cm'), quantity(70, 'kg')]).toEqual([
            'lb',
            'in',
            'mm',
            '94.49 in',
            '154.32 lb',
        ]);
        for (let at = 0; at < 500; at++) {
            const [tape, scale] = [0.05 + at / 1000, 20 + at / 10];
            expect([toApi(Number(toTyped(tape, 'cm')), 'cm'), toApi(Number(toTyped(scale, 'kg')), 'kg')]).toEqual([
                Number(tape.toFixed(3)),
                Number(scale.toFixed(2)),
            ]);
        }
        expect([toApi(176, 'kg'), forceIn(10, 'N'), forceIn(98.0665, 'kg')]).toEqual([79.83, '44.5', '22.05']);
    } finally {
        readIn({ mass_unit: 'kg', length_unit: 'cm' });
    }
    expect([usualUnits('en-US').mass_unit, usualUnits('en-GB').mass_unit, usualUnits('de').length_unit]).toEqual(['lb', 'kg', 'cm']);
});

it('counts only reps that are finished, and promises nobody more than twenty', () => {
    expect(repsText({ reps: 1.99, low80: 0, high80: 3, clipped: false })).toBe('1 rep');
    expect(repsText({ reps: 21.5, low80: 17, high80: 26, clipped: true })).toBe('at least 20');
    expect(intervalText({ reps: 8.4, low80: 6.9, high80: 10.9, clipped: false })).toBe('6–10');
    expect(intervalText({ reps: 21, low80: 16.2, high80: 26, clipped: true })).toBe('16–20+');
    expect(intervalText({ reps: 26, low80: 22, high80: 31, clipped: true })).toBe('20+');
    expect(intervalText({ reps: 4.2, low80: 4.1, high80: 4.9, clipped: false })).toBe('4');
    expect(intervalText({ reps: 0, low80: 0, high80: 0.4, clipped: false })).toBe('none');
});

it('says chances, seconds and rests as a coach does', () => {
    expect([0.99, 0.8, 0.74, 0.5, 0.33, 0.11, 0.01].map(chanceWords)).toEqual([
        'nearly always',
        '4 in 5',
        '3 in 4',
        '1 in 2',
        '1 in 3',
        '1 in 10',
        'hardly ever',
    ]);
    expect(secondsWords({ median_s: 5.1, low80: 3.4, high80: 7.6 })).toBe('Likely 3–8 s controlled.');
    expect(secondsWords({ median_s: 0.4, low80: 0, high80: 1.6 })).toBe('Hardly a second controlled (up to 2 s).');
    expect([restText([120, 180]), restText([60, 90])]).toEqual(['2–3 min', '60–90 s']);
});

it.each([
    ['64,5', 64.5],
    [' 64.5 ', 64.5],
    ['.5', 0.5],
    ['-3', -3],
    ['', undefined],
    ['  ', undefined],
    ['tall', null],
    ['1e3', null],
    ['6 4', null],
    ['NaN', null],
])('reads “%s” as %s', (text, value) => {
    expect(parseNumber(text)).toBe(value);
});

it('turns what was typed into what the API takes, and back, without stray digits', () => {
    expect(toApi(171, 'cm')).toBe(1.71);
    for (const cm of [104, 137.2, 206, 230]) {
        expect(toTyped(toApi(cm, 'cm'), 'cm')).toBe(String(cm));
    }
});

it('gives every quantity back as it was typed, whatever the unit', () => {
    const units: TypedUnit[] = ['kg', 'cm', 'mm', 'N', 's'];
    for (const unit of units) {
        for (let i = 0; i < 200; i++) {
            const typed = Number((Math.abs(Math.sin(i * 12.9898)) * 400).toFixed(i % 4));
            expect(Number(toTyped(toApi(typed, unit), unit)), `${typed} ${unit}`).toBeCloseTo(typed, 6 - String(Math.trunc(typed)).length);
        }
    }
});

it('shows short lengths to the millimetre and angles whole', () => {
    expect([shortLength(0.025), shortLength(1.4), shortLength(0.3335), angle(59.6)]).toEqual(['2.5 cm', '140 cm', '33.4 cm', '60°']);
});
