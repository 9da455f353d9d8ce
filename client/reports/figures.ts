import type { Schemas } from '../domain/http';
import { day, mass, percent, percentRange } from '../domain/units';
import { portionWords } from './words';

const capacity = (point: Schemas['TrendPoint'] | null): string =>
    point === null ? '–' : `${percent(point.share)} (${percentRange(point.low80, point.high80)})`;
const weight = (kg: number | null): string => (kg === null ? '–' : mass(kg));

/** The figures of a season, each with its name. */
export const seasonFigures = (of: Schemas['SeasonReport']): (readonly [string, string])[] => [
    ['Days trained', String(of.days)],
    ['Sets', String(of.sets)],
    ['Clean reps', String(of.reps)],
    ['Failed sets', portionWords(of.failed)],
    ['Work up', `${Math.round(of.work_kj)} kJ`],
    ['Under control', `${Math.round(of.controlled_s)} s`],
    ['Pull capacity then', capacity(of.capacity_first)],
    ['Pull capacity now', capacity(of.capacity_last)],
    ['Bodyweight then', weight(of.mass_first_kg)],
    ['Bodyweight now', weight(of.mass_last_kg)],
    ['First strict rep', of.first_strict_on === null ? 'not in this time' : day(of.first_strict_on)],
    ['Most strict reps in a set', String(of.strict_reps)],
];
