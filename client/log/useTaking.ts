import { ref } from 'vue';
import type { Schemas } from '../domain/http';
import type { SetDraft } from '../domain/queue';
import { useCommandQueue } from '../composables/useCommandQueue';
import { useToday } from '../composables/useToday';

/** Takes sets of one athlete into the log, now or for a day before. */
export function useTaking(athleteId: () => string, logged: (id: string, words: string, first?: string, hurt?: boolean) => void) {
    const queue = useCommandQueue();
    const today = useToday();
    const otherDay = ref(false);
    const on = ref(today.value);

    /** On the day chosen, else now. */
    const moment = (): Partial<SetDraft> =>
        otherDay.value && on.value !== today.value ? { performed_at: new Date(`${on.value}T12:00:00`).toISOString() } : {};

    const add = (set: SetDraft): ReturnType<typeof queue.add> => queue.add(athleteId(), { ...set, ...moment() });

    async function take(set: SetDraft, words: string): Promise<void> {
        const made = await add(set);
        if (made) {
            return set.pain ? logged(made.id, words, undefined, true) : logged(made.id, words);
        }
    }

    /** Two rows of the log, the second going on from the first. */
    async function takeMixed([begun, ended]: { rung: Schemas['Rung']; clean: number }[]): Promise<boolean> {
        const first = begun && (await add({ purpose: 'work', exercise: begun.rung.exercise, clean_reps: begun.clean }));
        const second =
            first && ended && (await add({ purpose: 'work', exercise: ended.rung.exercise, clean_reps: ended.clean, part_of: first.id }));
        if (second) {
            logged(second.id, `${begun.clean} + ${ended.clean} clean`, first.id);
        }
        return second !== undefined;
    }

    return { queue, today, otherDay, on, take, takeMixed };
}
