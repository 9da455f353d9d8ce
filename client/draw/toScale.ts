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
    /** Where the caption under the figure stands. */
    middlePx: number;
    at: (place: Place) => Drawn;
}

/** Room for measurements, labels and captions around what is drawn. */
const MARGIN_PX = { x: 30, top: 14, bottom: 34 };

/** More of it under the floor where a measurement lies there. */
const UNDER_FLOOR_PX = 18;

/** Between the body at the start and the one at the finish. */
const BETWEEN_PX = 34;

const LEAST_SPAN_M = 0.5;

/** A measurement that low left of the body, as of a box, is labelled under the floor: beside it stand the feet. */
const LOW_M = 0.6;

export const isUnderFloor = ({ from, to }: Pick<Schemas['Dimension'], 'from' | 'to'>, bodyM: number): boolean =>
    from.y_m === 0 && (to.y_m === 0 || (to.y_m < LOW_M && to.x_m < bodyM));

interface Panel {
    leastM: number;
    mostM: number;
}

const stickPlaces = (stick: Schemas['Stick']): Place[] => [
    stick.grip,
    stick.elbow,
    stick.shoulder,
    stick.head,
    stick.hip,
    stick.knee,
    stick.ankle,
    stick.toe,
];

/** How far to the left and right a set of places reaches. */
function panelOf(places: readonly Place[]): Panel {
    const xs = places.map((p) => p.x_m);
    const middleM = (Math.min(...xs) + Math.max(...xs)) / 2;
    const halfM = Math.max(LEAST_SPAN_M, Math.max(...xs) - Math.min(...xs)) / 2;
    return { leastM: middleM - halfM, mostM: middleM + halfM };
}

/** What is seen of the gear with the body at the start, or at the finish. */
export const gearAt = (view: Pick<SideView, 'gear'>, finish: boolean): SideView['gear'] =>
    view.gear.filter((line) => line.at_top === finish || (finish && !['band', 'strap', 'cable', 'step'].includes(line.part)));

/**
 * Lays a side view on a sheet, as large as it fits, to one scale in both directions: the body at the start with the measurements,
 * and beside it the body at the finish.
 */
export function layOut(view: SideView, widthPx: number, heightPx: number): { start: Sheet; finish: Sheet | undefined } {
    const bottomPx = MARGIN_PX.bottom + (view.dimensions.some((d) => isUnderFloor(d, view.start.hip.x_m)) ? UNDER_FLOOR_PX : 0);
    const places = (finish: boolean): Place[] => gearAt(view, finish).flatMap((line) => line.points);
    const start = panelOf([...stickPlaces(view.start), ...places(false), ...view.dimensions.flatMap((d) => [d.from, d.to])]);
    const finish = view.finish ? panelOf([...stickPlaces(view.finish), ...places(true)]) : undefined;
    const spanM = start.mostM - start.leastM + (finish ? finish.mostM - finish.leastM : 0);
    const spanY = Math.max(view.most.y_m - view.least.y_m, LEAST_SPAN_M);
    const roomPx = widthPx - 2 * MARGIN_PX.x - (finish ? BETWEEN_PX : 0);
    const pxPerM = Math.min(roomPx / spanM, (heightPx - MARGIN_PX.top - bottomPx) / spanY);
    const floorPx = heightPx - bottomPx + view.least.y_m * pxPerM;
    const leftPx = MARGIN_PX.x + (roomPx - spanM * pxPerM) / 2;
    const sheet = (panel: Panel, fromPx: number): Sheet => ({
        pxPerM,
        widthPx,
        heightPx,
        floorPx,
        middlePx: fromPx + ((panel.mostM - panel.leastM) / 2) * pxPerM,
        at: ({ x_m, y_m }) => ({ x: fromPx + (x_m - panel.leastM) * pxPerM, y: floorPx - y_m * pxPerM }),
    });
    return { start: sheet(start, leftPx), finish: finish && sheet(finish, leftPx + (start.mostM - start.leastM) * pxPerM + BETWEEN_PX) };
}

/** A measurement as it is written into the drawing; the figure stands at the dots of its label, or after it. */
export const dimensionText = ({ label, value, unit }: Schemas['Dimension']): string => {
    const text = unit === '°' ? angle(value) : length(value);
    return label.includes('…') ? label.replace('…', text) : `${label} ${text}`;
};

/** A polyline's points attribute. */
export const through = (points: readonly Drawn[]): string => points.map(({ x, y }) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ');
