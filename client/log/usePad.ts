import { computed, reactive, ref, toValue, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';
import type { Schemas } from '../domain/http';
import type { Lowered } from '../domain/sets/lowered';
import { noCountWords, painPlaceWords, type NoCountReason } from '../domain/words';
import { useKeys } from '../composables/useKeys';
import { useDigits } from './useDigits';
import { useHold } from './held/useHold';

export const MOST_REPS = 30;
const MOST_RESERVE = 5;

export interface PainDraft {
    place: Schemas['Pain']['place'] | null;
    level: number | null;
}

export interface PadDraft {
    reserve: number | null;
    noCounts: Partial<Record<NoCountReason, number>>;
    faults: NonNullable<Schemas['SetInput']['faults']>;
    /** Each lowering that was timed. */
    lowered: Lowered[];
    /** Null while nobody spoke of pain; its parts are null until they were given. */
    pain: PainDraft | null;
}

/** What digits mean just now. */
export type PadMode = 'count' | 'reserve' | 'no-count' | 'pain-place' | 'pain-level';

const reasons = Object.keys(noCountWords) as NoCountReason[];
const places = Object.keys(painPlaceWords) as Schemas['Pain']['place'][];
const untouched = (): PadDraft => ({ reserve: null, noCounts: {}, faults: [], lowered: [], pain: null });

/** Pain as it is sent: only with a place and a degree that somebody gave. */
export const toldPain = ({ pain }: Pick<PadDraft, 'pain'>): Schemas['Pain'] | null =>
    pain?.place && pain.level ? { place: pain.place, level: pain.level } : null;

export interface Pad {
    draft: PadDraft;
    mode: Ref<PadMode>;
    count: ComputedRef<number | null>;
    pick: (count: number | null) => void;
    clear: () => void;
    hold: ReturnType<typeof useHold>;
}

/** A pad's draft of the next set, and its keys: digits, Enter, R, N, P, S, H and Esc. */
export function usePad(
    log: () => void,
    held: (seconds: number, half: number | null) => void,
    { active = true }: { active?: MaybeRefOrGetter<boolean> } = {},
): Pad {
    const draft = reactive(untouched());
    const digits = useDigits(MOST_REPS);
    const mode = ref<PadMode>('count');
    const hold = useHold(held);

    function clear(): void {
        digits.clear();
        mode.value = 'count';
        Object.assign(draft, untouched());
    }

    function digit(d: number): void {
        const reason = reasons[d - 1];
        const place = places[d - 1];
        if (mode.value === 'reserve' && d <= MOST_RESERVE) {
            draft.reserve = d;
            mode.value = 'count';
        } else if (mode.value === 'no-count' && reason) {
            draft.noCounts = { ...draft.noCounts, [reason]: (draft.noCounts[reason] ?? 0) + 1 };
            mode.value = 'count';
        } else if (mode.value === 'pain-place' && place) {
            draft.pain = { place, level: null };
            mode.value = 'pain-level';
        } else if (mode.value === 'pain-level' && draft.pain) {
            draft.pain = { ...draft.pain, level: d === 0 ? 10 : d };
            mode.value = 'count';
        } else if (mode.value === 'count') {
            digits.type(d);
        }
    }

    const toMode: Record<string, PadMode> = { r: 'reserve', n: 'no-count', p: 'pain-place' };

    function letter(key: string): boolean {
        const next = toMode[key];
        if (next === undefined) {
            return false;
        }
        mode.value = next;
        if (next === 'pain-place') {
            draft.pain ??= { place: null, level: null };
        }
        return true;
    }

    function escape(): boolean {
        const wasBusy = mode.value !== 'count' || digits.value.value !== null;
        mode.value = 'count';
        digits.clear();
        return wasBusy;
    }

    useKeys(
        (key, event) => {
            if (!toValue(active)) {
                return false;
            }
            if (/^\d$/.test(key)) {
                digit(Number(key));
                return true;
            }
            if (key === 'Enter') {
                if (!event.repeat) {
                    log();
                }
                return true;
            }
            if (key.toLowerCase() === 's') {
                if (!event.repeat) {
                    hold.press();
                }
                return true;
            }
            if (key.toLowerCase() === 'h' && hold.holding.value) {
                hold.half();
                return true;
            }
            return key === 'Escape' ? escape() : letter(key.toLowerCase());
        },
        { released: (key) => key.toLowerCase() === 's' && hold.release() },
    );

    return { draft, mode, count: computed(() => digits.value.value), pick: digits.set, clear, hold };
}
