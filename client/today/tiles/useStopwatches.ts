import { computed, type ComputedRef } from 'vue';
import { serverTime } from '../../domain/clock';
import { lowered, type Lowered } from '../../domain/sets/lowered';
import { useKept } from '../../composables/useKept';
import { useTick } from '../../composables/useTick';

/** A press shorter than this starts the watch, and the next one stops it; a longer one runs it while it is held. */
const TAP_MS = 350;
/** A shorter one was a slip of the thumb. */
const LEAST_S = 0.3;

const TICK_MS = 100;

interface Watch {
    beganAt: number | null;
    halfS?: number | null;
    lowered?: Lowered[];
}

export interface Stopwatches {
    running: (athleteId: string) => boolean;
    elapsedS: (athleteId: string) => number;
    halfS: (athleteId: string) => number | null;
    lowered: (athleteId: string) => readonly Lowered[];
    press: (athleteId: string) => void;
    /** A tap half way down. */
    half: (athleteId: string) => void;
    release: (athleteId: string) => void;
    clear: (athleteId: string) => void;
    any: ComputedRef<boolean>;
}

/**
 * A stopwatch for every athlete of the class, several at once; they go on through a reload, and through the browser's end.
 *
 * @param stopped what to do with the seconds of one that stopped; false where they are one of several
 */
export function useStopwatches(stopped: (athleteId: string, seconds: number) => boolean): Stopwatches {
    const kept = useKept<Record<string, Watch>>('steady-rung.watches');
    const watches = computed(() => kept.value.value ?? {});
    const now = useTick(TICK_MS);
    const of = (id: string): Watch => watches.value[id] ?? { beganAt: null };
    const elapsedS = (id: string, nowMs: number): number => {
        const { beganAt } = of(id);
        return beganAt === null ? 0 : Math.max(0, (nowMs - beganAt) / 1000);
    };
    const put = (id: string, watch: Watch): void => kept.set({ ...watches.value, [id]: watch });
    /** When a press of this page began a watch; one that ran before is stopped by the next press. */
    const pressedAt = new Map<string, number>();

    function stop(id: string): void {
        const { halfS, lowered: before = [] } = of(id);
        const seconds = elapsedS(id, serverTime.nowMs());
        pressedAt.delete(id);
        const isOne = seconds >= LEAST_S && stopped(id, seconds);
        put(id, { beganAt: null, lowered: isOne || seconds < LEAST_S ? before : [...before, lowered(seconds, halfS)] });
    }

    function clear(id: string): void {
        kept.set(Object.fromEntries(Object.entries(watches.value).filter(([of]) => of !== id)));
    }

    return {
        running: (id) => of(id).beganAt !== null,
        elapsedS: (id) => elapsedS(id, now.value),
        halfS: (id) => of(id).halfS ?? null,
        lowered: (id) => of(id).lowered ?? [],
        press: (id) => {
            if (of(id).beganAt === null) {
                pressedAt.set(id, serverTime.nowMs());
                put(id, { ...of(id), beganAt: serverTime.nowMs(), halfS: null });
            } else {
                stop(id);
            }
        },
        half: (id) => {
            const watch = of(id);
            if (watch.beganAt !== null && (watch.halfS ?? null) === null) {
                put(id, { ...watch, halfS: elapsedS(id, serverTime.nowMs()) });
            }
        },
        release: (id) => {
            const at = pressedAt.get(id);
            if (at !== undefined && serverTime.nowMs() - at >= TAP_MS) {
                stop(id);
            }
            pressedAt.delete(id);
        },
        clear,
        any: computed(() => Object.values(watches.value).some((w) => w.beganAt !== null)),
    };
}
