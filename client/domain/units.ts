import { serverTime } from './clock';

/** How quantities are shown and typed. Everything is SI inside; people read kg or lb, cm or in as their gym does, mm, s and %. */

const CM_PER_M = 100;
/** Exact by the international agreement of 1959. */
export const KG_PER_LB = 0.45359237;
export const M_PER_IN = 0.0254;

/** What a field asks for, by the unit that most gyms measure it in. */
export type TypedUnit = 'kg' | 'cm' | 'mm' | 'N' | 's' | 'm' | 'reps' | 'sets';
type ShownUnit = TypedUnit | 'lb' | 'in';

interface UnitsOfGym {
    mass_unit: 'kg' | 'lb';
    length_unit: 'cm' | 'in';
}

let ofGym: UnitsOfGym = { mass_unit: 'kg', length_unit: 'cm' };

/** From now on quantities are shown in the units of a gym; where they are watched, also what stands already. */
export function readIn(gym: UnitsOfGym): void {
    ofGym = gym;
}

/** What people mostly weigh and measure in where a language is spoken as there: pounds and inches in the United States, Liberia and Myanmar. */
export const usualUnits = (language: string): UnitsOfGym =>
    /-(US|LR|MM)\b/i.test(language) ? { mass_unit: 'lb', length_unit: 'in' } : { mass_unit: 'kg', length_unit: 'cm' };

/** The unit that stands beside such a quantity in this gym. */
export const unitOf = (unit: TypedUnit): ShownUnit => (unit === 'kg' ? ofGym.mass_unit : unit === 'cm' ? ofGym.length_unit : unit);

/** From the API’s unit to the one that is shown, and back. */
const PER_API_UNIT: Record<ShownUnit, number> = {
    kg: 1,
    lb: 1 / KG_PER_LB,
    cm: CM_PER_M,
    in: 1 / M_PER_IN,
    mm: 1,
    N: 1,
    s: 1,
    m: 1,
    reps: 1,
    sets: 1,
};

/** A figure of the API as this gym reads it. */
export const shown = (value: number, unit: TypedUnit): number => value * PER_API_UNIT[unitOf(unit)];

/** The same back, on an axis. */
export const fromShown = (figure: number, unit: TypedUnit): number => figure / PER_API_UNIT[unitOf(unit)];

export const mass = (kg: number): string => `${shown(kg, 'kg').toFixed(1)} ${ofGym.mass_unit}`;
export const signedMass = (kg: number): string => `${kg < 0 ? '−' : '+'}${mass(Math.abs(kg))}`;
/** As measured: whole centimetres, and the millimetre where one was given; what was worked out has no such millimetre. */
export const length = (m: number): string => {
    const tenths = Number(shown(m, 'cm').toFixed(1));
    return `${ofGym.length_unit === 'in' || Math.abs(m * CM_PER_M - tenths) < 1e-6 ? tenths : Math.round(m * CM_PER_M)} ${ofGym.length_unit}`;
};
/** Short lengths that were worked out, to the millimetre. */
export const shortLength = (m: number): string => `${Number(shown(m, 'cm').toFixed(1))} ${ofGym.length_unit}`;
/** A length worked out in metres, where inches are not what the gym reads. */
export const metres = (m: number): string => (ofGym.length_unit === 'in' ? shortLength(m) : `${m.toFixed(2)} m`);
/** @param cmPerS as the core words it */
export const speed = (cmPerS: number): string => `${Math.round(shown(cmPerS / CM_PER_M, 'cm'))} ${ofGym.length_unit}/s`;
export const angle = (deg: number): string => `${Math.round(deg)}°`;
/** As timed, to the tenth. */
export const seconds = (s: number): string => `${Number(s.toFixed(1))} s`;
export const percent = (share: number): string => `${Math.round(share * 100)} %`;
export const signedPercent = (share: number): string => `${share < 0 ? '−' : '+'}${Math.abs(share * 100).toFixed(1)} %`;

/** Nobody is promised more. */
const MOST_REPS = 20;

interface Prediction {
    reps: number;
    low80: number;
    high80: number;
    clipped: boolean;
}

export const percentRange = (low: number, high: number): string => `${Math.round(low * 100)}–${Math.round(high * 100)} %`;
export const secondsRange = (lowS: number, highS: number): string => `${Math.round(lowS)}–${Math.round(highS)} s`;
export const massRange = (lowKg: number, highKg: number): string => `${shown(lowKg, 'kg').toFixed(1)}–${mass(highKg)}`;

