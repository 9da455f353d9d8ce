import type { Schemas } from '../../../client/domain/http';

/** Whose sets wait on this device. */
export const COACH = 'gym.coach';

export const me: Schemas['Me'] = {
    name: 'Coach',
    email: 'coach@hollowbrook.example',
    gym_name: 'The Mill',
    timezone: 'Europe/London',
    mass_unit: 'kg',
    length_unit: 'cm',
    key: COACH,
    demo: false,
    pull_top: 'chin',
    board_names: 'first',
    athletes_tell: ['pain', 'soreness', 'coming'],
    erased_log: 'anonymous',
    consent: 'asked',
    consent_words: 'The gym keeps what I tell of my health.',
    own_words: false,
    keep_health_years: null,
    role: 'owner',
    rights: ['log', 'coach', 'health', 'kit', 'rules', 'records', 'gym'],
    reminders: 'never',
    second_factor: false,
    recovery_codes: 0,
};

const at = (x_m: number, y_m: number) => ({ x_m, y_m });

/** A body hanging from a bar at 2.4 m, 1.75 m tall with a reach of 2.1 m. */
export const hanging: Schemas['Stick'] = {
    grip: at(0, 2.4),
    elbow: at(0, 2.06),
    shoulder: at(0, 1.73),
    head: at(0, 1.93),
    hip: at(0, 1.23),
    knee: at(0, 0.8),
    ankle: at(0, 0.37),
    toe: at(0.19, 0.3),
    head_radius_m: 0.11,
};

export const practice: Schemas['Practice'] = {
    tempo: 'steady up, two seconds down',
    rest_s: [120, 180],
    cues: ['Shoulder blades down first.', 'Legs together.'],
};

export const bandView: Schemas['SideView'] = {
    start: hanging,
    finish: { ...hanging, shoulder: at(-0.09, 2.3) },
    gear: [
        { part: 'bar', points: [at(0, 2.4)], thickness_m: 0.03, at_top: false },
        { part: 'band', points: [at(0, 2.4), at(0, 0.3)], thickness_m: 0.044, at_top: false },
        { part: 'band', points: [at(0, 2.4), at(0, 0.88)], thickness_m: 0.044, at_top: true },
    ],
    dimensions: [
        { label: 'bar', from: at(-0.75, 0), to: at(-0.75, 2.4), value: 2.4, unit: 'm' },
        { label: 'band, hang', from: at(0.5, 2.4), to: at(0.5, 0.3), value: 2.1, unit: 'm' },
    ],
    least: at(-0.75, 0),
    most: at(0.5, 2.6),
};

export function rung(key: string, name: string, share: number, setup: Schemas['Choice'], reps?: number): Schemas['Rung'] {
    const travel = (of: number) => ({ bottom: of - 0.1, mean: of, top: of + 0.05 });
    return {
        key,
        name,
        exercise: { setup, movement: 'full', grip: 'over', width: 'outside', up_by: 'pull' },
        carried: {
            fits: true,
            carried_kg: travel(70 * share),
            share: travel(share),
            share_sd: 0.01,
            effective_share: share - 0.01,
            shape: 0.15,
            rom_m: 0.58,
            warnings: [],
            share_range: null,
            friction: null,
            lift_off: null,
            recoil_j: null,
            mount: null,
        },
        prediction: reps === undefined ? null : { reps, low80: reps - 2, high80: reps + 2, clipped: false },
        seconds: null,
    };
}

export const jolyon: Schemas['Athlete'] = {
    id: 'jolyon',
    name: 'Jolyon Thatch',
    kind: 'climbing',
    tags: [],
    archived: false,
    mass_kg: 70,
    stature_m: 1.75,
    reach_m: 2.1,
    reach_source: 'measured',
    proportions: 'average',
    pull_distance_m: 0.58,
    standard: { measure: 'reps', sets: 3, gate_reps: 8, floor_reps: 5, sessions: 2, words: '3 × 8 clean' },
    place: {
        method: 'steady-ladder',
        method_name: 'Steady ladder',
        stage: 'ladder',
        stage_name: 'The ladder',
        number: 1,
        of: 2,
        since: '2026-02-01',
        gate: '3 × 8 in 2 sessions',
        next_stage_name: 'Strict pull-ups',
    },
    lowerings_left: null,
    sessions_a_week: null,
    builder: null,
    rung: null,
    rung_lost: null,
    capacity: null,
    row_capacity: null,
    best_hang_s: null,
    pain: null,
    pain_source: null,
    paused_on: null,
    cleared: null,
    screen: {
        on: '2026-03-01',
        outcome: 'cleared',
        limits: [],
        most_share: null,
        due: null,
        mobility: [],
        consent: 'given',
        consent_text: 'Agreed.',
    },
    call: null,
    decided: null,
};

