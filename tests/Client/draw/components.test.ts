import { expect, it } from 'vitest';
import CurvePlot from '../../../client/draw/CurvePlot.vue';
import LaneLadder from '../../../client/draw/LaneLadder.vue';
import MassPlot from '../../../client/draw/trend/MassPlot.vue';
import SideView from '../../../client/draw/SideView.vue';
import { attributes, markup, words } from '../support/render';
import { bandView, curve, rung } from '../support/samples';

const numbers = (points: string): number[][] => points.split(' ').map((p) => p.split(',').map(Number));

it('draws a band as long and as wide as it is, to the scale it states', async () => {
    const html = await markup(SideView, { view: bandView, name: 'Rook, foot' });
    const pxPerM = Number(attributes(html, 'data-px-per-m')[0]);
    const bands = [...html.matchAll(/data-part="band"[^>]*>.*?points="([^"]*)" stroke-width="([^"]*)"/gs)].map((m) => ({
        points: numbers(m[1] ?? ''),
        width: Number(m[2]),
    }));
    const lengths = bands.map(({ points }) => ((points.at(-1)?.[1] ?? 0) - (points[0]?.[1] ?? 0)) / pxPerM);

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

it('draws hang and top side by side, the arms over the body and never under the band', async () => {
    const html = await markup(SideView, { view: bandView, name: 'Rook' });
    expect(words(html)).toContain('Hang');
    expect(words(html)).toContain('Top');
    const [hang, top] = [...html.matchAll(/data-part="arm"[^>]*|points="([^"]*)"[^>]*data-part="arm"/g)].map((m) =>
        numbers(/points="([^"]*)"/.exec(m[0])?.[1] ?? ''),
    );
    const [band] = [...html.matchAll(/data-part="band".*?points="([^"]*)"/gs)].map((m) => numbers(m[1] ?? ''));
    expect(Math.max(...hang!.map((p) => p[0]!))).toBeLessThan(Math.min(...top!.map((p) => p[0]!)));
    expect(band![7]![0]! - band![0]![0]!).toBeGreaterThan(10);
});

const heronRung = rung(
    'band:foot:a',
    'Heron 44 mm, foot, Beam bar',
    0.67,
    { kind: 'band', bar_id: 'b', attach: 'foot', band_ids: ['h'] },
    8.4,
);
const ladder = [
    { rung: rung('low', 'Crane 64 mm, foot, Beam bar', 0.5, { kind: 'strict' }, 12), step: null, chosen: false },
    { rung: rung('below', 'Heron 44 mm, foot, Loft bar', 0.62, { kind: 'strict' }, 10), step: 0.12, chosen: false },
    { rung: heronRung, step: 0.05, chosen: true },
    { rung: rung('next', 'Rook 32 mm, foot, Beam bar', 0.71, { kind: 'strict' }, 7.1), step: 0.034, chosen: false },
    ...[0.75, 0.8, 0.9].map((share) => ({
        rung: rung(`at-${share}`, `A ${share}`, share, { kind: 'strict' }, 3),
        step: 0.05,
        chosen: false,
    })),
    { rung: rung('strict', 'Unassisted pull-up', 1, { kind: 'strict' }, 0.2), step: 0.1, chosen: false },
];

it('shows about five rungs round the one in use, each with its share, step and likely reps, the hardest on top', async () => {
    const html = await markup(LaneLadder, { rungs: ladder, nextKey: 'next', largestKey: 'strict' });
    const text = words(html);

    expect(attributes(html, 'data-rung')).toEqual(['at-0.8', 'at-0.75', 'next', 'band:foot:a', 'below']);
    expect(text).toContain('Heron 44 mm now');
    expect(text).toContain('carries 46.9 kg likely reps 6–10');
    expect(text).toContain('Rook 32 mm next');
    expect(text).toContain('Rook 32 mm next carries 49.7 kg likely reps 5–9 foot · Beam bar');
    expect(text).toContain('2 more to 100 %');
    expect(text).toContain('1 easier');
    expect(text).toContain('+3');
});

it('says of help that is only bounded what it may carry, and keeps its room while empty', async () => {
    const bounded = { ...heronRung, carried: { ...heronRung.carried, share_range: [0.6, 1] } };
    expect(
        words(await markup(LaneLadder, { rungs: [{ rung: bounded, step: null, chosen: true }], nextKey: undefined, largestKey: null })),
    ).toContain('carries 60–100 %');
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
    expect(attributes(html, 'aria-label')[0]).toMatch(/^The band pulls nothing at 100 cm and .* kg at .* cm; 1 readings\.$/);
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
