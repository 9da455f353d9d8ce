import { computed, reactive, type ComputedRef } from 'vue';
import { useCommandQueue } from '../composables/useCommandQueue';
import type { Schemas } from '../domain/http';
import { countOnLine } from '../domain/sets/onLine';

type Block = Schemas['Block'];

/** A line of the session with what was counted of it. */
export interface LineShown {
    block: Block;
    /** Of each set today, on the server or only here so far. */
    counts: number[];
    last: readonly number[];
    lastOn: string | null;
}

export interface DoneLines {
    lines: ComputedRef<LineShown[]>;
    /** The first line with a set left. */
    now: ComputedRef<LineShown | undefined>;
    /** Sets done, of so many. */
    sets: ComputedRef<{ done: number; of: number }>;
    add: (block: Block, count: number) => void;
}

const keyOf = (block: Block): string => `${block.line}|${block.rung?.key ?? block.accessory}`;

/** What is done of a session as it is logged: what the server knew when a line was first seen, and what was logged here since. */
export function useDone(athlete: () => string, session: () => Schemas['Session'] | undefined): DoneLines {
    const queue = useCommandQueue();
    const here = new Map<string, { known: number; made: number[] }>();

    function madeHere(block: Block, known: number): { known: number; made: number[] } {
        const key = keyOf(block);
        if (!here.has(key)) {
            const waits = queue.pending.filter((w) => w.athleteId === athlete()).map((w) => countOnLine(w.command, block));
            here.set(key, { known, made: reactive(waits.filter((n) => n !== undefined)) });
        }
        return here.get(key)!;
    }

    const lines = computed(() =>
        (session()?.blocks ?? []).map((block, i): LineShown => {
            const { today, last, last_on } = session()!.done[i]!;
            const { known, made } = madeHere(block, today.length);
            return { block, counts: [...today, ...made.slice(Math.max(0, today.length - known))], last, lastOn: last_on };
        }),
    );

    return {
        lines,
        now: computed(() => lines.value.find(({ block, counts }) => counts.length < block.sets)),
        sets: computed(() => ({
            done: lines.value.reduce((sum, l) => sum + Math.min(l.counts.length, l.block.sets), 0),
            of: lines.value.reduce((sum, l) => sum + l.block.sets, 0),
        })),
        add: (block, count) => {
            here.get(keyOf(block))?.made.push(count);
        },
    };
}
