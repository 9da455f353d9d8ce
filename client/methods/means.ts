import type { Choice, Exercise } from '../domain/gear';
import { everyKind, kinds } from '../domain/kinds';
import { gripWords, movementWords, placeWords } from '../domain/words';

/** What a line of a method asks to be done, without its pieces. */
export interface MeansFile {
    kind: Choice['kind'];
    movement?: NonNullable<Exercise['movement']>;
    at?: NonNullable<Exercise['at']>;
    seconds?: number;
    grip?: NonNullable<Exercise['grip']>;
    arranged?: 'seated' | 'kneeling' | 'on-bar' | 'knees-bent' | 'weight-in-lap' | 'bar-at-forearm';
    from_share?: number;
    to_share?: number;
    [more: string]: unknown;
}

const arrangedWords: Record<NonNullable<MeansFile['arranged']>, string> = {
    seated: 'seated',
    kneeling: 'kneeling',
    'on-bar': 'straight body, from a low bar',
    'knees-bent': 'knees bent',
    'weight-in-lap': 'from a squat, weight in the lap',
    'bar-at-forearm': 'the bar at the raised forearm',
};

const usual = (movement: MeansFile['movement']): boolean => (movement ?? 'full') === 'full';

export const keyOf = (m: MeansFile): string =>
    [m.kind, m.movement ?? 'full', m.at ?? '', m.grip ?? 'over', ...(m.arranged ? [m.arranged] : [])].join('|');

export function wordsOf(m: MeansFile): string {
    const what = m.at ? `${placeWords[m.at]} hold` : usual(m.movement) ? '' : movementWords[m.movement ?? 'full'];
    const grip = (m.grip ?? 'over') === 'over' ? '' : gripWords[m.grip ?? 'over'];
    return [kinds[m.kind].name, what, grip, m.arranged ? arrangedWords[m.arranged] : '']
        .filter(Boolean)
        .join(', ')
        .replace('Hang hold', 'Hang')
        .replace('Active hang hold', 'Active hang');
}

const lowering = (kind: MeansFile['kind']): MeansFile => ({ kind, movement: 'lowering', seconds: 3 });
const hold = (kind: MeansFile['kind'], at: NonNullable<MeansFile['at']>, seconds: number): MeansFile => ({
    kind,
    movement: 'hold',
    at,
    seconds,
});

/** What the form offers; a file may hold others, which it keeps. */
export const OFFERED: readonly MeansFile[] = [
    ...everyKind.map((kind) => ({ kind })),
    { kind: 'band', grip: 'under' },
    { kind: 'strict', grip: 'under' },
    { kind: 'strict', grip: 'rings' },
    { kind: 'pulldown', arranged: 'kneeling' },
    { kind: 'band-pulldown', arranged: 'seated' },
    { kind: 'row', arranged: 'on-bar' },
    { kind: 'row', arranged: 'knees-bent' },
    { kind: 'foot', arranged: 'weight-in-lap' },
    { kind: 'foot', arranged: 'bar-at-forearm' },
    lowering('strict'),
    lowering('band'),
    lowering('foot'),
    hold('strict', 'hang', 30),
    hold('strict', 'active-hang', 20),
    hold('strict', 'top', 10),
    hold('band', 'top', 10),
    { kind: 'strict', movement: 'shoulder-blade' },
    { kind: 'strict', movement: 'lower-half' },
    { kind: 'strict', movement: 'upper-half' },
];

export const isHold = (m: MeansFile | undefined): boolean => m?.movement === 'hold';
