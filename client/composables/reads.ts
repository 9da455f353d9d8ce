import { QueryClient } from '@tanstack/vue-query';
import { serverTime } from '../domain/clock';
import { keptReads } from '../domain/device';
import { withCommand, withGear } from '../domain/floor/overlay';
import type { Schemas } from '../domain/http';
import { withoutHealth } from '../domain/keeping';
import { coachOf, type Waiting } from '../domain/queue';

/** How a day of a class is read under. */
export const dayKey = (classId: string, on: string): readonly string[] => ['class-day', classId, on];

/** Nothing holds the page up for longer. */
const SLICE_MS = 12;

const WEEK_MS = 7 * 86_400_000;

/** Everything the client reads goes through here: kept, shown at once the next time, and freshened behind. */
export const makeReads = (): QueryClient =>
    new QueryClient({
        defaultOptions: {
            queries: { gcTime: WEEK_MS, staleTime: 0, retry: 1, retryDelay: 800, networkMode: 'always', refetchOnWindowFocus: true },
        },
    });

/** Reads anew whatever follows from an athlete. */
export async function freshenAthlete(client: QueryClient, id: string): Promise<void> {
    const keys = [['athlete', id], ['sets', id], ['ladders', id], ['scale', id], ['trend', id], ['baseline', id], ['roster'], ['calls']];
    await Promise.all(keys.map((queryKey) => client.invalidateQueries({ queryKey })));
}

/** Reads anew what gear there is. */
export const freshenKit = (client: QueryClient): Promise<void> => client.invalidateQueries({ queryKey: ['kit'] });

/** Reads anew what follows from a class made, or from gear put out of use. */
export async function freshenGym(client: QueryClient): Promise<void> {
    await Promise.all([['classes'], ['class-day'], ['ladders'], ['calls']].map((queryKey) => client.invalidateQueries({ queryKey })));
}

/** What an athlete or a piece of gear is called, as far as it was read on this device. */
export function nameOf(client: QueryClient, id: string): string | undefined {
    const days = client
        .getQueriesData<Schemas['ClassDay']>({ queryKey: ['class-day'] })
        .flatMap(([, day]) => (day ? [...day.athletes, ...day.roster, ...day.gear] : []));
    const roster = client.getQueriesData<Schemas['RosterPage']>({ queryKey: ['roster'] }).flatMap(([, page]) => page?.items ?? []);
    return [...days, ...roster].find((one) => one.id === id)?.name ?? client.getQueryData<Schemas['Athlete']>(['athlete', id])?.name;
}

/** What was stored stands on the floor at once, and on the device before the queue lets go of it. */
export async function keepOnFloor(client: QueryClient, { owner, athleteId, command }: Waiting, set: Schemas['Set'] | null): Promise<void> {
    const by = coachOf(owner);
    client.setQueriesData<Schemas['ClassDay']>(
        { queryKey: ['class-day'] },
        (day) =>
            day && {
                ...day,
                gear: withGear(day.gear, [command]),
                athletes: day.athletes.map((a) => (a.id === athleteId ? withCommand(a, command, by, day.class.on, set) : a)),
            },
    );
    await lastPut;
}

/** In a task of its own, so that what is shown does not wait for what is kept. */
const later = <T>(command: () => Promise<T>): Promise<T> => new Promise((done) => setTimeout(() => done(command())));

/** Done when what was read or changed last is on the device. */
let lastPut: Promise<void> = Promise.resolve();

/** Brings back what this owner read last, and keeps each answer on the device as it comes; answers how to stop. */
export async function keepReads(client: QueryClient, owner: string): Promise<() => void> {
    let began = performance.now();
    for (const { key, answer, at } of await keptReads.all(owner, serverTime.nowMs() - WEEK_MS).catch(() => [])) {
        client.setQueryData(JSON.parse(key) as unknown[], JSON.parse(answer), { updatedAt: at });
        if (performance.now() - began > SLICE_MS) {
            await later(() => Promise.resolve());
            began = performance.now();
        }
    }
    return client.getQueryCache().subscribe((event) => {
        if (event.type === 'updated' && event.action.type === 'success' && event.query.meta?.kept !== false) {
            const { queryKey, state } = event.query;
            lastPut = later(() =>
                keptReads.put({
                    owner,
                    key: JSON.stringify(queryKey),
                    answer: JSON.stringify(withoutHealth(state.data)),
                    at: state.dataUpdatedAt,
                }),
            ).catch(() => undefined);
        }
    });
}
