import type { Deed } from './queue';
import { seconds } from './units';
import { gaveOutWords, painPlaceWords } from './words';

/** What a deed is, in a few words. */
export function deedWords(deed: Deed): string {
    if ('set' in deed) {
        const { hang_s, clean_reps, replaces_id } = deed.set;
        return `${hang_s ? seconds(hang_s) : `${clean_reps} clean`}${replaces_id ? ', corrected' : ''}`;
    }
    if ('taken_back' in deed) {
        return 'A set taken back';
    }
    if ('beside' in deed) {
        return deed.beside.accessory.replaceAll('-', ' ');
    }
    if ('gear' in deed) {
        return deed.gear.out ? 'Gear out of use today' : 'Gear back in use';
    }
    if ('class' in deed) {
        return `Class: ${deed.class.name}`;
    }
    if ('coming' in deed) {
        return deed.coming.coming ? 'Comes' : 'Does not come';
    }
    if ('pain' in deed) {
        return `Pain: ${painPlaceWords[deed.pain.pain.place]}`;
    }
    if ('switch' in deed) {
        return deed.switch.rung_key === null ? 'As written again' : 'Exercise switched';
    }
    if ('pain_undone' in deed) {
        return 'Pain undone';
    }
    const { gave_out, effort, soreness, wall_day } = deed.signal;
    const told = [gave_out && `failed first: ${gaveOutWords[gave_out]}`, effort != null && `effort ${effort}`, soreness != null && `soreness ${soreness}`, wall_day && 'wall day'];
    return told.filter(Boolean).join(', ') || 'Told';
}
