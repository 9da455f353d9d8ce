import { expect, it } from 'vitest';
import CurvePlot from '../../../client/draw/CurvePlot.vue';
import LadderLanes from '../../../client/draw/LadderLanes.vue';
import MassPlot from '../../../client/draw/MassPlot.vue';
import SideView from '../../../client/draw/SideView.vue';
import { attributes, markup, words } from '../support/render';
import { bandView, curve, rung } from '../support/samples';

const numbers = (points: string): number[][] => points.split(' ').map((p) => p.split(',').map(Number));

it('draws a band as long and as wide as it is, to the scale it states', async () => {
    const html = await markup(SideView, { view: bandView, name: 'Rook, foot' });
    const pxPerM = Number(attributes(html, 'data-px-per-m')[0]);
    const bands = [...html.matchAll(/data-part="band"[^>]*>.*?points="([^"]*)" stroke-width="([^"]*)"/gs)].map((m) => ({ points: numbers(m[1] ?? ''), width: Number(m[2]) }));
    const lengths = bands.map(({ points }) => ((points[1]?.[1] ?? 0) - (points[0]?.[1] ?? 0)) / pxPerM);

    expect(lengths[0]).toBeCloseTo(2.1, 2);
    expect(lengths[1]).toBeCloseTo(1.52, 2);
    expect(bands[0]!.width / pxPerM).toBeCloseTo(0.044, 6);
});

it('says in words what it draws, and writes each measurement with its unit', async () => {
    const html = await markup(SideView, { view: bandView, name: 'Rook, foot' });
    expect(attributes(html, 'aria-label')[0]).toBe('Rook, foot, from the side, to scale: bar 240 cm, band, hang 210 cm.');
    expect(words(html)).toContain('bar 240 cm');
    expect(attributes(html, 'data-value').map(Number)).toEqual([2.4, 2.1]);
});

it('draws the finish under the start, and the band over both', async () => {
    const html = await markup(SideView, { view: bandView, name: 'Rook' });
    const ghost = html.indexOf('ghost stick');
    const start = html.indexOf('class="stick"');
    expect(html.match(/data-part="trunk"/g)).toHaveLength(2);
    expect(Math.max(ghost, start)).toBeLessThan(html.indexOf('data-part="band"'));
});

const lanes = [
    {
        title: 'Row',
        capacity: null,
        rungs: [{ rung: rung('row:a', 'Row, North rings 160 cm, mark +30 cm', 0.55, { kind: 'row', ring_id: 'r', strap_m: 1.6, heel_mark_m: 0.3 }), step: 0.04, chosen: false }],
    },
    {
        title: 'Lower & hold',
        capacity: null,
        compact: true,
        rungs: [{ rung: rung('lowering:5.0', 'Lowering, 5 s', 1, { kind: 'lowering', seconds: 5 }), step: null, chosen: false }],
    },
    {
        title: 'Pull',
        capacity: { share: 0.9, low80: 0.86, high80: 0.93, on: '2026-03-02' },
        rungs: [
            { rung: rung('band:foot:a', 'Heron 44 mm, foot, Beam bar', 0.67, { kind: 'band', bar_id: 'b', attach: 'foot', band_ids: ['h'] }, 8.4), step: null, chosen: true },
            { rung: rung('band:foot:b', 'Rook 32 mm, foot, Beam bar', 0.71, { kind: 'band', bar_id: 'b', attach: 'foot', band_ids: ['r'] }, 7.1), step: 0.034, chosen: false },
            { rung: rung('strict', 'Unassisted pull-up', 1, { kind: 'strict' }, 0.2), step: 0.29, chosen: false },
        ],
    },
];

it('shows three lanes on one scale, each rung with its share, step and reps, the hardest on top', async () => {
    const html = await markup(LadderLanes, { lanes, nextKey: 'band:foot:b', largestKeys: ['strict'] });
    expect(attributes(html, 'data-rung')).toEqual(['row:a', 'lowering:5.0', 'strict', 'band:foot:b', 'band:foot:a']);
    expect(attributes(html, 'data-share').map(Number)).toEqual([0.55, 1, 1, 0.71, 0.67]);
    const text = words(html);
    for (const part of ['67 % now 8 reps', 'next: Rook 32 mm', '+29.0 % 0 reps Unassisted pull-up', 'Lowering 5 s', '55 % +4.0 % North rings 160 cm mark +30 cm']) {
        expect(text).toContain(part);
    }
    expect(html).toMatch(/largest[^>]*>\+29\.0 %/);
});

it('draws no capacity where none is known, and stays whole with nothing to show', async () => {
    const empty = await markup(LadderLanes, { lanes: [{ title: 'Pull', capacity: null, rungs: [] }], nextKey: undefined, largestKeys: [] });
    expect(empty).not.toContain('class="capacity"');
    expect(words(empty)).toContain('100 %');
    expect(await markup(LadderLanes, { lanes, nextKey: undefined, largestKeys: [] })).toContain('class="capacity"');
});

it('plots the curve with its readings, the reading of the moment and the lengths in use', async () => {
    const html = await markup(CurvePlot, {
        curve,
        points: [{ length_m: 1.5, force_n: 100, force_kg: 10.2 }],
        live: { lengthM: 1.8, forceKg: 14 },
        spans: [{ label: 'foot', fromM: 1.4, toM: 2.0 }],
    });
    expect(html.match(/<circle/g)).toHaveLength(2);
    expect(html).toContain('class="live"');
    expect(words(html)).toContain('from the top to the hang');
    expect(attributes(html, 'aria-label')[0]).toMatch(/^The band pulls 0 kg at 100 cm and .* kg at .* cm; 1 readings\.$/);
});

it('plots without readings, and says what line and shade are', async () => {
    const html = await markup(CurvePlot, { curve, points: [] });
    expect(html).not.toContain('<circle');
    expect(words(html)).toContain('shade: one standard deviation');
});

it('plots the mass over time from the earliest to the latest weighing', async () => {
    const weighings = [
        { id: 'c', weighed_on: '2026-03-02', mass_kg: 70.5 },
        { id: 'b', weighed_on: '2026-02-10', mass_kg: 71.2 },
    ];
    const html = await markup(MassPlot, { weighings });
    const [first, last] = attributes(html, 'cx').map(Number);
    expect(first!).toBeLessThan(last!);
    expect(attributes(html, 'aria-label')[0]).toBe('Mass from 71.2 kg on Tue 10 Feb to 70.5 kg on Mon 2 Mar.');
});
