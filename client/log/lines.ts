import { countWords } from '../domain/floor/tile';
import type { Schemas } from '../domain/http';

type LoggedSet = Schemas['Set'];

export interface LogLine<T> {
    key: string;
    first: T;
    all: T[];
}

/** What was counted of a set; what ended a mixed set is marked with a plus. */
export const counted = (set: LoggedSet): string => `${set.part_of === null ? '' : '+'}${countWords(set)}`;

/** Sets, newest first, of one day, one person and one set-up make one line, in the order they were done. */
export function linesOf<T>(entries: readonly T[], setOf: (entry: T) => LoggedSet, whose: (entry: T) => string = () => ''): LogLine<T>[] {
    const lines = new Map<string, LogLine<T>>();
    for (const entry of entries) {
        const set = setOf(entry);
        const key = [whose(entry), set.trained_on, set.purpose, set.setup_key ?? 'hang'].join('|');
        const line = lines.get(key);
        if (line) {
            line.all.unshift(entry);
        } else {
            lines.set(key, { key, first: entry, all: [entry] });
        }
    }
    return [...lines.values()];
}
