import { isUneven, loweredOf } from '../sets/lowered';
import type { Schemas } from '../http';
import { coachOf, type Command, type SetInput, type Waiting } from '../queue';

/** Of who walked in while the server is away there is no session yet. */
type Concern = Schemas['Concern'] | { kind: 'waits'; text: string };
export type FloorAthlete = Omit<Schemas['FloorAthlete'], 'sheet'> & {
    sheet: Omit<Schemas['Sheet'], 'concern'> & { concern: Concern | null };
};
export type FloorSet = Schemas['Set'];

export const hasSheet = (athlete: Schemas['FloorAthlete']): athlete is Schemas['FloorAthlete'] & { sheet: Schemas['Sheet'] } =>
    athlete.sheet !== null;

/** A set of a class's day as it will stand in the log, from what this device knows of it. */
function asLogged(set: SetInput, by: string, on: string, before: FloorSet | undefined): FloorSet {
    const { exercise = null, setup_key = null, setup_name = null, part_of = null, line = null } = before ?? {};
    return {
        id: set.id,
        performed_at: set.performed_at,
        trained_on: on,
        purpose: set.purpose,
        exercise: set.exercise ?? exercise,
        setup_key,
        setup_name,
        carried_kg: null,
        carried_share: null,
        clean_reps: set.clean_reps ?? null,
        no_counts: set.no_counts ?? {},
        faults: set.faults ?? [],
        reserve: set.reserve ?? null,
        hang_s: set.hang_s ?? null,
        splits_s: set.splits_s ?? [],
        halves_s: set.halves_s ?? [],
        uneven: loweredOf(set).filter(isUneven).length,
        pain: set.pain ?? null,
        note: set.note ?? null,
        part_of: set.part_of ?? part_of,
        asked_reps: set.asked_reps ?? null,
        to_failure: set.to_failure ?? false,
        line: set.line ?? line,
        by,
        taught: null,
        pain_undone: false,
        corrected: set.replaces_id != null,
        damaged: false,
    };
}

/** When pain was told that the server does not know of yet: it can still be undone. */
const NOT_STORED = '9999-12-31T00:00:00Z';

const inOrder = (sets: FloorSet[]): FloorSet[] => sets.sort((a, b) => Date.parse(a.performed_at) - Date.parse(b.performed_at));

/** An athlete of the class as a command leaves them; the same command twice changes nothing more. */
export function withCommand<A extends Omit<Schemas['FloorAthlete'], 'sheet'>>(
    athlete: A,
    command: Command,
    by: string,
    on: string,
    stored: FloorSet | null = null,
): A {
    if ('set' in command) {
        const { set } = command;
        const before = athlete.sets.find((s) => s.id === set.replaces_id);
        const rest = athlete.sets.filter((s) => s.id !== set.id && s.id !== set.replaces_id);
        return {
            ...athlete,
            sets: inOrder([...rest, stored ?? asLogged(set, by, on, before)]),
            ...(set.pain && { paused: true, pain_source: { told_id: set.id, by, at: NOT_STORED } }),
        };
    }
    if ('taken_back' in command) {
        return {
            ...athlete,
            sets: athlete.sets.filter((s) => s.id !== command.taken_back.set_id),
            beside: athlete.beside.filter((b) => b.id !== command.taken_back.set_id),
        };
    }
    if ('beside' in command) {
        const { id, performed_at, accessory, reps = null, seconds = null, metres = null, load_kg = null } = command.beside;
        return {
            ...athlete,
            beside: [...athlete.beside.filter((b) => b.id !== id), { id, performed_at, accessory, by, reps, seconds, metres, load_kg }],
        };
    }
    if ('signal' in command) {
        const { gave_out, effort, soreness, wall_day, symptoms, takes_hold } = command.signal;
        return {
            ...athlete,
            gave_out: gave_out ?? athlete.gave_out,
            effort: effort ?? athlete.effort,
            soreness: soreness ?? athlete.soreness,
            took_hold: takes_hold ?? athlete.took_hold,
            wall_on: wall_day ? command.signal.on : athlete.wall_on,
            paused: athlete.paused || (symptoms ?? []).length > 0,
        };
    }
    if ('pain' in command) {
        return { ...athlete, paused: true, pain_source: { told_id: command.pain.id, by, at: NOT_STORED } };
    }
    if ('pain_undone' in command) {
        return athlete.pain_source?.told_id === command.pain_undone.told_id ? { ...athlete, paused: false, pain_source: null } : athlete;
    }
    if ('switch' in command) {
        const { line, rung_key } = command.switch;
        const others = Object.fromEntries(Object.entries(athlete.switched).filter(([of]) => of !== line));
        return { ...athlete, switched: rung_key === null ? others : { ...others, [line]: rung_key } };
    }
    return 'coming' in command ? { ...athlete, coming: command.coming.coming } : athlete;
}

const NO_SHEET: FloorAthlete['sheet'] = {
    lines: [],
    remarks: [],
    minutes: 0,
    concern: { kind: 'waits', text: 'Walked in. The session comes when the server answers.' },
    refused: null,
    lowerings: { today: 0, a_session: 0, this_week: 0, a_week: 0, full: null },
    stage: '',
};

const walkedIn = (one: Schemas['RosterName']): FloorAthlete => ({
    ...one,
    coming: true,
    walk_in: true,
    paused: false,
    pain_source: null,
    sheet: NO_SHEET,
    switched: {},
    sets: [],
    beside: [],
    gave_out: null,
    effort: null,
    soreness: null,
    took_hold: null,
    wall_on: null,
    trained_before_on: null,
});

/** The class as it is with what still waits on this device; what was refused is left out. */
export function withWaiting(day: Pick<Schemas['ClassDay'], 'class' | 'athletes' | 'roster'>, waiting: readonly Waiting[]): FloorAthlete[] {
    const ofClass = ({ command }: Waiting): boolean =>
        !('coming' in command) || (command.coming.class_id === day.class.id && command.coming.on === day.class.on);
    const good = waiting.filter((w) => w.problem === undefined && ofClass(w));
    const listed = new Set(day.athletes.map((a) => a.id));
    const fresh = day.roster.filter((one) => !listed.has(one.id) && good.some((w) => w.athleteId === one.id && 'coming' in w.command));
    return [...day.athletes.filter(hasSheet), ...fresh.map(walkedIn)].map((athlete) =>
        good
            .filter((w) => w.athleteId === athlete.id)
            .reduce((seen, w) => withCommand(seen, w.command, coachOf(w.owner), day.class.on), athlete),
    );
}

/** The gear of a class as it is with what is told of it. */
export function withGear(gear: readonly Schemas['FloorPiece'][], commands: readonly Command[]): Schemas['FloorPiece'][] {
    const told = new Map(commands.flatMap((command) => ('gear' in command ? [[command.gear.gear_id, command.gear.out] as const] : [])));
    return gear.map((piece) => ({ ...piece, out: told.get(piece.id) ?? piece.out }));
}

/** A timetable with the orders that wait on this device: their turns at the times they were told. */
export function withOrders(timetable: Schemas['Timetable'] | null, commands: readonly Command[]): Schemas['Timetable'] | null {
    const told = new Map(
        commands.flatMap((command) => ('order' in command ? command.order.turns : [])).map((t) => [`${t.athlete_id} ${t.line} ${t.n}`, t]),
    );
    return timetable && told.size > 0
        ? {
              ...timetable,
              turns: timetable.turns.map((t) => told.get(`${t.athlete_id} ${t.line} ${t.n}`) ?? t).sort((a, b) => a.at_s - b.at_s),
          }
        : timetable;
}
