import { v7 as uuidv7 } from 'uuid';
import { readonly, ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import type { Result, Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import type { SetInput } from './useAthlete';

export interface SetSender {
    busy: Readonly<Ref<boolean>>;
    problem: Readonly<ShallowRef<Problem | undefined>>;
    unsent: Readonly<ShallowRef<SetInput | undefined>>;
    send: (draft: Omit<SetInput, 'id' | 'performed_at'>) => Promise<boolean>;
    drop: () => void;
}

/** Sends sets; one that could not be sent keeps its id and its moment, so that sending it again stores it once. */
export function useSetSender(log: (set: SetInput) => Promise<Result<Schemas['SetResource']>>, logged: (set: Schemas['SetResource']) => void): SetSender {
    const busy = ref(false);
    const problem = shallowRef<Problem>();
    const unsent = shallowRef<SetInput>();

    async function send(draft: Omit<SetInput, 'id' | 'performed_at'>): Promise<boolean> {
        const same = unsent.value && JSON.stringify({ ...unsent.value, ...draft }) === JSON.stringify(unsent.value);
        const set = same ? unsent.value! : { id: uuidv7(), performed_at: new Date().toISOString(), ...draft };
        busy.value = true;
        const result = await log(set);
        busy.value = false;
        unsent.value = result.ok ? undefined : set;
        problem.value = result.ok ? undefined : result.problem;
        if (result.ok) {
            logged(result.value);
        }
        return result.ok;
    }

    function drop(): void {
        unsent.value = undefined;
        problem.value = undefined;
    }

    return { busy: readonly(busy), problem, unsent, send, drop };
}
