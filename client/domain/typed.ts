import { KG_PER_LB, M_PER_IN, parseNumber, unitOf, type TypedUnit } from './units';

/** The sizes of units that people write, by what they measure (exact by the international agreement of 1959; a pound-force by g = 9.80665 m/s²). */
const LENGTHS_CM = { mm: 0.1, cm: 1, m: 100, in: 100 * M_PER_IN, ft: 30.48 } as const;
const MASSES_KG = { g: 0.001, kg: 1, lb: KG_PER_LB, st: 6.35029318 } as const;
const FORCES_N = { N: 1, kN: 1000, kgf: 9.80665, lbf: 4.4482216152605 } as const;
const TIMES_S = { s: 1, min: 60 } as const;

const SIZES: Partial<Record<TypedUnit, Readonly<Record<string, number>>>> = {
    cm: LENGTHS_CM,
    mm: LENGTHS_CM,
    m: LENGTHS_CM,
    kg: MASSES_KG,
    N: FORCES_N,
    s: TIMES_S,
};

const SPELLINGS: Readonly<Record<string, string>> = {
    "'": 'ft',
    '"': 'in',
    inch: 'in',
    inches: 'in',
    foot: 'ft',
    feet: 'ft',
    lbs: 'lb',
    pound: 'lb',
    pounds: 'lb',
    stone: 'st',
    kgs: 'kg',
    kilo: 'kg',
    kilos: 'kg',
    n: 'N',
    kn: 'kN',
    sec: 's',
    secs: 's',
    second: 's',
    seconds: 's',
    mins: 'min',
    minute: 'min',
    minutes: 'min',
};

/** What a figure without a unit is behind one with it: 5 ft 11, 1 m 65, 12 st 4. */
const SMALLER: Readonly<Record<string, string>> = { ft: 'in', m: 'cm', st: 'lb', min: 's' };

const PIECE = /^([\d.,]+)\s*([a-z'"]*)\s*/i;
const MINUTES = /^(\d{1,3}):([0-5]\d)$/;

/**
 * A quantity as people type it, in the unit this gym has for such a field: with that unit or none, or with another one for the same (“176 lb”, 5'11, “1,65 m”,
 * “1:30”). Null where it is none, undefined where nothing was typed.
 */
export function parseTyped(text: string, unit: TypedUnit): number | null | undefined {
    const plain = parseNumber(text);
    const sizes = SIZES[unit];
    if (typeof plain === 'number' || plain === undefined || sizes === undefined) {
        return plain;
    }
    const [sign, rest] = signed(
        text
            .replaceAll(/[′’‘]/g, "'")
            .replaceAll(/[″“”]|''/g, '"')
            .trim(),
    );
    const clock = unit === 's' ? MINUTES.exec(rest) : null;
    const sum = clock ? 60 * Number(clock[1]) + Number(clock[2]) : sumOf(rest, sizes);
    return sum === null ? null : Number(((sign * sum) / sizes[unitOf(unit)]!).toPrecision(12));
}

/** What was read of a quantity that was typed in another unit than its field’s: “= 79.8 kg”. */
export function readBack(text: string, unit: TypedUnit): string | undefined {
    const typed = parseNumber(text) === null ? parseTyped(text, unit) : null;
    return typeof typed === 'number' ? `= ${Number(typed.toFixed(1))} ${unitOf(unit)}` : undefined;
}

const signed = (text: string): [number, string] => (/^[-−]/.test(text) ? [-1, text.slice(1).trim()] : [1, text.replace(/^\+/, '')]);

/** Pieces one after the other, each in a smaller unit than the one before. */
function sumOf(text: string, sizes: Readonly<Record<string, number>>): number | null {
    let [sum, last, rest] = [0, Infinity, text];
    let before = '';
    while (rest !== '') {
        const [whole, figure = '', word = ''] = PIECE.exec(rest) ?? [];
        const name = word === '' ? (SMALLER[before] ?? '') : (SPELLINGS[word.toLowerCase()] ?? word);
        const [value, size] = [parseNumber(figure), sizes[name] ?? sizes[name.toLowerCase()]];
        if (whole === undefined || typeof value !== 'number' || size === undefined || size >= last) {
            return null;
        }
        sum += value * size;
        [last, before, rest] = [size, name, rest.slice(whole.length)];
    }
    return Number.isFinite(last) ? sum : null;
}
