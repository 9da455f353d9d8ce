import type { Schemas } from './http';
import { verdictOrder } from './limits.gen';

type Call = Schemas['Call'];

export type Verdict = Call['verdict'];

/** Word, shape and tone of each verdict: the one table that marks, lists and filters are made from. Shapes are drawn in 20 × 21. */
export const verdictLooks: Record<Verdict, { word: string; shape: string; tone: string }> = {
    refer: { word: 'Refer', shape: 'M6.5 2.5h7l4 4v7l-4 4h-7l-4-4v-7zM10 6v5M10 13v1.6', tone: 'refer' },
    'step-down': { word: 'Step down', shape: 'M3 8l7 9 7-9', tone: 'down' },
    climb: { word: 'Climb', shape: 'M3 14 10 5l7 9M3 19 10 10l7 9', tone: 'climb' },
    stay: { word: 'Stay', shape: 'M3 8h14M3 14h14', tone: 'stay' },
};

/** In the order of precedence the API states, the most urgent first. */
export const verdicts: readonly Verdict[] = verdictOrder;

export const verdictWord = (verdict: Verdict): string => verdictLooks[verdict].word;

export const kindWords: Record<Schemas['AthleteInput']['kind'], string> = { gym: 'Gym', climbing: 'Climbing', both: 'Gym and climbing' };

export const confidenceWords: Record<Call['confidence'], string> = { firm: 'Firm', fair: 'Fair', slight: 'Slight' };

export const statusWords: Record<Schemas['BandCurve']['status'], string> = { estimated: 'Estimated', 'one-point': 'One reading', measured: 'Measured' };

export const kindOfHelp: Record<Schemas['Choice']['kind'], string> = {
    strict: 'Unassisted',
    band: 'Band',
    row: 'Row',
    foot: 'Foot help',
    hop: 'Hop',
    'low-bar': 'Legs in front',
    counterweight: 'Counterweight',
    added: 'Added weight',
    pulldown: 'Pull-down',
    'band-pulldown': 'Band pull-down',
};

type Exercise = Schemas['Exercise'];

export const movementWords: Record<NonNullable<Exercise['movement']>, string> = {
    full: 'Whole pull',
    'lower-half': 'Lower half',
    'upper-half': 'Upper half',
    lowering: 'Lowering',
    hold: 'Hold',
    'shoulder-blade': 'Shoulder blades only',
};

export const placeWords: Record<NonNullable<Exercise['at']>, string> = { hang: 'Hang', 'active-hang': 'Active hang', middle: 'Half way', top: 'Chin over the bar' };

export const gripWords: Record<NonNullable<Exercise['grip']>, string> = {
    over: 'Over',
    under: 'Under',
    neutral: 'Neutral',
    mixed: 'Mixed',
    rings: 'On rings',
    towel: 'Towel, rope',
};

export const widthWords: Record<NonNullable<Exercise['width']>, string> = { shoulder: 'At the shoulders', outside: 'Just outside', wide: 'Wide', narrow: 'Narrow' };

export const wayUpWords: Record<NonNullable<Exercise['up_by']>, string> = { pull: 'By the pull', step: 'Step up', foot: 'Feet up, none down', hop: 'Hop up, none down' };

export const floorWords: Record<Schemas['Kit']['floor'], string> = { unknown: 'Not known', rubber: 'Rubber', wood: 'Wood', vinyl: 'Vinyl' };

export const gradeWords: Record<NonNullable<Schemas['Choice']['grade']>, string> = { 'flat-foot': 'Flat foot', heel: 'Heel', toes: 'Toes', 'one-foot': 'One foot', none: 'None' };

export const findingWords: Record<Schemas['InspectionInput']['finding'], string> = {
    sound: 'Sound',
    nick: 'Nick',
    chalking: 'Chalking',
    thinning: 'Thinning at the hitch',
    other: 'Other fault',
};

export const scaleStateWords: Record<Schemas['ScaleStream']['state'], string> = {
    silent: 'Silent: no reading for over a second. Check the scale, or type the reading.',
    repeating: 'Stuck: it repeats the same reading. Switch it off and on, or type the reading.',
    jumping: 'Jumping: hold the band still, and look at the hook.',
    settling: 'Settling…',
    steady: 'Steady',
};

export const noCountWords = {
    'short-at-bottom': 'Short at bottom',
    'short-at-top': 'Short at top',
    swing: 'Swing',
    drop: 'Drop',
    'leg-drive': 'Leg drive',
    'grip-slip': 'Grip slip',
    other: 'Other',
} as const;

export type NoCountReason = keyof typeof noCountWords;

export const painPlaceWords: Record<Schemas['Pain']['place'], string> = {
    shoulder: 'Shoulder',
    elbow: 'Elbow',
    wrist: 'Wrist or hand',
    neck: 'Neck',
    back: 'Back',
    ribs: 'Ribs',
    chest: 'Chest',
    hip: 'Hip',
    knee: 'Knee',
    head: 'Head',
    other: 'Elsewhere',
};

export const momentWords: Record<Schemas['Caution']['moment'], string> = {
    screening: 'Before any hanging',
    gear: 'Bars, anchors and the floor',
    band: 'Bands',
    row: 'Rows',
    belt: 'Added weight',
    hanging: 'Hanging and pulling',
    lowering: 'Lowering and jumped reps',
    pain: 'Pain',
};

type Screening = Schemas['ScreeningInput'];

export const overheadWords: Record<Screening['overhead'], string> = { level: 'Level with the ears', short: 'Short of the ears', painful: 'Painful' };

export const conditionWords: Record<NonNullable<Screening['conditions']>[number], string> = {
    'recent-surgery': 'Recent surgery',
    pregnancy: 'Pregnancy, or the months after',
    hypermobility: 'Hypermobility',
    osteoporosis: 'Osteoporosis',
    'blood-pressure': 'Blood pressure not controlled',
    heart: 'Heart condition',
};

export const limitWords: Record<NonNullable<Screening['further']>[number], string> = {
    'no-hanging': 'No hanging',
    'no-overhead': 'No overhead',
    'no-lowering': 'No lowering',
    'no-bands-at-height': 'No bands at height',
};

export const outcomeWords: Record<NonNullable<Schemas['ScreenStanding']['outcome']>, string> = {
    cleared: 'Cleared',
    limited: 'Cleared with limits',
    'not-yet': 'Not yet',
    refer: 'To a clinician first',
};
