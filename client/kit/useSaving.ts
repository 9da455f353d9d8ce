import { useQueryClient } from '@tanstack/vue-query';
import { readonly, ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import type { Result } from '../domain/http';
import type { Fault, Problem } from '../domain/problems';
import { freshenKit } from '../parts/reads';

export interface Saving<T> {
    /** Whether the server holds it, so that it is changed and not added. */
    stored: Readonly<Ref<boolean>>;
    busy: Readonly<Ref<boolean>>;
    problem: Readonly<ShallowRef<Problem | undefined>>;
    send: (call: () => Promise<Result<T>>) => Promise<void>;
}

/** Sends a piece of gear as it was typed; what the server has against it goes back to the draft, and the list is freshened even if another is open by then. */
export function useSaving<T>(start: T | undefined, { blame, saved }: { blame: (faults: readonly Fault[]) => void; saved: () => void }): Saving<T> {
    const client = useQueryClient();
    const stored = ref(start !== undefined);
    const busy = ref(false);
    const problem = shallowRef<Problem>();

    async function send(call: () => Promise<Result<T>>): Promise<void> {
        busy.value = true;
        const result = await call();
        busy.value = false;
        problem.value = result.ok ? undefined : result.problem;
        if (result.ok) {
            stored.value = true;
            saved();
            await freshenKit(client);
        } else {
            blame(result.problem.faults);
        }
    }

    return { stored: readonly(stored), busy: readonly(busy), problem, send };
}
