import { useDebounceFn } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { computed, reactive, ref, shallowRef, type ComputedRef } from 'vue';
import { readQuantity, usable, type Reading } from '../domain/fields';
import type { Exercise } from '../domain/gear';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';

type Block = Schemas['Block'];
type Input = Schemas['LineInput'];

const TRY_MS = 350;

const UNITS = { reps: 'reps', total_reps: 'reps', seconds: 's', metres: 'm' } as const;

/** What is done instead: a set-up, work beside the pull, or nothing else. */
export type Instead = { exercise: Exercise } | { accessory: Schemas['Accessory'] } | undefined;

/** A line of the session as it is being changed, and how the session would look with it. */
export function useLine(athlete: () => string, block: () => Block | undefined) {
    const typed = reactive({ sets: '', low: '', high: '', rest: '' });
    const lasts = ref(false);
    const instead = shallowRef<Instead>();
    const tried = shallowRef<Schemas['Session']>();
    const problem = shallowRef<Problem>();
    const busy = ref(false);
    let id = uuidv7();

    /** What the amount counts: of what is done instead, where something is. */
    const unit = computed(() => {
        const other = instead.value;
        if (other && 'exercise' in other) {
            return other.exercise.movement === 'hold' ? 's' : 'reps';
        }
        return UNITS[(other?.accessory.usual ?? block()?.amount)?.measure ?? 'reps'];
    });
    const range = limits.LineInput;
    const readings: ComputedRef<Record<'sets' | 'low' | 'high' | 'rest', Reading>> = computed(() => ({
        sets: readQuantity(typed.sets, 'sets', range.sets, false),
        low: readQuantity(typed.low, unit.value, range.low, false),
        high: readQuantity(typed.high, unit.value, range.high, false),
        rest: readQuantity(typed.rest, 's', range.rest_s, false),
    }));
    const isReadable = computed(() => Object.values(readings.value).every((r) => r.error === undefined));
    const line = computed(() => block()?.line ?? (instead.value && 'accessory' in instead.value ? instead.value.accessory.line : ''));
    /** The line as it would be written. */
    const asTried = computed(() => tried.value?.blocks.find((b) => b.line === line.value));

    function begin(): void {
        const now = block();
        Object.assign(
            typed,
            now
                ? { sets: String(now.sets), low: String(now.amount.low), high: String(now.amount.high), rest: String(now.rest_s) }
                : { sets: '', low: '', high: '', rest: '' },
        );
        lasts.value = now?.by_hand?.lasts ?? false;
        instead.value = tried.value = problem.value = undefined;
        id = uuidv7();
    }

    /** Another exercise brings its own amount along. */
    function put(other: Instead): void {
        instead.value = other;
        if (other && 'accessory' in other) {
            Object.assign(typed, { low: String(other.accessory.usual.low), high: String(other.accessory.usual.high) });
        }
    }

    const input = (leftOut: boolean): Input => {
        const of = readings.value;
        return {
            id,
            line: line.value,
            lasts: lasts.value,
            ...(leftOut
                ? { left_out: true }
                : {
                      sets: usable(of.sets) ?? null,
                      low: usable(of.low) ?? null,
                      high: usable(of.high) ?? null,
                      rest_s: usable(of.rest) ?? null,
                      ...(instead.value && 'accessory' in instead.value
                          ? { accessory: instead.value.accessory.accessory }
                          : (instead.value ?? {})),
                  }),
        };
    };

    /** Said while it is typed; nothing is kept by that. */
    const look = useDebounceFn(async () => {
        if (line.value === '' || !isReadable.value) {
            return;
        }
        const result = await outcome(
            api.POST('/api/v1/athletes/{athlete}/session/tried', { params: { path: { athlete: athlete() } }, body: input(false) }),
        );
        problem.value = result.ok ? undefined : result.problem;
        tried.value = result.ok ? result.value : undefined;
    }, TRY_MS);

    async function keep(leftOut: boolean): Promise<Schemas['Session'] | undefined> {
        if (!leftOut && !isReadable.value) {
            return undefined;
        }
        busy.value = true;
        const result = await outcome(
            api.POST('/api/v1/athletes/{athlete}/session/changes', { params: { path: { athlete: athlete() } }, body: input(leftOut) }),
        );
        busy.value = false;
        problem.value = result.ok ? undefined : result.problem;
        return result.ok ? result.value : undefined;
    }

    return { typed, lasts, instead, readings, line, asTried, problem, busy, unit, begin, put, look, keep };
}
