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

    async function take(set: SetDraft, words: string): Promise<void> {
        const made = await queue.add(athleteId(), { ...set, ...moment() });
        if (made) {
            return set.pain ? logged(made.id, words, undefined, true) : logged(made.id, words);
        }
    }

    /** Two rows of the log, the second going on from the first. */
    async function takeMixed(parts: { rung: Schemas['Rung']; clean: number }[]): Promise<boolean> {
        const [first, second] = await queue.addAsOne(
            athleteId(),
            parts.map(({ rung, clean }) => ({ purpose: 'work', exercise: rung.exercise, clean_reps: clean, ...moment() })),
        );
        if (first && second) {
            logged(second.id, `${parts.map((p) => p.clean).join(' + ')} clean`, first.id);
        }
        return second !== undefined;
    }

    return { queue, today, otherDay, on, take, takeMixed };
}
