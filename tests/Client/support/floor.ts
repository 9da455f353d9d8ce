import type { Schemas } from '../../../client/domain/http';
import { COACH, heron, rook, set } from './samples';

type Line = Schemas['SheetLine'];
type Rung = Schemas['SheetRung'];
type Athlete = Schemas['FloorAthlete'] & { sheet: Schemas['Sheet'] };

export const ME = COACH.slice(COACH.indexOf('.') + 1);

export const onFloor = (of: Schemas['Rung'], share: number, station: string, bands: string[]): Rung => ({
    key: of.key,
    name: of.name,
    exercise: of.exercise,
    share,
    prediction: { reps: 8, low80: 6.2, high80: 10.4, clipped: false },
    aim: 8,
    station,
    bands,
});
export const heronRung = onFloor(heron, 0.67, 'b', ['h']);
export const rookRung = onFloor(rook, 0.71, 'b', ['r']);

export const line = (changes: Partial<Line> = {}): Line => ({
    line: 'main:bands',
    part: 'main',
    purpose: 'work',
    name: heron.name,
    rung: heronRung,
    accessory: null,
    group: null,
    sets: 3,
    amount: { measure: 'reps', low: 6, high: 8, words: '6–8' },
    aim: 8,
    to_failure: false,
    per_side: false,
    begun: null,
    tempo: null,
    rest_s: 120,
    set_s: 50,
    seconds: null,
    cues: ['Blades down first.'],
    cautions: [],
    remark: null,
    view: null,
    others: [rookRung],
    short_below: 4,
    more_help: null,
    ...changes,
});

export const plank = line({
    line: 'trunk:plank',
    part: 'trunk',
    name: 'Plank',
    rung: null,
    accessory: 'plank',
    sets: 2,
    amount: { measure: 'seconds', low: 30, high: 40, words: '30–40 s' },
    aim: 40,
    rest_s: 60,
    others: [],
});

export const lowering = line({
    line: 'main:lowering',
    name: 'Lowering, unassisted',
    rung: {
        ...heronRung,
        key: 'lower',
        name: 'Lowering, unassisted',
        exercise: { setup: { kind: 'strict' }, movement: 'lowering', seconds: 5 },
        station: null,
        bands: [],
    },
    aim: 5,
    others: [],
});

export const hang = line({
    line: 'main:hang',
    name: 'Hang',
    rung: {
        ...heronRung,
        key: 'hang',
        name: 'Hang',
        exercise: { setup: { kind: 'strict' }, movement: 'hold', at: 'hang', seconds: 20 },
        station: null,
        bands: [],
    },
    amount: { measure: 'seconds', low: 20, high: 20, words: '20 s' },
    aim: 20,
    others: [],
});

export const sheet = (lines: Line[], changes: Partial<Schemas['Sheet']> = {}): Schemas['Sheet'] => ({
    lines,
    remarks: [],
    minutes: 40,
    concern: null,
    refused: null,
    lowerings: { today: 15, a_session: 15, this_week: 30, a_week: 30, full: null },
    stage: 'Bands',
    ...changes,
});

export const athlete = (name: string, lines: Line[] = [line(), plank], changes: Partial<Athlete> = {}): Athlete => ({
    id: name.toLowerCase(),
    name: `${name} Marsh`,
    kind: 'both',
    coming: true,
    walk_in: false,
    paused: false,
    pain_source: null,
    sheet: sheet(lines),
    switched: {},
    sets: [],
    beside: [],
    gave_out: null,
    effort: null,
    soreness: null,
    took_hold: null,
    wall_on: null,
    trained_before_on: '2026-03-18',
    ...changes,
});

let serial = 0;

export const done = (clean: number, at: string, changes: Partial<Schemas['Set']> = {}): Schemas['Set'] =>
    set({ id: `s${(serial += 1)}`, performed_at: at, clean_reps: clean, line: 'main:bands', by: ME, ...changes });

export const gear: Schemas['FloorPiece'][] = [
    { id: 'b', name: 'Beam bar', kind: 'bar', out: false },
    { id: 'l', name: 'Loft bar', kind: 'bar', out: false },
    { id: 'h', name: 'Heron 44 mm', kind: 'band', out: false },
    { id: 'r', name: 'Rook 32 mm', kind: 'band', out: false },
];

export const classDay = (athletes: Athlete[], changes: Partial<Schemas['ClassDay']> = {}): Schemas['ClassDay'] => ({
    class: {
        id: 'c',
        name: 'Friday noon',
        on: '2026-03-20',
        starts_at: '2026-03-20T11:30:00Z',
        ends_at: '2026-03-20T12:45:00Z',
        weekly: true,
    },
    cursor: 7,
    pulse: 'ticket',
    athletes,
    left_over: [],
    gear,
    timetable: null,
    coaches: [
        { id: ME, name: 'Coach' },
        { id: 'bea', name: 'Bea' },
    ],
    roster: [{ id: 'yves', name: 'Yves Alder', kind: 'gym' }],
    ...changes,
});

/** What is told of a class that began half an hour ago: turns as [athlete, line, n, seconds from the beginning, station]. */
export const timetable = (
    turns: readonly (readonly [string, string, number, number, string])[],
    changes: Partial<Schemas['Timetable']> = {},
): Schemas['Timetable'] => ({
    ends_at: '2026-03-20T12:39:00Z',
    fits: true,
    turns: turns.map(([athlete_id, of, n, at_s, station]) => ({ athlete_id, line: of, n, at_s, station })),
    collisions: [],
    cuts: [],
    ...changes,
});
