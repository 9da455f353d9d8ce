import { useQueryClient } from '@tanstack/vue-query';
import { useDocumentVisibility, useIntervalFn } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue';
import { serverTime } from '../domain/clock';
import { withGear, withOrders, withWaiting } from '../domain/floor/overlay';
import { collisionsOf, type Collision } from '../domain/floor/collisions';
import { askPulse, NEWS_EVERY_MS, oneAtATime, TIMED_EVERY_MS } from '../domain/floor/pulse';
import { placesKept, type Entry, type Place } from '../domain/floor/stations';
import { orderKept, tileOf, type SheetRung, type Tile } from '../domain/floor/tile';
import { api, outcome, type Schemas } from '../domain/http';
import { waitingSet } from '../domain/queue';
import { dayKey } from '../composables/reads';
import { useCommandQueue } from '../composables/useCommandQueue';
import { useKept } from '../composables/useKept';
import { useRead, type Read } from '../composables/useRead';
import { useTick } from '../composables/useTick';
import type { Held } from './useClasses';

type ClassDay = Schemas['ClassDay'];
type Piece = Schemas['FloorPiece'];
type Timetable = Schemas['Timetable'];
type Turns = Schemas['OrderInput']['turns'];

const TICK_MS = 500;

export interface Floor {
    day: Read<ClassDay>;
    tiles: ComputedRef<Tile[]>;
    places: ComputedRef<Place[]>;
    collisions: ComputedRef<Collision[]>;
    timetable: ComputedRef<Timetable | null>;
    gear: ComputedRef<Piece[]>;
    nowMs: Readonly<Ref<number>>;
    /** Whether the server could not be asked for news. */
    isAlone: Ref<boolean>;
    coachName: (id: string | null) => string;
    switchTo: (tile: Tile, rung: SheetRung | undefined) => void;
    keepBoth: (setId: string) => void;
    coming: (athleteId: string, coming: boolean) => Promise<unknown>;
    putOut: (piece: Piece, out: boolean) => Promise<unknown>;
    /** The order in which the class is to go on: some turns, or all of a fresh plan. */
    order: (turns: Turns) => Promise<unknown>;
    /** A turn right before another of its station. */
    moveBefore: (moved: Entry, before: Entry | undefined) => void;
}

interface OfDay {
    on: string;
    both: string[];
    mine: string[];
}

