import { screen } from '@testing-library/vue';
import { expect, it } from 'vitest';
import FigureLine from '../../../../client/draw/trend/FigureLine.vue';
import TrendPlot from '../../../../client/draw/trend/TrendPlot.vue';
import WorkBars from '../../../../client/draw/trend/WorkBars.vue';
import { moment, tickWords, timeAxis } from '../../../../client/draw/trend/time';
import type { Schemas } from '../../../../client/domain/http';
import { clock, mass, seconds } from '../../../../client/domain/units';
import { show } from '../../support/screen';

const trend = (changes: Partial<Schemas['Trend']> = {}): Schemas['Trend'] => ({
    name: 'Jolyon Thatch',
    pattern: 'pull',
    patterns: ['pull'],
    range: 'season',
    from: '2025-12-01',
    today: '2026-03-20',
    points: ['2025-12-01', '2025-12-20', '2026-02-01', '2026-03-20'].map((on, i) => ({
        on,
        share: 0.8 + 0.05 * i,
        low80: 0.75 + 0.05 * i,
        high80: 0.85 + 0.05 * i,
    })),
    marks: (['set', 'at-least', 'less-than', 'baseline', 'test'] as const).map((kind, i) => ({
        on: `2026-02-0${i + 1}`,
        kind,
        share: 0.9,
        text: `${i} clean`,
    })),
    breaks: [{ from: '2025-12-20', to: '2026-02-01' }],
    ahead: [0, 4, 8].map((weeks) => ({ weeks, share: 0.95 + 0.01 * weeks, low80: 0.9, high80: 1 + 0.02 * weeks })),
    first_rep_on: '2026-03-01',
    masses: [],
    seconds: { hang: [], hold: [], lowering: [] },
    work: [],
    work_each: 'week',
    taught: null,
    forecasts: [],
    scores: [],
    bests: [],
    ...changes,
});
const svgTexts = (): string[] => [...document.querySelectorAll('svg text')].map((t) => t.textContent.trim());

it('draws each kind of mark once, the weeks away, the strict line and the first strict rep', () => {
    show(TrendPlot, { trend: trend(), from: '2025-12-01' });
    for (const kind of ['set', 'at-least', 'less-than', 'baseline', 'test']) {
        expect(document.querySelectorAll(`.plot path.${kind}`)).toHaveLength(1);
    }
    expect(svgTexts()).toEqual(expect.arrayContaining(['one strict rep', 'first strict rep', 'today', '80 %', '100 %']));
    expect(document.querySelectorAll('.break rect')).toHaveLength(1);
    expect(screen.getByRole('img', { name: /Capacity from 80 % on .* to 95 % on/ })).toBeTruthy();
});

it('names in its legend only what it shows, and draws no strict line where rows are rowed', () => {
    const { text } = show(TrendPlot, { trend: trend({ pattern: 'row', marks: [], first_rep_on: null, breaks: [] }), from: '2025-12-01' });
    expect(svgTexts()).not.toContain('one strict rep');
    expect(text()).not.toContain('baseline');
    expect(text()).toContain('likely to come 8 in 10');
});

it('keeps what the paths are made of finite, from one session to many', () => {
    for (const points of [trend().points.slice(0, 1), trend().points]) {
        show(TrendPlot, { trend: trend({ points }), from: '2025-12-01' });
    }
    for (const path of document.querySelectorAll('.plot path')) {
        expect(path.getAttribute('d')).not.toMatch(/NaN|undefined/);
    }
});

it('writes days where they are told apart, else months and the year where one begins', () => {
    expect(tickWords([new Date(2026, 2, 8), new Date(2026, 2, 15)])).toEqual(['8 Mar', '15 Mar']);
    expect(tickWords([new Date(2025, 10, 1), new Date(2025, 11, 1), new Date(2026, 0, 1)])).toEqual(['Nov', 'Dec', '2026']);
    expect(timeAxis(moment('2026-03-01'), moment('2026-03-11'), 0, 100)(moment('2026-03-06'))).toBeCloseTo(50);
});

it('shows a figure by its last and its range, by one day, or says that there is none', async () => {
    const props = { name: 'Dead hang', words: seconds, from: '2026-01-01', to: '2026-03-20' };
    show(FigureLine, {
        ...props,
        figures: [
            { on: '2026-01-05', figure: 20 },
            { on: '2026-02-05', figure: 34 },
        ],
    });
    expect(screen.getByRole('img', { name: 'Dead hang: 20 s to 34 s, last 34 s.' })).toBeTruthy();
    const once = show(FigureLine, { ...props, name: 'Bodyweight', words: mass, figures: [{ on: '2026-01-05', figure: 70.4 }] });
    await once.sees('70.4 kg');
    await once.sees('Once so far');
    await show(FigureLine, { ...props, figures: [] }).sees('Nothing logged in this time.');
});

it('shows the work of each week as a bar as high as it is, and controlled seconds where there are any', () => {
    show(WorkBars, {
        work: [
            { from: '2026-03-02', kj: 5, controlled_s: 0 },
            { from: '2026-03-09', kj: 10, controlled_s: 42 },
        ],
        from: '2026-03-01',
        to: '2026-03-20',
        each: 'week',
    });
    const heights = [...document.querySelectorAll('rect')].map((r) => Number(r.getAttribute('height')));
    expect(heights[1]).toBeCloseTo(2 * heights[0]!);
    expect(screen.getByRole('img', { name: /Work this week: at most 10.0 kJ; .*10.0 kJ, 42 s controlled/ })).toBeTruthy();
});

it('tells a rest in minutes and seconds, whole ones, never less than is left', () => {
    expect([clock(0), clock(59.2), clock(60), clock(125.01)]).toEqual(['0:00', '1:00', '1:00', '2:06']);
});
