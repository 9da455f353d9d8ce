import { computed, type ComputedRef } from 'vue';
import { useSession } from '../composables/useSession';
import { noCountWords, type NoCountReason } from '../domain/words';

/** Why a rep did not count, where this gym's pulls end. */
export function useNoCountWords(): ComputedRef<Record<NoCountReason, string>> {
    const session = useSession();
    return computed(() => ({
        ...noCountWords,
        ...(session.me?.pull_top === 'chest' && { 'short-at-top': 'Chest short of the bar' }),
    }));
}
