import type { Command } from './queue';
import { seconds } from './units';
import { gaveOutWords, painPlaceWords } from './words';

/** What a command is, in a few words. */
export function commandWords(command: Command): string {
    if ('set' in command) {
        const { hang_s, clean_reps, replaces_id } = command.set;
        return `${hang_s ? seconds(hang_s) : `${clean_reps} clean`}${replaces_id ? ', corrected' : ''}`;
    }
    if ('taken_back' in command) {
        return 'A set taken back';
    }
    if ('beside' in command) {
        return command.beside.accessory.replaceAll('-', ' ');
    }
    if ('gear' in command) {
        return command.gear.out ? 'Gear out of use today' : 'Gear back in use';
    }
    if ('class' in command) {
        return `Class: ${command.class.name}`;
    }
    if ('order' in command) {
        return 'Order of the class';
    }
    if ('coming' in command) {
        return command.coming.coming ? 'Comes' : 'Does not come';
    }
    if ('pain' in command) {
        return `Pain: ${painPlaceWords[command.pain.pain.place]}`;
    }
    if ('switch' in command) {
        return command.switch.rung_key === null ? 'As written again' : 'Exercise switched';
    }
    if ('pain_undone' in command) {
        return 'Pain undone';
    }
    const { gave_out, effort, soreness, wall_day } = command.signal;
    const told = [
        gave_out && `failed first: ${gaveOutWords[gave_out]}`,
        effort != null && `effort ${effort}`,
        soreness != null && `soreness ${soreness}`,
        wall_day && 'wall day',
    ];
    return told.filter(Boolean).join(', ') || 'Told';
}
