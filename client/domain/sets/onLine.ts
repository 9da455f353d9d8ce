import type { Schemas } from '../http';
import type { Command } from '../queue';

/** What a command counts on a line of the session: clean reps, whole seconds or metres; none where it is of another line. */
export function countOnLine(command: Command, block: Schemas['Block']): number | undefined {
    if ('beside' in command) {
        const { accessory, reps, seconds, metres } = command.beside;
        return accessory === block.accessory ? Math.floor(reps ?? seconds ?? metres ?? 0) : undefined;
    }
    if (!('set' in command) || !block.rung) {
        return undefined;
    }
    const { exercise, part_of, clean_reps, hang_s } = command.set;
    const isOnIt = JSON.stringify(exercise) === JSON.stringify(block.rung.exercise) && !part_of === (block.begun === null);
    return isOnIt ? Math.floor(clean_reps ?? hang_s ?? 0) : undefined;
}
