import { persistQueryClient, type PersistedClient } from '@tanstack/query-persist-client-core';
import { QueryClient } from '@tanstack/vue-query';
import { keptReads } from '../domain/device';
import { withoutHealth } from '../domain/keeping';

const WEEK_MS = 7 * 86_400_000;
/** Grows when what is kept would not be understood any more. */
const FORM = 'reads-1';

/** Everything the client reads goes through here: kept, shown at once the next time, and freshened behind. */
export const makeReads = (): QueryClient =>
    new QueryClient({
        defaultOptions: {
            queries: { gcTime: WEEK_MS, staleTime: 0, retry: 1, retryDelay: 800, networkMode: 'always', refetchOnWindowFocus: true },
        },
    });

/** Brings back what this owner read last, and keeps it up to date on the device; answers how to stop. */
export async function keepReads(client: QueryClient, owner: string): Promise<() => void> {
    const [stop, restored] = persistQueryClient({
        queryClient: client,
        maxAge: WEEK_MS,
        buster: FORM,
        persister: {
            persistClient: (kept) => keptReads.put(owner, JSON.stringify(withoutHealth(kept))),
            restoreClient: async () => {
                const text = await keptReads.get(owner);
                return text === undefined ? undefined : (JSON.parse(text) as PersistedClient);
            },
            removeClient: () => keptReads.wipe(),
        },
        dehydrateOptions: { shouldDehydrateQuery: (query) => query.state.status === 'success' && query.meta?.kept !== false },
    });
    await restored.catch(() => undefined);
    return stop;
}
