import type { Schemas } from '../http';
import type { FloorAthlete, FloorSet } from './overlay';
import { FLOOR, placesKept, type Entry, type Place } from './stations';
import { aimOf, tileOf, type LineNow, type SheetLine, type SheetRung, type Tile } from './tile';

type Board = Schemas['Board'];
type Athlete = Schemas['BoardAthlete'];

/** A column of the board: on the floor there may be several, for there is room for many. */
export interface WallColumn {
    key: string;
    place: Place;
    now: Entry[];
    next: Entry | undefined;
}

/** So many names of the floor stand below one another. */
const FLOOR_NAMES = 3;

/** A place that nobody is at for so long yet is not shown. */
const SOON_MS = 5 * 60_000;

const rungOf = (rung: Schemas['BoardRung']): SheetRung => ({ ...rung, share: 0, prediction: null });

const lineOf = ({ begun_reps, ...line }: Schemas['BoardLine']): SheetLine => ({
    ...line,
    part: 'main',
    rung: line.rung && rungOf(line.rung),
    others: line.others.map(rungOf),
    begun: begun_reps > 0 ? { name: '', exercise: { setup: { kind: 'strict' } }, reps: begun_reps } : null,
    to_failure: false,
    short_below: null,
    more_help: null,
    tempo: null,
    set_s: 0,
    seconds: null,
    cues: [],
    cautions: [],
    remark: null,
    view: null,
});

const setOf = (set: Schemas['BoardSet']): FloorSet => ({
    ...set,
    trained_on: '',
    setup_name: null,
    carried_kg: null,
    carried_share: null,
    no_counts: {},
    faults: [],
    reserve: null,
    hang_s: null,
    splits_s: [],
    halves_s: [],
    uneven: 0,
    pain: null,
    note: null,
    asked_reps: null,
    to_failure: false,
    by: null,
    taught: null,
    pain_undone: false,
    corrected: false,
    damaged: false,
});

/** Somebody as the floor's own rules know them: what a board is not told is as if it were nothing. */
const athleteOf = ({ id, name, lines, switched, lowerings_left, sets, beside }: Athlete): FloorAthlete => ({
    id,
    name: name ?? '',
    kind: 'gym',
    coming: name !== null,
    walk_in: false,
    paused: false,
    pain_source: null,
    sheet: {
        lines: lines.map(lineOf),
        remarks: [],
        minutes: 0,
        concern: null,
        refused: null,
        lowerings: { today: lowerings_left, a_session: lowerings_left, this_week: 0, a_week: 0, full: null },
        stage: '',
    },
    switched,
    sets: sets.map(setOf),
    beside: beside.map((b, i) => ({ ...b, id: `${id} ${i}`, by: '', reps: null, seconds: null, metres: null, load_kg: null })),
    gave_out: null,
    effort: null,
    soreness: null,
    took_hold: null,
    wall_on: null,
    trained_before_on: null,
});

/** Puts the class down by station with the rules of the coach's own floor. */
export function wallKept(): (board: Board, nowMs: number) => WallColumn[] {
    const placed = placesKept();
    return ({ athletes, gear, turns, class: held }, nowMs) => {
        const tiles: Tile[] = athletes.map((a) => tileOf(athleteOf(a), nowMs));
        const timetable = turns && { ends_at: held.ends_at, fits: true, turns, collisions: [], cuts: [] };
        return placed(tiles, gear, timetable, Date.parse(held.starts_at), nowMs)
            .filter((place) => !place.isOut && (place.now.length > 0 || (place.queue[0]?.atMs ?? Infinity) < nowMs + SOON_MS))
            .flatMap(columnsOf);
    };
}

function columnsOf(place: Place): WallColumn[] {
    const next = place.queue[0];
    if (place.id !== FLOOR) {
        return [{ key: place.id, place, now: place.now, next }];
    }
    const columns: WallColumn[] = [];
    for (let i = 0; i < Math.max(1, place.now.length); i += FLOOR_NAMES) {
        const now = place.now.slice(i, i + FLOOR_NAMES);
        columns.push({ key: `${place.id} ${i}`, place, now, next: now.length < FLOOR_NAMES - 1 ? next : undefined });
    }
    return columns;
}

const UNIT = { reps: 'reps', total_reps: 'reps', seconds: 's', metres: 'm' } as const;

/** How many are asked, and what of. */
export function askedOf({ line, tile, isNext }: { line: LineNow; tile: Tile; isNext: boolean }): { figure: string; unit: string } {
    const { begun, per_side, amount } = line.line;
    const asked = isNext && line === tile.now ? tile.aim : aimOf(line);
    const unit = line.way === 'lowering' ? 'lowerings' : UNIT[amount.measure];
    return { figure: begun ? `${begun.reps} + ${asked}` : String(asked), unit: per_side ? `${unit} a side` : unit };
}
