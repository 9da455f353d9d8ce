import { useQueryClient } from '@tanstack/vue-query';
import { refDebounced } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef, toValue, watch, type ComputedRef, type MaybeRefOrGetter, type Ref } from 'vue';
import type { Exercise } from '../domain/gear';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import { freshenAthlete } from './reads';
import { useRead, type Read } from './useRead';
import { useCommandQueue } from './useCommandQueue';

/** What a capacity is followed of. */
export type Movement = 'pull' | 'row';
export type Athlete = Schemas['Athlete'];

export interface AthletePage {
    athlete: Read<Athlete>;
    scale: Read<Schemas['Scale']>;
    ladders: Read<Ladders>;
    sets: ComputedRef<readonly Schemas['Set'][]>;
    older: ComputedRef<boolean>;
    /** The steady ladder, every single band (ALL_BANDS), or the id of one band. */
    shown: Ref<string>;
    mostRungs: Ref<number>;
    loadOlder: () => Promise<void>;
    reload: () => Promise<void>;
    choose: (exercise: Exercise) => Promise<Result<Athlete>>;
    takeBack: (setId: string) => Promise<void>;
    undoPain: (toldId: string) => Promise<void>;
    clear: (id: string, note: string) => Promise<Result<Athlete>>;
    tellPain: (pain: Schemas['Pain']) => Promise<Result<Athlete>>;
    screen: (found: Schemas['ScreeningInput']) => Promise<Result<Athlete>>;
    tell: (told: Schemas['SignalInput']) => Promise<Result<Athlete>>;
}

export interface Ladders {
    pull: Schemas['Ladder'];
    row: Schemas['Ladder'];
    pulldown: Schemas['Ladder'];
    lower: Schemas['Scale'];
}

export const LADDER = 'ladder';
export const ALL_BANDS = 'all';

const LADDERS_AFTER_MS = 1500;

/** Everything on one athlete's page, and what a coach does there; each command freshens what follows from it. */
export function useAthlete(id: MaybeRefOrGetter<string>): AthletePage {
    const client = useQueryClient();
    const queue = useCommandQueue();
    const path = () => ({ athlete: toValue(id) });
    const shown = ref(LADDER);
    const mostRungs = ref(8);
    const further = shallowRef<Schemas['Set'][]>([]);
    const furtherPage = ref<number | null>();
    const loadSets = (page: number): Promise<Result<Schemas['SetPage']>> =>
        outcome(api.GET('/api/v1/athletes/{athlete}/sets', { params: { path: path(), query: { page } } }));

    const athlete = useRead(
        () => ['athlete', toValue(id)],
        () => outcome(api.GET('/api/v1/athletes/{athlete}', { params: { path: path() } })),
    );
    const scale = useRead(
        () => ['scale', toValue(id), shown.value],
        () =>
            outcome(
                api.GET('/api/v1/athletes/{athlete}/scale', {
                    params: { path: path(), query: shown.value === ALL_BANDS ? {} : { band: shown.value } },
                }),
            ),
        { enabled: () => shown.value !== LADDER },
    );
    /** The ladder hangs on the set-up in use; it waits until nobody has logged for a moment. */
    const standing = refDebounced(
        computed(
            () =>
                `${athlete.value.value?.rung?.key ?? ''}|${athlete.value.value?.mass_kg ?? ''}|${JSON.stringify(athlete.value.value?.screen ?? null)}`,
        ),
        () => (athlete.value.value === undefined ? 0 : LADDERS_AFTER_MS),
    );
    const ladders = useRead(
        () => ['ladders', toValue(id), mostRungs.value, standing.value],
        () => loadLadders(toValue(id), mostRungs.value),
        { enabled: () => athlete.value.value !== undefined && shown.value === LADDER, previous: true },
    );
    const newest = useRead(
        () => ['sets', toValue(id)],
        () => loadSets(1),
    );

    watch([() => newest.value.value, () => toValue(id)], () => {
        further.value = [];
        furtherPage.value = newest.value.value?.next_page ?? null;
    });

    async function loadOlder(): Promise<void> {
        const result = await loadSets(furtherPage.value ?? 2);
        if (result.ok) {
            further.value = [...further.value, ...result.value.items];
            furtherPage.value = result.value.next_page;
        }
    }

    const reload = (): Promise<void> => freshenAthlete(client, toValue(id));

    /** What follows is read meanwhile: the next set need not wait for it. */
    function then<T>(result: Result<T>): Result<T> {
        if (result.ok) {
            void reload();
        }
        return result;
    }

    return {
        athlete,
        scale,
        ladders,
        sets: computed(() => [...(newest.value.value?.items ?? []), ...further.value]),
        older: computed(() => typeof furtherPage.value === 'number'),
        shown,
        mostRungs,
        loadOlder,
        reload,
        choose: async (exercise) =>
            then(await outcome(api.PUT('/api/v1/athletes/{athlete}/setup', { params: { path: path() }, body: exercise }))),
        takeBack: (setId) => queue.takeBack(toValue(id), setId),
        undoPain: (toldId) => queue.undoPain(toValue(id), toldId),
        clear: async (clearanceId, note) =>
            then(
                await outcome(
                    api.POST('/api/v1/athletes/{athlete}/clearances', { params: { path: path() }, body: { id: clearanceId, note } }),
                ),
            ),
        tellPain: async (pain) =>
            then(await outcome(api.POST('/api/v1/athletes/{athlete}/pain', { params: { path: path() }, body: { id: uuidv7(), pain } }))),
        tell: async (told) => then(await outcome(api.POST('/api/v1/athletes/{athlete}/signals', { params: { path: path() }, body: told }))),
        screen: async (found) =>
            then(await outcome(api.POST('/api/v1/athletes/{athlete}/screenings', { params: { path: path() }, body: found }))),
    };
}

/** All lanes at once; the first refusal stands for all. */
async function loadLadders(athlete: string, mostRungs: number): Promise<Result<Ladders>> {
    const ladder = (lane: 'pull' | 'row' | 'pulldown') =>
        outcome(
            api.GET('/api/v1/athletes/{athlete}/ladder', {
                params: { path: { athlete }, query: { lane, most_rungs: mostRungs, advice: 'yes' } },
            }),
        );
    const [pull, row, pulldown, lower] = await Promise.all([
        ladder('pull'),
        ladder('row'),
        ladder('pulldown'),
        outcome(api.GET('/api/v1/athletes/{athlete}/scale', { params: { path: { athlete }, query: { lane: 'seconds' } } })),
    ]);
    if (!pull.ok) {
        return pull;
    }
    if (!row.ok) {
        return row;
    }
    if (!pulldown.ok) {
        return pulldown;
    }
    return lower.ok ? { ok: true, value: { pull: pull.value, row: row.value, pulldown: pulldown.value, lower: lower.value } } : lower;
}
