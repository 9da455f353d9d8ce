import { expect, it } from 'vitest';
import { commandWords } from '../../../client/domain/commandWords';
import type { Command } from '../../../client/domain/queue';

const at = '2026-03-20T12:00:00Z';
const set = { id: 's', performed_at: at, purpose: 'work' as const };

it.each<[Command, string]>([
    [{ set: { ...set, clean_reps: 8 } }, '8 clean'],
    [{ set: { ...set, clean_reps: 0 } }, '0 clean'],
    [{ set: { ...set, hang_s: 21.4 } }, '21.4 s'],
    [{ set: { ...set, clean_reps: 6, replaces_id: 'before' } }, '6 clean, corrected'],
    [{ taken_back: { id: 't', set_id: 's' } }, 'A set taken back'],
    [{ beside: { id: 'b', performed_at: at, accessory: 'side-plank', seconds: 30 } }, 'side plank'],
    [{ coming: { id: 'c', class_id: 'k', on: '2026-03-20', coming: true, told_at: at } }, 'Comes'],
    [{ coming: { id: 'c', class_id: 'k', on: '2026-03-20', coming: false, told_at: at } }, 'Does not come'],
    [{ order: { id: 'o', class_id: 'k', on: '2026-03-20', turns: [], told_at: at } }, 'Order of the class'],
    [{ pain: { id: 'p', pain: { place: 'elbow', level: null } } }, 'Pain: Elbow'],
    [{ gear: { id: 'g', gear_id: 'h', out: true, told_at: at } }, 'Gear out of use today'],
    [{ gear: { id: 'g', gear_id: 'h', out: false, told_at: at } }, 'Gear back in use'],
    [{ class: { id: 'k', name: 'Noon', first_on: '2026-03-20', at: '12:00', minutes: 60 } }, 'Class: Noon'],
    [{ signal: { id: 'n', on: '2026-03-20', effort: 7 } }, 'effort 7'],
    [{ signal: { id: 'n', on: '2026-03-20', soreness: 0, gave_out: 'grip' } }, 'failed first: Grip, soreness 0'],
    [{ signal: { id: 'n', on: '2026-03-20', wall_day: true } }, 'wall day'],
    [{ signal: { id: 'n', on: '2026-03-20', symptoms: ['numbness'] } }, 'Told'],
])('says in a few words what waits: %j', (command, words) => {
    expect(commandWords(command)).toBe(words);
});
