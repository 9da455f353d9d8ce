import { reactive, watch, type ComputedRef } from 'vue';
import { useCommandQueue } from '../composables/useCommandQueue';
import { useUndo } from '../composables/useUndo';
import type { Schemas } from '../domain/http';

type Part = Schemas['WorkoutPart'];

export interface WorkoutSet {
    /** Its place in the workout. */
    at: number;
    reps: number;
    isDone: boolean;
    isNext: boolean;
}

/** The sets of a class workout as they are done: each is logged with one tap, and can be taken back for ten seconds. */
export function useWorkoutLog(workout: ComputedRef<Schemas['Workout'] | undefined>): {
    rounds: (part: Part) => WorkoutSet[][];
    done: (part: Part, reps: number) => Promise<void>;
    undo: ReturnType<typeof useUndo>;
} {
    const queue = useCommandQueue();
    const undo = useUndo();
    const here = reactive(new Map<string, number>());
    const before = new Map<string, number>();
    const keyOf = (part: Part): string => `${part.athlete_id} ${part.setup_name}`;

    watch(workout, (now) => now?.parts.forEach((part) => before.has(keyOf(part)) || before.set(keyOf(part), part.sets_done)), {
        immediate: true,
    });

    /** What the server knows may hold what was done here already. */
    const count = (part: Part): number => Math.max(part.sets_done, (before.get(keyOf(part)) ?? 0) + (here.get(keyOf(part)) ?? 0));

    function rounds(part: Part): WorkoutSet[][] {
        const next = count(part);
        let at = 0;
        return part.rounds.map((round) => round.map((reps) => ({ at, reps, isDone: at < next, isNext: at++ === next })));
    }

    async function done(part: Part, reps: number): Promise<void> {
        const key = keyOf(part);
        here.set(key, (here.get(key) ?? 0) + 1);
        const waiting = await queue.add(part.athlete_id, {
            purpose: 'work',
            exercise: part.exercise,
            clean_reps: reps,
            asked_reps: reps,
            line: workout.value?.line,
        });
        if (waiting === undefined) {
            here.set(key, (here.get(key) ?? 0) - 1);
            return;
        }
        undo.offer({
            text: `${part.name}: ${reps} logged`,
            undo: async () => {
                await queue.takeBack(part.athlete_id, waiting.id);
                here.set(key, (here.get(key) ?? 0) - 1);
            },
        });
    }

    return { rounds, done, undo };
}
