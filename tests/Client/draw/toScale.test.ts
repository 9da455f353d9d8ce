import { expect, it } from 'vitest';
import { roundSteps } from '../../../client/draw/axis';
import { layOut } from '../../../client/draw/toScale';

const view = { least: { x_m: -1.5, y_m: 0 }, most: { x_m: 0.5, y_m: 2.5 }, dimensions: [] };

it('draws to one scale in both directions, the floor level and everything on the sheet', () => {
    const sheet = layOut(view, 460, 400);
    const low = sheet.at({ x_m: -1.5, y_m: 0 });
    const high = sheet.at({ x_m: 0.5, y_m: 2.5 });

    expect((high.x - low.x) / 2).toBeCloseTo(sheet.pxPerM, 9);
    expect((low.y - high.y) / 2.5).toBeCloseTo(sheet.pxPerM, 9);
    expect(low.y).toBeCloseTo(sheet.floorPx, 9);
    expect(Math.min(low.x, 460 - high.x, high.y, 400 - low.y)).toBeGreaterThan(10);
});

it('leaves room under the floor for a measurement that lies there', () => {
    const mark = { label: 'heels', from: { x_m: 0, y_m: 0 }, to: { x_m: 0.3, y_m: 0 }, value: 0.3, unit: 'm' };
    expect(layOut({ ...view, dimensions: [mark] }, 460, 400).floorPx).toBeLessThan(layOut(view, 460, 400).floorPx);
});

it('finds round numbers between two ends', () => {
    expect(roundSteps(0, 10, 5)).toEqual([0, 2, 4, 6, 8, 10]);
    expect(roundSteps(69.2, 72.1, 4)).toEqual([70, 71, 72]);
    expect(roundSteps(0.3, 0.3, 4)).toEqual([0.3]);
});
