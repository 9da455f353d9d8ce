import { describe, expect, it } from 'vitest';
import { cssVariables, tokens } from '../../../client/theme/tokens';

type Colors = Record<keyof typeof tokens.color, string>;

/** Relative luminance of an sRGB colour: WCAG 2.2, “relative luminance”. */
function luminance(hex: string): number {
    const [r = 0, g = 0, b = 0] = [1, 3, 5]
        .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
        .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** WCAG 2.2, “contrast ratio”. */
function contrast(one: string, other: string): number {
    const [light = 0, dark = 0] = [luminance(one), luminance(other)].sort((a, b) => b - a);
    return (light + 0.05) / (dark + 0.05);
}

it('computes contrast as the standard’s examples have it', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6);
    expect(contrast('#777777', '#ffffff')).toBeCloseTo(4.48, 2);
    expect(contrast('#ffffff', '#ffffff')).toBe(1);
});

describe.each([
    ['light', tokens.color as Colors],
    ['dark', tokens.dark as Colors],
])('in the %s theme', (_, color) => {
    const grounds = ['paper', 'card'] as const;
    const texts = ['graphite', 'slate', 'dust', 'bark', 'climb', 'stay', 'down', 'refer', 'rest', 'switch', 'test'] as const;
    const verdicts = ['climb', 'stay', 'down', 'refer', 'rest', 'switch', 'test'] as const;

    it.each(texts)('%s can be read on paper and cards: 4.5 to 1 at least', (text) => {
        for (const ground of grounds) {
            expect(contrast(color[text], color[ground]), `${text} on ${ground}`).toBeGreaterThanOrEqual(4.5);
        }
    });

    it.each(verdicts)('the verdict %s can be read on its own tint', (verdict) => {
        expect(contrast(color[verdict], color[`${verdict}Tint`])).toBeGreaterThanOrEqual(4.5);
    });

    it('draws the edge of what is pressed at 3 to 1 at least', () => {
        for (const ground of grounds) {
            expect(contrast(color.edge, color[ground])).toBeGreaterThanOrEqual(3);
        }
    });

    it('reads at two metres: the words of a tile at 7 to 1', () => {
        expect(contrast(color.graphite, color.card)).toBeGreaterThanOrEqual(7);
    });
});

it('gives every colour of the day one of the night, and each to the style sheet', () => {
    expect(Object.keys(tokens.dark)).toEqual(Object.keys(tokens.color));
    const [day = '', night = ''] = cssVariables().split("@media screen { :root[data-theme='dark']");
    for (const name of Object.keys(tokens.color) as (keyof Colors)[]) {
        expect(day).toContain(`--color-${name}: ${tokens.color[name]};`);
        expect(night).toContain(`--color-${name}: ${tokens.dark[name]};`);
    }
    expect(day).toContain('--target: 44px;');
});

const raw = import.meta.glob<string>('../../../client/**/*.{vue,css}', { query: '?raw', import: 'default', eager: true });

it.each([
    ['raw size of type', /font(-size)?:[^;{}]*?[\d.]+px/g],
    ['raw radius', /border-radius:[^;{}]*?[\d.]+px/g],
    ['raw colour', /#[0-9a-f]{6}\b|#[0-9a-f]{3}\b(?=;)|\brgba?\(|\bhsla?\(/gi],
    ['rule for a narrow screen that would reach paper', /@media \([^{]*-width/g],
])('takes every size from the tokens, and keeps paper apart: no %s', (_, pattern) => {
    const found = Object.entries(raw).flatMap(([file, text]) => {
        const styles = file.endsWith('.css') ? text : (text.match(/<style[\s\S]*?<\/style>/g) ?? []).join('\n');
        return (styles.match(pattern) ?? []).map((hit) => `${file.slice(file.indexOf('client/'))}: ${hit}`);
    });
    expect(Object.keys(raw).length).toBeGreaterThan(100);
    expect(found).toEqual([]);
});
