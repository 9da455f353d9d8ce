import { useTimeoutFn } from '@vueuse/core';
import { onScopeDispose, ref, shallowRef, toValue, type MaybeRefOrGetter, type Ref, type ShallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';

type Kept = Schemas['KeptCall'];

export interface Decision {
    busy: Ref<boolean>;
    problem: ShallowRef<Problem | undefined>;
    /** The call as it was decided here a moment ago: it stays in its place, and can be taken back. */
    settled: ShallowRef<Kept | undefined>;
    undoable: Readonly<Ref<boolean>>;
    decide: (body: Schemas['DecisionInput']) => Promise<boolean>;
    accept: () => Promise<boolean>;
    takeBack: () => Promise<void>;
}

const UNDO_MS = 10_000;

/** The coach's word on one call. Whoever shows it is told when the word stands, or when somebody was quicker. */
export function useDecision(call: MaybeRefOrGetter<Kept>, decided: (call: Kept | undefined) => void): Decision {
    const busy = ref(false);
    const problem = shallowRef<Problem>();
    const settled = shallowRef<Kept>();
    const undo = useTimeoutFn(() => decided(settled.value), UNDO_MS, { immediate: false });

    async function decide(body: Schemas['DecisionInput']): Promise<boolean> {
        busy.value = true;
        const result = await outcome(api.PUT('/api/v1/calls/{call}/decision', { params: { path: { call: toValue(call).id } }, body }));
        busy.value = false;
        problem.value = result.ok ? undefined : result.problem;
        if (result.ok) {
            settled.value = result.value;
            undo.start();
        } else if (result.problem.code === 'call-changed' || result.problem.code === 'call-decided') {
            decided(undefined);
        }
        return result.ok;
    }

    async function takeBack(): Promise<void> {
        undo.stop();
        const result = await outcome(api.DELETE('/api/v1/calls/{call}/decision', { params: { path: { call: toValue(call).id } } }));
        problem.value = result.ok ? undefined : result.problem;
        settled.value = undefined;
    }

    /** Leaving does not lose the word: whoever shows the list reads it anew. */
    onScopeDispose(() => settled.value && decided(settled.value));

    return {
        busy,
        problem,
        settled,
        undoable: undo.isPending,
        decide,
        accept: () => decide({ version: toValue(call).version, decision: 'accepted' }),
        takeBack,
    };
}
