import { v7 as uuidv7 } from 'uuid';
import { ref, shallowRef, toValue, type MaybeRefOrGetter, type Ref, type ShallowRef } from 'vue';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import { useLoad, type Load } from '../parts/useLoad';

export type Athlete = Schemas['AthleteResource'];
export type Choice = Schemas['Choice'];
export type SetInput = Schemas['SetInput'];

export interface AthletePage {
    athlete: Load<Athlete>;
    scale: Load<Schemas['ScaleResource']>;
    sets: Readonly<ShallowRef<Schemas['SetResource'][]>>;
    older: Readonly<Ref<boolean>>;
    band: Ref<string | null>;
    loadOlder: () => Promise<void>;
    reload: () => Promise<void>;
    choose: (choice: Choice) => Promise<Result<Athlete>>;
    log: (set: SetInput) => Promise<Result<Schemas['SetResource']>>;
    takeBack: (setId: string) => Promise<Result<unknown>>;
    clear: (id: string, note: string) => Promise<Result<Athlete>>;
}

/** Everything on one athlete's page, and what a coach does there; each deed loads anew what follows from it. */
export function useAthlete(id: MaybeRefOrGetter<string>): AthletePage {
    const path = () => ({ athlete: toValue(id) });
    const band = ref<string | null>(null);
    const sets = shallowRef<Schemas['SetResource'][]>([]);
    const nextPage = shallowRef<number | null>(1);
    const older = ref(false);

    const athlete = useLoad(() => outcome(api.GET('/api/athletes/{athlete}', { params: { path: path() } })), [() => toValue(id)]);
    const scale = useLoad(
        () => outcome(api.GET('/api/athletes/{athlete}/scale', { params: { path: path(), query: band.value === null ? {} : { band: band.value } } })),
        [() => toValue(id), band],
    );

    async function loadSets(page: number): Promise<void> {
        const result = await outcome(api.GET('/api/athletes/{athlete}/sets', { params: { path: path(), query: { page } } }));
        if (result.ok) {
            sets.value = page === 1 ? result.value.items : [...sets.value, ...result.value.items];
            nextPage.value = result.value.next_page;
            older.value = result.value.next_page !== null;
        }
    }

    async function reload(): Promise<void> {
        await Promise.all([athlete.reload(), scale.reload(), loadSets(1)]);
    }

    async function then<T>(result: Result<T>): Promise<Result<T>> {
        if (result.ok) {
            await reload();
        }
        return result;
    }

    void loadSets(1);

    return {
        athlete,
        scale,
        sets,
        older,
        band,
        loadOlder: () => loadSets(nextPage.value ?? 1),
        reload,
        choose: async (choice) => then(await outcome(api.PUT('/api/athletes/{athlete}/setup', { params: { path: path() }, body: choice }))),
        log: async (set) => then(await outcome(api.POST('/api/athletes/{athlete}/sets', { params: { path: path() }, body: set }))),
        takeBack: async (setId) =>
            then(await outcome(api.POST('/api/athletes/{athlete}/sets/{set}/withdrawal', { params: { path: { ...path(), set: setId } }, body: { id: uuidv7() } }))),
        clear: async (clearanceId, note) => then(await outcome(api.POST('/api/athletes/{athlete}/clearances', { params: { path: path() }, body: { id: clearanceId, note } }))),
    };
}
