import { v7 as uuidv7 } from 'uuid';
import { onScopeDispose, ref, shallowRef, toValue, type MaybeRefOrGetter, type Ref, type ShallowRef } from 'vue';
import type { Choice } from '../domain/gear';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import { useLoad, type Load } from '../parts/useLoad';

/** What a capacity is followed of. */
export type Movement = 'pull' | 'row';
export type Athlete = Schemas['Athlete'];
export type SetInput = Schemas['SetInput'];

export interface AthletePage {
    athlete: Load<Athlete>;
    scale: Load<Schemas['Scale']>;
    ladders: Load<Ladders>;
    sets: Readonly<ShallowRef<Schemas['Set'][]>>;
    older: Readonly<Ref<boolean>>;
    /** The steady ladder, every single band (ALL_BANDS), or the id of one band. */
    shown: Ref<string>;
    mostRungs: Ref<number>;
    loadOlder: () => Promise<void>;
    reload: () => Promise<void>;
    choose: (choice: Choice) => Promise<Result<Athlete>>;
    log: (set: SetInput) => Promise<Result<Schemas['Set']>>;
    takeBack: (setId: string) => Promise<Result<unknown>>;
    clear: (id: string, note: string) => Promise<Result<Athlete>>;
}

export interface Ladders {
    pull: Schemas['Ladder'];
    row: Schemas['Ladder'];
    lower: Schemas['Scale'];
}

export const LADDER = 'ladder';
export const ALL_BANDS = 'all';

const LADDERS_AFTER_MS = 1500;

/** Everything on one athlete's page, and what a coach does there; each deed loads anew what follows from it. */
export function useAthlete(id: MaybeRefOrGetter<string>): AthletePage {
    const path = () => ({ athlete: toValue(id) });
    const shown = ref(LADDER);
    const mostRungs = ref(8);
    const sets = shallowRef<Schemas['Set'][]>([]);
    const nextPage = shallowRef<number | null>(1);
    const older = ref(false);

    const athlete = useLoad(() => outcome(api.GET('/api/athletes/{athlete}', { params: { path: path() } })), [() => toValue(id)]);
    const scale = useLoad<Schemas['Scale']>(async () => {
        if (shown.value === LADDER) {
            return { ok: true, value: { rungs: [], misfits: [] } };
        }
        const query = shown.value === ALL_BANDS ? {} : { band: shown.value };
        return outcome(api.GET('/api/athletes/{athlete}/scale', { params: { path: path(), query } }));
    }, [() => toValue(id), shown]);
    const ladders = useLoad(() => loadLadders(toValue(id), mostRungs.value), [() => toValue(id), mostRungs]);

    let latestAsk = 0;

    async function loadSets(page: number): Promise<void> {
        const mine = ++latestAsk;
        const result = await outcome(api.GET('/api/athletes/{athlete}/sets', { params: { path: path(), query: { page } } }));
        if (result.ok && mine === latestAsk) {
            sets.value = page === 1 ? result.value.items : [...sets.value, ...result.value.items];
            nextPage.value = result.value.next_page;
            older.value = result.value.next_page !== null;
        }
    }

    /** The ladders take their time, so they wait until nobody has logged for a moment. */
    let idle: ReturnType<typeof setTimeout> | undefined;
    onScopeDispose(() => clearTimeout(idle));

    async function reload(): Promise<void> {
        clearTimeout(idle);
        idle = setTimeout(() => void ladders.reload(), LADDERS_AFTER_MS);
        await Promise.all([athlete.reload(), scale.reload(), loadSets(1)]);
    }

    /** What follows is loaded meanwhile: the next set need not wait for it. */
    function then<T>(result: Result<T>): Result<T> {
        if (result.ok) {
            void reload();
        }
        return result;
    }

    void loadSets(1);

    return {
        athlete,
        scale,
        ladders,
        sets,
        older,
        shown,
        mostRungs,
        loadOlder: () => loadSets(nextPage.value ?? 1),
        reload,
        choose: async (choice) => then(await outcome(api.PUT('/api/athletes/{athlete}/setup', { params: { path: path() }, body: choice }))),
        log: async (set) => then(await outcome(api.POST('/api/athletes/{athlete}/sets', { params: { path: path() }, body: set }))),
        takeBack: async (setId) =>
            then(await outcome(api.POST('/api/athletes/{athlete}/sets/{set}/withdrawal', { params: { path: { ...path(), set: setId } }, body: { id: uuidv7() } }))),
        clear: async (clearanceId, note) => then(await outcome(api.POST('/api/athletes/{athlete}/clearances', { params: { path: path() }, body: { id: clearanceId, note } }))),
    };
}

/** The three lanes at once; the first refusal stands for all. */
async function loadLadders(athlete: string, mostRungs: number): Promise<Result<Ladders>> {
    const ladder = (lane: 'pull' | 'row') =>
        outcome(api.GET('/api/athletes/{athlete}/ladder', { params: { path: { athlete }, query: { lane, most_rungs: mostRungs, advice: 'yes' } } }));
    const [pull, row, lower] = await Promise.all([
        ladder('pull'),
        ladder('row'),
        outcome(api.GET('/api/athletes/{athlete}/scale', { params: { path: { athlete }, query: { lane: 'lower' } } })),
    ]);
    if (!pull.ok) {
        return pull;
    }
    if (!row.ok) {
        return row;
    }
    return lower.ok ? { ok: true, value: { pull: pull.value, row: row.value, lower: lower.value } } : lower;
}
