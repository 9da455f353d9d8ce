import { computed, type ComputedRef, type Ref } from 'vue';
import { serverTime } from '../domain/clock';
import { api, outcome, type Schemas } from '../domain/http';
import { useKept } from '../composables/useKept';
import { useRead, type Read } from '../composables/useRead';

export type Held = Schemas['HeldClass'];

const MINUTE_MS = 60_000;
/** A class is looked at from so long before it begins until so long after it ended. */
const BEFORE_MS = 90 * MINUTE_MS;
const AFTER_MS = 60 * MINUTE_MS;

/** The class that runs, else the next one of the day, else the last one of it, else the next to come. */
export function classOf(held: readonly Held[], today: string, nowMs: number): Held | undefined {
    const runs = held.filter((h) => Date.parse(h.starts_at) - BEFORE_MS <= nowMs && nowMs <= Date.parse(h.ends_at) + AFTER_MS);
    const near = (h: Held): number => Math.abs(Date.parse(h.starts_at) - nowMs);
    const ofToday = held.filter((h) => h.on === today);
    return (
        runs.filter((h) => Date.parse(h.starts_at) <= nowMs && nowMs <= Date.parse(h.ends_at)).sort((a, b) => near(a) - near(b))[0] ??
        runs.sort((a, b) => near(a) - near(b))[0] ??
        ofToday.find((h) => Date.parse(h.starts_at) > nowMs) ??
        ofToday.at(-1) ??
        held.find((h) => Date.parse(h.starts_at) > nowMs)
    );
}

/** The classes of the gym, and which of them is looked at. */
export function useClasses(): {
    classes: Read<Schemas['ClassList']>;
    held: ComputedRef<Held | undefined>;
    pick: (key: string) => void;
    isPickRead: Readonly<Ref<boolean>>;
} {
    const classes = useRead(['classes'], () => outcome(api.GET('/api/v1/classes')));
    /** Which one was picked by hand; of another day it is nobody's any more. */
    const picked = useKept<string>('steady-rung.class');
    const held = computed(() => {
        const list = classes.value.value;
        return picked.isRead.value && list
            ? (list.held.find((h) => `${h.id} ${h.on}` === picked.value.value) ?? classOf(list.held, list.today, serverTime.nowMs()))
            : undefined;
    });
    return { classes, held, pick: picked.set, isPickRead: picked.isRead };
}
