import { useIntervalFn } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { tableOf } from './spreadsheet';

type DryRun = Schemas['DryRun'];
type Mapping = Schemas['MappingInput'];

export interface Importing {
    dry: ShallowRef<DryRun | undefined>;
    running: ShallowRef<Schemas['Import'] | undefined>;
    busy: Ref<boolean>;
    problem: ShallowRef<Problem | undefined>;
    take: (file: File, kind: Schemas['ImportKind']) => Promise<void>;
    map: (change: Partial<Mapping>) => Promise<void>;
    bring: () => Promise<void>;
    leave: () => void;
}

const LOOK_EVERY_MS = 1_500;

/** A file on its way in: taken, mapped as often as it takes, brought in by the server's queue. */
export function useImport(ended: () => void): Importing {
    const dry = shallowRef<DryRun>();
    const running = shallowRef<Schemas['Import']>();
    const busy = ref(false);
    const problem = shallowRef<Problem>();

    async function during<T>(call: () => Promise<Result<T>>): Promise<T | undefined> {
        busy.value = true;
        const result = await call();
        busy.value = false;
        problem.value = result.ok ? undefined : result.problem;
        return result.ok ? result.value : undefined;
    }

    async function take(file: File, kind: Schemas['ImportKind']): Promise<void> {
        const taken = await during(async (): Promise<Result<DryRun>> => {
            const table = await tableOf(file).catch(() => undefined);
            if (table === undefined) {
                return {
                    ok: false,
                    problem: { code: 'bad-table', detail: 'This spreadsheet cannot be read. Save it as CSV.', faults: [] },
                };
            }
            return outcome(
                api.POST('/api/v1/imports', {
                    params: { query: { id: uuidv7(), kind, name: file.name.slice(-120) } },
                    body: table as unknown as string,
                    bodySerializer: (body) => body as unknown as Blob,
                    headers: { 'Content-Type': 'text/csv' },
                }),
            );
        });
        dry.value = taken;
        running.value = undefined;
    }

    async function map(change: Partial<Mapping>): Promise<void> {
        const now = dry.value;
        if (!now) {
            return;
        }
        const columns = now.import.columns.map(({ field, unit }) => ({ field, unit }));
        const mapped = await during(() =>
            outcome(
                api.PUT('/api/v1/imports/{import}/mapping', {
                    params: { path: { import: now.import.id } },
                    body: { columns, dates: now.import.dates, matches: [], ...change },
                }),
            ),
        );
        dry.value = mapped ?? now;
    }

    const look = useIntervalFn(
        async () => {
            const id = running.value?.id;
            if (id === undefined) {
                return;
            }
            const result = await outcome(api.GET('/api/v1/imports/{import}', { params: { path: { import: id } } }));
            if (result.ok && running.value?.id === id) {
                settle(result.value);
            }
        },
        LOOK_EVERY_MS,
        { immediate: false },
    );

    function settle(now: Schemas['Import']): void {
        running.value = now;
        if (now.state !== 'running') {
            look.pause();
            ended();
        }
    }

    async function bring(): Promise<void> {
        const id = dry.value?.import.id ?? running.value?.id;
        const ordered =
            id === undefined
                ? undefined
                : await during(() => outcome(api.POST('/api/v1/imports/{import}/order', { params: { path: { import: id } } })));
        if (ordered) {
            dry.value = undefined;
            look.resume();
            settle(ordered);
        }
    }

    function leave(): void {
        look.pause();
        dry.value = undefined;
        running.value = undefined;
        problem.value = undefined;
    }

    return { dry, running, busy, problem, take, map, bring, leave };
}
