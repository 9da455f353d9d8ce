import { v7 as uuidv7 } from 'uuid';
import { onScopeDispose, readonly, ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import type { Result, Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { useKept } from '../parts/useKept';
import type { SetInput } from './useAthlete';

export interface SetSender {
    busy: Readonly<Ref<boolean>>;
    problem: Readonly<ShallowRef<Problem | undefined>>;
    unsent: Readonly<ShallowRef<SetInput | undefined>>;
    send: (draft: Omit<SetInput, 'id' | 'performed_at'>) => Promise<boolean>;
    drop: () => void;
}

/**
 * Sends sets; one that could not be sent keeps its id and its moment, so that sending it again stores it once. With a
 * place to keep it, it is on the device before it is sent, outlives the page, and goes by itself when the network is back.
 */
export function useSetSender(
    log: (set: SetInput) => Promise<Result<Schemas['Set']>>,
    logged: (set: Schemas['Set']) => void,
    { keepAt }: { keepAt?: string } = {},
): SetSender {
    const busy = ref(false);
    const problem = shallowRef<Problem>();
    const unsent = useKept<SetInput>(keepAt);

    async function send(draft: Omit<SetInput, 'id' | 'performed_at'>): Promise<boolean> {
        const same = unsent.value && JSON.stringify({ ...unsent.value, ...draft }) === JSON.stringify(unsent.value);
        const set = same ? unsent.value! : { id: uuidv7(), performed_at: new Date().toISOString(), ...draft };
        busy.value = true;
        unsent.value = set;
        const result = await log(set);
        busy.value = false;
        problem.value = result.ok ? undefined : result.problem;
        if (result.ok) {
            unsent.value = undefined;
            logged(result.value);
        }
        return result.ok;
    }

    function drop(): void {
        unsent.value = undefined;
        problem.value = undefined;
    }

    function sendAgain(): void {
        if (unsent.value && !busy.value) {
            void send(unsent.value);
        }
    }

    if (keepAt !== undefined) {
        window.addEventListener('online', sendAgain);
        onScopeDispose(() => window.removeEventListener('online', sendAgain));
    }

    return { busy: readonly(busy), problem, unsent, send, drop };
}
