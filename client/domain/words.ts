import type { Schemas } from './http';

type CallAnswer = Schemas['Call'];

/** The most urgent first. */
export const verdictWords: Record<CallAnswer['verdict'], string> = { refer: 'Refer', 'step-down': 'Step down', climb: 'Climb', stay: 'Stay' };

export const kindWords: Record<Schemas['AthleteInput']['kind'], string> = { gym: 'Gym', climbing: 'Climbing', both: 'Gym and climbing' };

export const confidenceWords: Record<CallAnswer['confidence'], string> = { firm: 'Firm', fair: 'Fair', slight: 'Slight' };

export const statusWords: Record<Schemas['BandCurve']['status'], string> = { estimated: 'Estimated', 'one-point': 'One reading', measured: 'Measured' };

export const kindOfHelp: Record<Schemas['Choice']['kind'], string> = {
    strict: 'Unassisted',
    band: 'Band',
    row: 'Row',
    foot: 'Foot help',
    hop: 'Hop',
    counterweight: 'Counterweight',
    added: 'Added weight',
    pulldown: 'Pull-down',
    lowering: 'Lowering',
    hold: 'Hold',
};

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
    wrist: 'Wrist',
    fingers: 'Fingers',
    neck: 'Neck',
    back: 'Back',
    chest: 'Chest',
    other: 'Elsewhere',
};

export const momentWords: Record<Schemas['Caution']['moment'], string> = {
    screening: 'Before any hanging',
    gear: 'Bars, anchors and the floor',
    band: 'Bands',
    hanging: 'Hanging and pulling',
    lowering: 'Lowering and jumped reps',
    pain: 'Pain',
};
