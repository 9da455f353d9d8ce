import type { Schemas } from '../domain/http';

export type Method = Schemas['MethodStrip'];
export type Stage = Method['stages'][number];
export type StageKind = 'row-kind' | 'fading' | 'timed' | 'strict-kind';

export const kindWords: Record<StageKind, string> = {
    'row-kind': 'rows',
    fading: 'help fading',
    timed: 'lowering and holds',
    'strict-kind': 'strict',
};

/** What a stage is made of, for its tone in the strip. */
export function kindOf(stage: Stage): StageKind {
    return KINDS[stage.kind];
}

const KINDS: Record<Stage['kind'], StageKind> = { row: 'row-kind', help: 'fading', timed: 'timed', strict: 'strict-kind' };

/** Weeks in the middle of what is usual. */
export const weeksOf = (stage: Stage): number => ((stage.weeks[0] ?? 0) + (stage.weeks[1] ?? 0)) / 2;

export const weeksText = ([from, to]: readonly number[]): string => (from === to ? `${from} weeks` : `${from}–${to} weeks`);