export const heron = rung(
    'band:foot:b:h',
    'Heron 44 mm, foot, Beam bar',
    0.67,
    { kind: 'band', bar_id: 'b', attach: 'foot', band_ids: ['h'] },
    8.4,
);
export const rook = rung(
    'band:foot:b:r',
    'Rook 32 mm, foot, Beam bar',
    0.71,
    { kind: 'band', bar_id: 'b', attach: 'foot', band_ids: ['r'] },
    7.1,
);

export const set = (changes: Partial<Schemas['Set']> = {}): Schemas['Set'] => ({
    id: 'set',
    performed_at: '2026-03-02T18:00:00Z',
    trained_on: '2026-03-02',
    purpose: 'work',
    exercise: heron.exercise,
    setup_key: heron.key,
    setup_name: heron.name,
    carried_kg: 46.9,
    carried_share: 0.67,
    clean_reps: 8,
    no_counts: {},
    faults: [],
    reserve: 2,
    hang_s: null,
    splits_s: [],
    halves_s: [],
    uneven: 0,
    line: null,
    by: 'coach',
    asked_reps: null,
    to_failure: false,
    taught: null,
    pain: null,
    note: null,
    part_of: null,
    pain_undone: false,
    corrected: false,
    damaged: false,
    ...changes,
});

export const call = (changes: Partial<Schemas['Call']> = {}, record: Partial<Schemas['KeptCall']> = {}): Schemas['KeptCall'] => ({
    id: 'call',
    athlete_id: 'jolyon',
    athlete_name: 'Jolyon Thatch',
    version: 3,
    made_at: '2026-03-02T18:00:00Z',
    changed: null,
    call: {
        verdict: 'climb',
        rule: 'gate',
        from: heron,
        next: rook,
        change_kg: 2.4,
        change_share: 0.034,
        reasons: [{ text: 'Two sessions at the gate.' }],
        missing: [],
        confidence: 'firm',
        chance: 0.86,
        mixed: null,
        stage_name: null,
        cautions: [],
        nearly: [],
        ...changes,
    },
    decision: null,
    override_verdict: null,
    override_exercise: null,
    override_name: null,
    override_reason: null,
    decided_at: null,
    ...record,
});

export const curve: Schemas['BandCurve'] = {
    a1_n: 60,
    a2_n: 70,
    status: 'measured',
    relative_sd: 0.04,
    doubts: [],
    curve: Array.from({ length: 41 }, (_, i) => ({ length_m: 1 + i / 20, force_n: i * 10, sd_n: i, force_kg: i * 1.02, sd_kg: i / 10 })),
};

export const band = (id: string, name: string, changes: Partial<Schemas['Band']> = {}): Schemas['Band'] => ({
    id,
    name,
    hung_length_m: 1,
    width_mm: 29,
    thickness_mm: 4.5,
    points: [],
    curve: { ...curve, status: 'estimated', relative_sd: 0.3 },
    retired: false,
    wear: { inspected_on: null, uses_since: 0, due: false, text: 'Not looked at yet.' },
    measured_on: null,
    hitched_on: null,
    measure_again: null,
    ...changes,
});

export const beam: Schemas['Gear'] = { id: 'b', name: 'Beam bar', figures: { kind: 'bar', height_m: 2.4 }, retired: false };
const anyPart: Schemas['Doable']['movements'] = ['full', 'lower-half', 'upper-half', 'lowering', 'hold', 'shoulder-blade'];

/** What can be done on the kinds that the tests put together. */
export const doable: Schemas['Doable'][] = (
    ['strict', 'band', 'row', 'foot', 'hop', 'low-bar', 'counterweight', 'added', 'pulldown', 'band-pulldown'] as const
).map((kind) => ({
    kind,
    movements: kind === 'hop' || kind.endsWith('pulldown') ? ['full'] : anyPart,
    grips: ['over', 'under', 'neutral'],
    ways_up: { full: ['pull', 'foot'], lowering: ['step', 'foot', 'hop'], hold: ['step'] },
}));

export const kit: Schemas['Kit'] = {
    bands: [band('h', 'Heron 44 mm'), band('r', 'Rook 32 mm')],
    gear: [beam],
    damaged: [],
    floor: 'unknown',
    doable,
};

/** A forecast of so many strict reps: done already, unless it is said otherwise. */
export const foretold = (reps: number, changes: Partial<Schemas['Forecast']> = {}): Schemas['Forecast'] => ({
    reps,
    verdict: changes.median_on ? 'dated' : 'reached',
    within_4: 1,
    within_8: 1,
    within_12: 1,
    within_26: 1,
    soonest_on: null,
    median_on: null,
    latest_on: null,
    limit: null,
    ...changes,
});
