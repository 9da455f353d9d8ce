import { v7 as uuidv7 } from 'uuid';
import { useCommandQueue } from '../composables/useCommandQueue';
import { serverTime } from '../domain/clock';
import type { Schemas } from '../domain/http';
import type { SetDraft } from '../domain/queue';
import { askedReps } from '../domain/sets/asked';
import { left } from '../log/counts';

type Block = Schemas['Block'];

const MEASURED_BY = { reps: 'reps', total_reps: 'reps', seconds: 'seconds', metres: 'metres' } as const;

/** Takes a set of a line down, on its own set-up, whatever is in use; true once it is safe on the device. */
export function useLineLog(athlete: () => string) {
    const queue = useCommandQueue();

    /** @param amount clean reps, or seconds of a hold */
    async function pull(block: Block, amount: number, reserve: number | null): Promise<boolean> {
        const { rung, begun } = block;
        if (rung === null) {
            return false;
        }
        const [purpose, exercise] = [block.purpose ?? 'work', rung.exercise];
        const set: SetDraft =
            exercise.movement === 'hold'
                ? { purpose, exercise, hang_s: amount }
                : {
                      purpose,
                      exercise,
                      clean_reps: Math.round(amount),
                      ...(!begun && { asked_reps: askedReps(block), ...left(reserve) }),
                  };
        const parts = begun ? [{ purpose, exercise: begun.exercise, clean_reps: begun.reps }, set] : [set];
        return (await queue.addAsOne(athlete(), parts)).length === parts.length;
    }

    /** @param amount reps, seconds or metres, as the line asks */
    async function beside(block: Block, amount: number, loadKg: number | null): Promise<boolean> {
        if (block.accessory === null) {
            return false;
        }
        const { accessory } = block;
        const told = { id: uuidv7(), performed_at: serverTime.now().toISOString(), accessory, load_kg: loadKg };
        return (await queue.tell(athlete(), { beside: { ...told, [MEASURED_BY[block.amount.measure]]: amount } })) !== undefined;
    }

    return { pull, beside };
}