/** Whole reps: a rep that is not finished does not count. */
export function repsText(prediction: Prediction): string {
    const reps = Math.floor(prediction.reps);
    return prediction.clipped ? `at least ${MOST_REPS}` : `${reps} ${reps === 1 ? 'rep' : 'reps'}`;
}

export function intervalText(prediction: Prediction): string {
    const high = prediction.high80 >= MOST_REPS ? `${MOST_REPS}+` : String(Math.floor(prediction.high80));
    const low = Math.floor(prediction.low80);
    if (high === '0') {
        return 'none';
    }
    return low >= MOST_REPS || String(low) === high ? high : `${low}–${high}`;
}

/** What is likely, in the words of the floor. */
export const likely = (prediction: Prediction): string => `likely ${intervalText(prediction)}`;

const NEARLY = 0.97;
const PARTS = [2, 3, 4, 5, 10];

/** A chance as a coach says it: 1 in 5, 4 in 5, hardly ever, nearly always. */
export function chanceWords(chance: number): string {
    if (chance >= NEARLY || chance < 1 - NEARLY) {
        return chance >= NEARLY ? 'nearly always' : 'hardly ever';
    }
    const best = PARTS.flatMap((of) => Array.from({ length: of - 1 }, (_, i) => ({ n: i + 1, of })));
    const { n, of } = best.reduce((a, b) => (Math.abs(b.n / b.of - chance) < Math.abs(a.n / a.of - chance) - 0.004 ? b : a));
    return `${n} in ${of}`;
}

/** Controlled seconds to expect. */
export const secondsWords = ({ median_s, low80, high80 }: { median_s: number; low80: number; high80: number }): string =>
    median_s < 1 ? `Hardly a second controlled (up to ${Math.round(high80)} s).` : `Likely ${secondsRange(low80, high80)} controlled.`;

const S_PER_MIN = 60;

/** Time left, to be read from afar: 1:05. */
export const clock = (s: number): string => `${Math.floor(Math.ceil(s) / S_PER_MIN)}:${String(Math.ceil(s) % S_PER_MIN).padStart(2, '0')}`;

/** A rest as it is told: in minutes from two on, else in seconds. */
export function restText([from = 0, to = 0]: readonly number[]): string {
    return from >= 2 * S_PER_MIN ? `${from / S_PER_MIN}–${to / S_PER_MIN} min` : `${from}–${to} s`;
}

/** A typed number, with a decimal point or comma; null where it is none, undefined where nothing was typed. */
export function parseNumber(text: string): number | null | undefined {
    const plain = text.trim().replace(',', '.');
    if (plain === '') {
        return undefined;
    }
    return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}

/** So fine is what was typed in other units kept, so that a figure that was only shown comes back as it was: to 10 g, and to the millimetre. */
const FINEST: Partial<Record<ShownUnit, number>> = { lb: 2, in: 3 };
const SHOWN_DIGITS = 2;

export function toApi(typed: number, unit: TypedUnit): number {
    const value = fromShown(typed, unit);
    const digits = FINEST[unitOf(unit)];
    return Number(digits === undefined ? value.toPrecision(12) : value.toFixed(digits));
}

export function toTyped(value: number, unit: TypedUnit): string {
    const figure = shown(value, unit);
    return String(unitOf(unit) === unit ? Number(figure.toPrecision(6)) : Number(figure.toFixed(SHOWN_DIGITS)));
}

/** A typed figure of the API with its unit. */
export const quantity = (value: number, unit: TypedUnit): string => `${toTyped(value, unit)} ${unitOf(unit)}`;

/** The hour of a moment in a time zone, as 18:30. */
export const hourIn = (timeZone: string | undefined, moment: Date | string | number): string =>
    new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone }).format(new Date(moment));

const dayFormat = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const dayOfYearFormat = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** A day of this year with its weekday, one of another year with the year. */
export function day(isoDate: string): string {
    const date = new Date(`${isoDate}T12:00:00`);
    return (date.getFullYear() === serverTime.now().getFullYear() ? dayFormat : dayOfYearFormat).format(date);
}

/** Standard gravity: what a scale that shows kg makes of newtons. */
const N_PER_KG = 9.80665;

/** A pull typed in the other unit, in this one. */
export const forceIn = (typed: number, unit: 'kg' | 'N'): string =>
    unit === 'N' ? String(Number(newtons(toApi(typed, 'kg')).toFixed(1))) : toTyped(Number((typed / N_PER_KG).toFixed(2)), 'kg');

export const newtons = (kg: number): number => kg * N_PER_KG;
