import { scaleTime, type ScaleTime } from 'd3-scale';
import { timeFormat } from 'd3-time-format';

/** Noon of a calendar day, so that no shift of summer time moves it. */
export const moment = (isoDate: string): Date => new Date(`${isoDate}T12:00:00`);

export const timeAxis = (from: Date, to: Date, left: number, right: number): ScaleTime<number, number> =>
    scaleTime([from, to], [left, right]);

const dayOfMonth = timeFormat('%-d %b');
const month = timeFormat('%b');
const year = timeFormat('%Y');

/** Days where they are told apart, else months, and the year where one begins. */
export function tickWords(ticks: readonly Date[]): string[] {
    const days = ticks.some((t) => t.getDate() !== 1);
    return ticks.map((t) => {
        if (days) {
            return dayOfMonth(t);
        }
        return t.getMonth() === 0 ? year(t) : month(t);
    });
}

export const PX_PER_TICK = 90;

/** Where ticks stand along an axis so wide, at least so many, and what they say. */
export function tickColumns(x: ScaleTime<number, number>, widthPx: number, least: number): { x: number; text: string }[] {
    const ticks = x.ticks(Math.max(least, Math.floor(widthPx / PX_PER_TICK)));
    const words = tickWords(ticks);
    return ticks.map((t, i) => ({ x: x(t), text: words[i] ?? '' }));
}
