import type { Schemas } from '../domain/http';
import { chanceWords } from '../domain/units';

export interface Mark {
    text: string;
    /** Full and empty, where it is counted. */
    dots: boolean[];
    /** In hundredths of the bar, where it is a chance or a figure. */
    part: number;
    gate: number;
    words: string;
}

const MOST_DOTS = 6;

/** Without what the mark beside it draws, and without what is said in brackets. */
const briefly = (text: string): string =>
    text
        .replace(/\.$/, '')
        .replace(/: [^:]*; it needs .*$/, '')
        .replace(/ \([^()]*\)$/, '');

/** What decided it, as marks against the gate: dots where it is counted, a bar where it is a chance. */
export function marksOf(reasons: readonly Schemas['Evidence'][]): Mark[] {
    return reasons.flatMap(({ text, figure, threshold }) => {
        if (typeof figure !== 'number' || typeof threshold !== 'number') {
            return [];
        }
        const isChance = threshold < 1;
        return [
            {
                text: briefly(text),
                dots:
                    isChance || threshold > MOST_DOTS
                        ? []
                        : Array.from({ length: Math.round(threshold) }, (_, i) => i < Math.floor(figure)),
                part: Math.min(100, Math.round(100 * (isChance ? figure : figure / (2 * threshold)))),
                gate: isChance ? 100 * threshold : 50,
                words: isChance ? chanceWords(figure) : `${Number(figure.toFixed(1))} of ${threshold}`,
            },
        ];
    });
}
