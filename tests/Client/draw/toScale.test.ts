import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import { dimensionText, gearAt, layOut } from '../../../client/draw/toScale';

const stick = (dx: number): Schemas['Stick'] => {
    const at = (x_m: number, y_m: number) => ({ x_m: x_m + dx, y_m });
    return {
        grip: at(0, 2.4),
        elbow: at(0, 2.1),
        shoulder: at(0, 1.8),
        head: at(0, 2),
        hip: at(0, 1.3),
        knee: at(0, 0.8),
        ankle: at(0, 0.4),
        toe: at(0.2, 0.4),
        head_radius_m: 0.1,
    };
};
const line = (part: Schemas['Line']['part'], at_top: boolean): Schemas['Line'] => ({
    part,
    points: [{ x_m: 0, y_m: 2.4 }],
    thickness_m: 0.01,
    at_top,
});
const view: Schemas['SideView'] = {
    start: stick(0),
    finish: stick(-0.1),
    gear: [line('bar', false), line('band', false), line('band', true), line('step', false), line('box', false)],
    least: { x_m: -1.5, y_m: 0 },
    most: { x_m: 0.5, y_m: 2.5 },
    dimensions: [],
};

it('draws both figures to one scale in both directions, side by side on one floor and on the sheet', () => {
    const { start, finish } = layOut(view, 460, 400);
    const low = start.at({ x_m: 0, y_m: 0 });
    const high = start.at({ x_m: 0.2, y_m: 2.4 });

    expect((high.x - low.x) / 0.2).toBeCloseTo(start.pxPerM, 9);
    expect((low.y - high.y) / 2.4).toBeCloseTo(start.pxPerM, 9);
    expect(finish!.pxPerM).toBe(start.pxPerM);
    expect(finish!.floorPx).toBe(start.floorPx);
    expect(finish!.at(view.finish!.grip).x).toBeGreaterThan(high.x + 30);
    expect(Math.min(low.x, 460 - finish!.at(view.finish!.toe).x, high.y, 400 - low.y)).toBeGreaterThan(10);
});

it('shows what moves where it is, what stands with both, and the step to get in only at the hang', () => {
    expect(gearAt(view, false).map((l) => l.part)).toEqual(['bar', 'band', 'step', 'box']);
    expect(gearAt(view, true).map((l) => [l.part, l.at_top])).toEqual([
        ['bar', false],
        ['band', true],
        ['box', false],
    ]);
});

it('leaves room under the floor for a measurement that lies there, and writes the figure where the label has room for it', () => {
    const mark = { label: 'heels', from: { x_m: 0, y_m: 0 }, to: { x_m: 0.3, y_m: 0 }, value: 0.3, unit: 'm' };
    expect(layOut({ ...view, dimensions: [mark] }, 460, 400).start.floorPx).toBeLessThan(layOut(view, 460, 400).start.floorPx);
    expect(dimensionText(mark)).toBe('heels 30 cm');
    expect(dimensionText({ ...mark, label: 'foot … off the floor' })).toBe('foot 30 cm off the floor');
});
