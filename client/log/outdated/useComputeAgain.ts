import { useIntervalFn } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { computed, shallowRef, watch, type ComputedRef, type ShallowRef } from 'vue';
import { useRead } from '../../composables/useRead';
import { api, outcome, type Schemas } from '../../domain/http';
import type { Problem } from '../../domain/problems';

const LOOK_MS = 1000;

/** Whose sets are meant. */
export type Of = { athlete: string } | { band: string };

interface ComputeAgain {
    outdated: ComputedRef<Schemas['OutdatedSets'] | undefined>;
    /** How far the last order is. */
    order: ComputedRef<Schemas['Recomputation'] | undefined>;
    problem: ShallowRef<Problem | undefined>;
    compute: () => Promise<void>;
    undo: () => Promise<void>;
    goOn: () => Promise<void>;
    reload: () => Promise<void>;
}

/** Sets that a correction touches, and the order to compute them again: looked at each second until it ends. */
export function useComputeAgain(of: Of, done: () => void): ComputeAgain {
    const problem = shallowRef<Problem>();
    const ordered = shallowRef<Schemas['Recomputation']>();
    const read = useRead(['outdated-sets', Object.values(of)[0] as string], () =>
        outcome(
            'athlete' in of
                ? api.GET('/api/v1/athletes/{athlete}/outdated-sets', { params: { path: of } })
                : api.GET('/api/v1/bands/{band}/outdated-sets', { params: { path: of } }),
        ),
    );
    const outdated = computed(() => read.value.value);
    const order = computed(() => ordered.value ?? outdated.value?.last ?? undefined);
    const path = computed(() => ({ params: { path: { recomputation: order.value?.id ?? '' } } }));

    async function take(answer: Promise<Awaited<ReturnType<typeof outcome<Schemas['Recomputation']>>>>): Promise<void> {
        const result = await answer;
        problem.value = result.ok ? undefined : result.problem;
        ordered.value = result.ok ? result.value : ordered.value;
    }
    const send = (body: Omit<Schemas['RecomputationInput'], 'id'>): Promise<void> =>
        take(outcome(api.POST('/api/v1/recomputations', { body: { id: uuidv7(), ...body } })));

    const watching = useIntervalFn(() => void take(outcome(api.GET('/api/v1/recomputations/{recomputation}', path.value))), LOOK_MS, {
        immediate: false,
    });
    watch(
        () => order.value?.state,
        async (state, before) => {
            if (state === 'running') {
                watching.resume();
                return;
            }
            watching.pause();
            if (before === 'running') {
                await read.reload();
                done();
            }
        },
        { immediate: true },
    );

    return {
        outdated,
        order,
        problem,
        compute: () => send('athlete' in of ? { athlete_id: of.athlete } : { band_id: of.band }),
        undo: () => send({ undoes_id: order.value?.id ?? '' }),
        goOn: () => take(outcome(api.PUT('/api/v1/recomputations/{recomputation}/resumption', path.value))),
        reload: async () => {
            ordered.value = undefined;
            await read.reload();
        },
    };
}
