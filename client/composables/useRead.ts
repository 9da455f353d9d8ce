import { keepPreviousData, useQuery, useQueryClient, type QueryKey } from '@tanstack/vue-query';
import { computed, toValue, type ComputedRef, type MaybeRefOrGetter } from 'vue';
import type { Result } from '../domain/http';
import { isAway, type Problem } from '../domain/problems';

export interface Read<T> {
    value: ComputedRef<T | undefined>;
    problem: ComputedRef<Problem | undefined>;
    busy: ComputedRef<boolean>;
    reload: () => Promise<void>;
    put: (value: T) => void;
}

class Refused extends Error {
    constructor(readonly problem: Problem) {
        super(problem.detail);
    }
}

/** Refusals stay as they are; only what the network did is worth another try. */
const worthRetrying = (tries: number, error: Error): boolean => tries < 1 && error instanceof Refused && isAway(error.problem);

/**
 * Reads at once and whenever the key changes; what was read under it before is there at once, and freshened. A read that is
 * not kept stays off the device.
 */
export function useRead<T>(
    key: MaybeRefOrGetter<QueryKey>,
    load: () => Promise<Result<T>>,
    { kept = true, enabled = true, previous = false }: { kept?: boolean; enabled?: MaybeRefOrGetter<boolean>; previous?: boolean } = {},
): Read<T> {
    const client = useQueryClient();
    const query = useQuery<T, Error, T>({
        queryKey: computed(() => toValue(key)),
        queryFn: async () => {
            const result = await load();
            if (!result.ok) {
                throw new Refused(result.problem);
            }
            return result.value ?? (null as T);
        },
        enabled: () => toValue(enabled),
        retry: worthRetrying,
        meta: { kept },
        shallow: true,
        placeholderData: previous ? (keepPreviousData as never) : undefined,
    });

    return {
        value: computed(() => (query.data.value as T | null | undefined) ?? undefined),
        problem: computed(() => (query.error.value instanceof Refused ? query.error.value.problem : undefined)),
        busy: computed(() => query.isFetching.value),
        reload: async () => void (await query.refetch()),
        put: (value) => void client.setQueryData(toValue(key), value),
    };
}
