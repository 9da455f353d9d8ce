import { useQueryClient } from '@tanstack/vue-query';
import { readonly, ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import { api, mapResult, outcome, type Result, type Schemas } from '../domain/http';
import type { Body } from '../domain/merge';
import type { Fault, Problem } from '../domain/problems';
import { freshenKit } from '../composables/reads';
import { useElsewhere, type Elsewhere } from '../composables/useElsewhere';
import { useLeaving } from '../composables/useLeaving';
import type { Undoable } from '../composables/useUndo';

interface Draft<B> {
    typed: object;
    read: () => B | undefined;
    blame: (faults: readonly Fault[]) => void;
}

/** How one kind of piece is sent, and found again in the kit. */
interface Calls<B, T> {
    /** What the draft would send untouched. */
    began: B | undefined;
    add: (body: B) => Promise<Result<T>>;
    change: (body: B) => Promise<Result<T>>;
    retire: (retired: boolean) => Promise<Result<T>>;
    inKit: (kit: Schemas['Kit']) => B | undefined;
}

/** What the page is told of. */
interface Told {
    saved: () => void;
    /** Another window saved too: the piece is opened again with what the server holds. */
    reopen: () => void;
    retired: (command: Undoable) => void;
}

export interface Saving {
    /** Whether the server holds it, so that it is changed and not added. */
    stored: Readonly<Ref<boolean>>;
    busy: Readonly<Ref<boolean>>;
    problem: Readonly<ShallowRef<Problem | undefined>>;
    found: Elsewhere<Body>['found'];
    save: () => Promise<void>;
    saveBoth: () => Promise<void>;
    retire: (retired: boolean) => Promise<void>;
}

/**
 * Sends a piece of gear as it was typed, unless another window saved it since; what the server has against it goes back to the
 * draft, and the list is freshened even if another is open by then.
 */
export function useSaving<B extends Body, T>(start: { name: string } | undefined, draft: Draft<B>, calls: Calls<B, T>, told: Told): Saving {
    const client = useQueryClient();
    const stored = ref(start !== undefined);
    const busy = ref(false);
    const problem = shallowRef<Problem>();
    const untouched = ref(JSON.stringify(draft.typed));
    useLeaving(() => JSON.stringify(draft.typed) !== untouched.value);
    const elsewhere = useElsewhere<B>({
        began: () => calls.began,
        stored: async () => mapResult(await outcome(api.GET('/api/v1/kit')), calls.inKit),
    });

    async function send(call: () => Promise<Result<T> | undefined>): Promise<void> {
        busy.value = true;
        const result = await call();
        busy.value = false;
        if (result === undefined) {
            return;
        }
        problem.value = result.ok ? undefined : result.problem;
        if (result.ok) {
            stored.value = true;
            untouched.value = JSON.stringify(draft.typed);
            told.saved();
            await freshenKit(client);
        } else {
            draft.blame(result.problem.faults);
        }
    }

    async function save(agreed = false): Promise<void> {
        const body = draft.read();
        if (body !== undefined) {
            await send(() => elsewhere.save(body, stored.value ? calls.change : calls.add, agreed));
        }
    }

    async function saveBoth(): Promise<void> {
        await save(true);
        if (elsewhere.found.value === undefined && problem.value === undefined) {
            told.reopen();
        }
    }

    async function retire(retired: boolean): Promise<void> {
        await send(() => calls.retire(retired));
        if (retired && problem.value === undefined) {
            told.retired({ text: `${start?.name} is retired.`, undo: () => retire(false) });
        }
    }

    return { stored: readonly(stored), busy: readonly(busy), problem, found: elsewhere.found, save: () => save(), saveBoth, retire };
}
