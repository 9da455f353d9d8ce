import type { Schemas } from '../domain/http';
import { angle, length } from '../domain/units';

type SideView = Schemas['SideView'];
type Place = Schemas['Spot'];

export interface Drawn {
    x: number;
    y: number;
}

export interface Sheet {
    pxPerM: number;
    widthPx: number;
    heightPx: number;
    floorPx: number;
    at: (place: Place) => Drawn;
}

/** Room for measurements and labels around what is drawn. */
const MARGIN_PX = { x: 34, top: 14, bottom: 14 };

/** More of it under the floor where a measurement lies there. */
const UNDER_FLOOR_PX = 22;

/** Lays a side view on a sheet, as large as it fits, to one scale in both directions. */
export function layOut(view: Pick<SideView, 'least' | 'most' | 'dimensions'>, widthPx: number, heightPx: number): Sheet {
    const bottomPx = MARGIN_PX.bottom + (view.dimensions.some((d) => d.from.y_m === 0 && d.to.y_m === 0) ? UNDER_FLOOR_PX : 0);
    const spanX = Math.max(view.most.x_m - view.least.x_m, 0.5);
    const spanY = Math.max(view.most.y_m - view.least.y_m, 0.5);
    const pxPerM = Math.min((widthPx - 2 * MARGIN_PX.x) / spanX, (heightPx - MARGIN_PX.top - bottomPx) / spanY);
    const leftPx = (widthPx - spanX * pxPerM) / 2;
    const floorPx = heightPx - bottomPx + view.least.y_m * pxPerM;
    return {
        pxPerM,
        widthPx,
        heightPx,
        floorPx,
        at: ({ x_m, y_m }) => ({ x: leftPx + (x_m - view.least.x_m) * pxPerM, y: floorPx - y_m * pxPerM }),
    };
}

/** A measurement as it is written into the drawing. */
export const dimensionText = ({ label, value, unit }: Schemas['Dimension']): string => `${label} ${unit === '°' ? angle(value) : length(value)}`;

/** A polyline's points attribute. */
export const through = (points: readonly Drawn[]): string => points.map(({ x, y }) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ');