/** A class on its day: what the server knows, with what waits here laid over it; the news of other devices come in by themselves. */
export function useFloor(held: () => Held | undefined): Floor {
    const client = useQueryClient();
    const queue = useCommandQueue();
    const visible = useDocumentVisibility();
    const nowMs = useTick(TICK_MS);
    const isAlone = ref(false);
    const path = () => ({ class: held()?.id ?? '', on: held()?.on ?? '' });
    const dayRead = () => dayKey(path().class, path().on);
    const day = useRead<ClassDay>(dayRead, () => outcome(api.GET('/api/v1/classes/{class}/days/{on}', { params: { path: path() } })), {
        enabled: () => held() !== undefined,
    });
    /** What was logged on this device today, and of what a coach said that both were done; it stays here. */
    const kept = useKept<OfDay>('steady-rung.floor-day');
    const ofDay = computed<OfDay>(() => (kept.value.value?.on === path().on ? kept.value.value : { on: path().on, both: [], mine: [] }));
    const keep = (part: Partial<OfDay>): void => kept.set({ ...ofDay.value, ...part });

    let timedAtMs = serverTime.nowMs();

    async function ask(): Promise<void> {
        const seen = day.value.value;
        if (seen === undefined || visible.value === 'hidden') {
            return;
        }
        const [asked, settled] = [dayRead(), queue.settled];
        const pulse = await askPulse(seen);
        isAlone.value = pulse === 'away';
        if (isAlone.value || (pulse === 'same' && serverTime.nowMs() - timedAtMs < TIMED_EVERY_MS)) {
            return;
        }
        timedAtMs = serverTime.nowMs();
        const result = await outcome(
            api.GET('/api/v1/classes/{class}/days/{on}/news', { params: { path: path(), query: { since: seen.cursor } } }),
        );
        const isJoined =
            result.ok &&
            result.value.athletes.some((a) => a.sheet === null && !day.value.value?.athletes.some((known) => known.id === a.id));
        if (result.ok && (result.value.missed || isJoined)) {
            await day.reload();
        } else if (result.ok && settled === queue.settled) {
            client.setQueryData<ClassDay>(asked, (known) => known && withNews(known, result.value));
        }
    }
    const askOnce = oneAtATime(ask);
    useIntervalFn(() => void askOnce(), NEWS_EVERY_MS);

    const athletes = computed(() => (day.value.value ? withWaiting(day.value.value, queue.waiting) : []));
    /** What was logged on this device today; another device may have logged the same. */
    watch(
        () =>
            kept.isRead.value ? queue.waiting.flatMap((w) => waitingSet(w)?.id ?? []).filter((id) => !ofDay.value.mine.includes(id)) : [],
        (fresh) => fresh.length > 0 && keep({ mine: [...ofDay.value.mine, ...fresh] }),
    );
    const known = computed(() => ({ mine: new Set(ofDay.value.mine), both: new Set(ofDay.value.both) }));
    const ordered = computed(() => (dayRead(), orderKept()));
    const tiles = computed(() => ordered.value(athletes.value.map((a) => tileOf(a, nowMs.value, known.value))));
    const gear = computed(() =>
        withGear(
            day.value.value?.gear ?? [],
            queue.pending.map((w) => w.command),
        ),
    );

    const startsMs = (): number => Date.parse(held()?.starts_at ?? '') || 0;
    /** As the server told it last, with what was ordered here since. */
    const timetable = computed(() =>
        withOrders(
            day.value.value?.timetable ?? null,
            queue.pending.map((w) => w.command),
        ),
    );
    const placed = computed(() => (dayRead(), placesKept()));
    const places = computed(() => placed.value(tiles.value, gear.value, timetable.value, startsMs(), nowMs.value));
    const order = (turns: Turns): Promise<unknown> =>
        queue.tellGym({
            order: { id: uuidv7(), class_id: path().class, on: path().on, turns, told_at: serverTime.now().toISOString() },
        });

    return {
        day,
        tiles,
        places,
        collisions: computed(() => collisionsOf(timetable.value, tiles.value, gear.value, startsMs())),
        timetable,
        gear,
        nowMs,
        isAlone,
        coachName: (id) => (id === null ? 'The athlete' : (day.value.value?.coaches.find((c) => c.id === id)?.name ?? 'Another coach')),
        switchTo: ({ athlete, now: line }, rung) =>
            line &&
            void queue.tell(athlete.id, {
                switch: {
                    id: uuidv7(),
                    on: path().on,
                    line: line.line.line,
                    rung_key: rung?.key ?? null,
                    told_at: serverTime.now().toISOString(),
                },
            }),
        keepBoth: (setId) => keep({ both: [...ofDay.value.both, setId] }),
        coming: (athleteId, coming) =>
            queue.tell(athleteId, {
                coming: { id: uuidv7(), class_id: path().class, on: path().on, coming, told_at: serverTime.now().toISOString() },
            }),
        order,
        moveBefore: (moved, before) => {
            const last = places.value.find((p) => p.id === moved.station)?.queue.at(-1);
            const atMs = before === undefined ? (last?.atMs ?? moved.atMs) + 1000 : before.atMs - 1000;
            const at_s = Math.floor((atMs - startsMs()) / 1000);
            void order([{ athlete_id: moved.tile.athlete.id, line: moved.line.line.line, n: moved.n, at_s, station: moved.station }]);
        },
        putOut: (piece, out) => queue.tellGym({ gear: { id: uuidv7(), gear_id: piece.id, out, told_at: serverTime.now().toISOString() } }),
    };
}

/** The class with those of whom there is news as they are now. */
function withNews(day: ClassDay, news: Schemas['News']): ClassDay {
    const told = new Map(news.athletes.map((a) => [a.id, a]));
    const kept = day.athletes.map((a) => ({ ...a, ...told.get(a.id), sheet: told.get(a.id)?.sheet ?? a.sheet }));
    const joined = news.athletes.filter((a) => !day.athletes.some((known) => known.id === a.id));
    return { ...day, cursor: news.cursor, athletes: [...kept, ...joined], gear: news.gear ?? day.gear, timetable: news.timetable };
}
