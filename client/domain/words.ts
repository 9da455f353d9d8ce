import type { Schemas } from './http';
import { verdictOrder } from './limits.gen';

type Call = Schemas['Call'];

export type Verdict = Call['verdict'];

/**
 * Word, tone and shape of each verdict: the one table that marks, lists and filters are made from. Shapes are drawn in 20 × 21: two
 * rails, the rung in use, and what comes: bent up where one climbs, down where one steps down.
 */
export const verdictLooks: Record<Verdict, { word: string; tone: string; now?: string; next?: string }> = {
    refer: { word: 'Refer', tone: 'refer', next: 'M1 10.5h18' },
    rest: { word: 'Rest', tone: 'rest', now: 'M5 17.5h10', next: 'M5 13h10' },
    'step-down': { word: 'Step down', tone: 'down', now: 'M5 5.5h10', next: 'M5 11l5 5 5-5' },
    switch: { word: 'Switch', tone: 'switch', now: 'M5 7.5h5', next: 'M10 13.5h5' },
    climb: { word: 'Climb', tone: 'climb', now: 'M5 15.5h10', next: 'M5 10l5-5 5 5' },
    test: { word: 'Test', tone: 'test', now: 'M5 4.5h10', next: 'M7.3 13a2.7 2.7 0 1 0 5.4 0a2.7 2.7 0 1 0-5.4 0' },
    stay: { word: 'Stay', tone: 'stay', now: 'M5 10.5h10' },
};

/** In the order of precedence the API states, the most urgent first. */
export const verdicts: readonly Verdict[] = verdictOrder;

export const verdictWord = (verdict: Verdict): string => verdictLooks[verdict].word;

/** What a call is called: a climb to a stage whose work carries less is a change of stage. */
export const callWord = ({ verdict, stage_name, change_share }: Call): string =>
    verdict === 'climb' && stage_name !== null && (change_share ?? 0) < 0 ? 'Next stage' : verdictWord(verdict);

/** What the coach decided, in a few words. */
export function decisionWords({ call, decision, override_verdict, override_name }: Schemas['KeptCall']): string {
    if (decision !== 'overridden' || override_verdict === null) {
        return 'Accepted';
    }
    return `${override_verdict === call.verdict ? 'Kept' : 'Overridden to'} ${verdictWord(override_verdict).toLowerCase()}${override_name ? `: ${override_name}` : ''}`;
}

export const kindWords: Record<Schemas['AthleteInput']['kind'], string> = { gym: 'Gym', climbing: 'Climbing', both: 'Gym and climbing' };

export const confidenceWords: Record<Call['confidence'], string> = { firm: 'Sure', fair: 'Fairly sure', slight: 'Not sure' };

export const statusWords: Record<Schemas['BandCurve']['status'], string> = {
    estimated: 'Estimated',
    'one-point': 'One reading',
    measured: 'Measured',
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

export const placeWords: Record<NonNullable<Exercise['at']>, string> = {
    hang: 'Hang',
    'active-hang': 'Active hang',
    middle: 'Half way',
    top: 'Chin over the bar',
};

export const gripWords: Record<NonNullable<Exercise['grip']>, string> = {
    over: 'Over',
    under: 'Under',
    neutral: 'Neutral',
    mixed: 'Mixed',
    rings: 'On rings',
    towel: 'Towel, rope',
};

export const widthWords: Record<NonNullable<Exercise['width']>, string> = {
    shoulder: 'At the shoulders',
    outside: 'Just outside',
    wide: 'Wide',
    narrow: 'Narrow',
};

export const wayUpWords: Record<NonNullable<Exercise['up_by']>, string> = {
    pull: 'By the pull',
    step: 'Step up',
    foot: 'Feet up, none down',
    hop: 'Hop up, none down',
};

export const floorWords: Record<Schemas['Kit']['floor'], string> = { unknown: 'Not known', rubber: 'Rubber', wood: 'Wood', vinyl: 'Vinyl' };

export const gradeWords: Record<NonNullable<Schemas['Choice']['grade']>, string> = {
    'flat-foot': 'Flat foot',
    heel: 'Heel',
    toes: 'Toes',
    'one-foot': 'One foot',
    none: 'None',
};

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

/** Where the gym's pulls end with the chest at the bar, a rep is short of that. */
export const noCountWordsTo = (top: Schemas['Me']['pull_top'] | undefined): Record<NoCountReason, string> => ({
    ...noCountWords,
    ...(top === 'chest' && { 'short-at-top': 'Chest short of the bar' }),
});

export const faultWords: Record<NonNullable<Schemas['SetInput']['faults']>[number], string> = {
    'hips-sag': 'Hips sag',
    'shoulders-up': 'Shoulders up',
    'shoulder-forward': 'Shoulder forward',
    'chin-reaches': 'Chin reaches',
    'uneven-way-down': 'Uneven way down',
    'stood-up': 'Stood up',
    'legs-kick': 'Legs kick',
};

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

/** Pain as it was told; its degree may follow. */
export const painWords = ({ place, level }: Schemas['Pain']): string =>
    `${painPlaceWords[place]} pain, ${level === null ? 'how bad not said' : `${level} of 10`}`;

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

export const overheadWords: Record<Screening['overhead'], string> = {
    level: 'Level with the ears',
    short: 'Short of the ears',
    painful: 'Painful',
};

export const symptomWords: Record<NonNullable<Schemas['SignalInput']['symptoms']>[number], string> = {
    numbness: 'Numbness',
    dizziness: 'Dizziness',
    'dark-urine': 'Dark urine',
    swelling: 'Severe swelling',
    chest: 'Chest symptoms',
};

export const gaveOutWords: Record<NonNullable<Schemas['SignalInput']['gave_out']>, string> = {
    grip: 'Grip',
    arms: 'Arms',
    back: 'Back',
    start: 'Start of the pull',
    middle: 'Middle',
    top: 'Top',
    breath: 'Breath',
    nothing: 'Nothing',
};

export const partWords: Record<Schemas['Block']['part'], string> = {
    'warm-up': 'Warm-up',
    test: 'First',
    main: 'Main',
    accessory: 'Accessory',
    trunk: 'Core',
};

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
