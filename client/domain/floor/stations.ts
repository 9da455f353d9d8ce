import type { Schemas } from '../http';
import { changeover, type Changeover } from './changeover';
import type { FloorSet } from './overlay';
import type { LineNow, Tile } from './tile';

type Piece = Schemas['FloorPiece'];
type Timetable = Schemas['Timetable'];
type Choice = Schemas['Choice'];

/** Somebody's set at a station, as it was told or, where it was not, when they are rested. */
export interface Entry {
    key: string;
    tile: Tile;
    line: LineNow;
    /** Which set of the line. */
    n: number;
    station: string;
    atMs: number;
    /** Whether it is what they do next. */
    isNext: boolean;
}

export interface Place {
    id: string;
    name: string;
    isOut: boolean;
    /** Who is up; on the floor there is room for all. */
    now: Entry[];
    /** What must be done before whoever is up can begin, and then before the next. */
    before: Changeover;
    then: Changeover;
    queue: Entry[];
}

/** Where there is room for everybody. */
export const FLOOR = 'floor';

/** Where any bar will do and none was told. */
export const ANYWHERE = 'anywhere';

/** Whether somebody stands or hangs at it. */
export const isStation = ({ kind }: Piece): boolean => kind === 'bar' || kind === 'rings' || kind === 'machine';

const isOnFloor = ({ turn, now }: Tile): boolean => now !== undefined && (turn === 'up' || turn === 'rest');
const gearOf = ({ line }: Entry): string[] => {
    const setup = line.rung?.exercise.setup;
    return [...(line.rung?.bands ?? []), ...(setup?.box_id ? [setup.box_id] : [])];
};
const stationOf = ({ exercise }: FloorSet): string | null | undefined =>
    exercise?.setup.bar_id ?? exercise?.setup.ring_id ?? exercise?.setup.machine_id;

/** What is done there; the name of the place itself stands above. */
export const whatWords = ({ line }: Entry, place: { name: string }): string =>
    (line.rung?.name ?? line.line.name).replace(`, ${place.name}`, '').replace(`${place.name}, `, '');

export const setWords = ({ line, n }: Entry): string => (line.line.sets > 1 ? `set ${n} of ${line.line.sets}` : 'one set');

/** What is left of one athlete's session, in the order that was told; what comes next is always there. */
function entriesOf(tile: Tile, told: readonly Schemas['Turn'][], startsMs: number, nowMs: number): Entry[] {
    const entry = (line: LineNow, n: number, turn: Schemas['Turn'] | undefined, isNext: boolean): Entry => ({
        key: `${tile.athlete.id} ${line.line.line} ${n}`,
        tile,
        line,
        n,
        station: line.rung === null ? FLOOR : (line.rung.station ?? turn?.station ?? ANYWHERE),
        atMs: turn === undefined ? Math.max(tile.restEndsAt ?? nowMs, nowMs) : startsMs + turn.at_s * 1000,
        isNext,
    });
    const now = tile.now!;
    const left = told.flatMap((turn) => {
        const line = tile.lines.find((l) => l.line.line === turn.line);
        return line !== undefined && turn.n > line.done && line.left > 0 ? [{ line, turn }] : [];
    });
    const next = left.find(({ line, turn }) => line === now && turn.n === now.done + 1);
    const others = left.filter((one) => one !== next).map(({ line, turn }) => entry(line, turn.n, turn, false));
    return [entry(now, now.done + 1, next?.turn, true), ...others];
}

/**
 * Stations with who is up on each, who follows, and what is changed in between. One person is up at a station and one on a band, and whoever is
 * up stays so until their set is logged: the order is the told one, and the next rested one goes where the first is not there yet.
 */
export function placesKept(): (
    tiles: readonly Tile[],
    gear: readonly Piece[],
    timetable: Timetable | null,
    startsMs: number,
    nowMs: number,
) => Place[] {
    let up = new Set<string>();
    return (tiles, gear, timetable, startsMs, nowMs) => {
        const names = new Map(gear.map((g) => [g.id, g.name]));
        const out = new Set(gear.filter((g) => g.out).map((g) => g.id));
        const entries = tiles
            .filter(isOnFloor)
            .flatMap((t) => entriesOf(t, timetable?.turns.filter((turn) => turn.athlete_id === t.athlete.id) ?? [], startsMs, nowMs))
            .sort((a, b) => a.atMs - b.atMs || Number(b.isNext) - Number(a.isNext));
        const taken = new Set<string>();
        const now = new Set<string>();
        const isHead = (entry: Entry): boolean => entries.find((e) => e.station === entry.station) === entry;
        const claim = (entry: Entry): void => {
            const needs = [...(entry.station === FLOOR ? [] : [entry.station]), ...gearOf(entry)];
            if (!needs.some((id) => taken.has(id) || out.has(id))) {
                needs.forEach((id) => taken.add(id));
                now.add(entry.key);
            }
        };
        const rested = entries.filter((e) => e.isNext && e.tile.turn === 'up');
        rested.filter((e) => up.has(e.key)).forEach(claim);
        rested.filter((e) => !now.has(e.key) && (e.atMs <= nowMs || isHead(e))).forEach(claim);
        up = now;

        const hanging = new Hanging();
        tiles
            .flatMap((t) => t.athlete.sets)
            .sort((one, other) => Date.parse(one.performed_at) - Date.parse(other.performed_at))
            .forEach((set) => hanging.put(stationOf(set) ?? ANYWHERE, set.exercise?.setup));
        const after = hanging.copy();
        entries.filter((e) => now.has(e.key) && e.station !== FLOOR).forEach((e) => after.put(e.station, setupOf(e)));
        const stations = [
            ...gear.filter(isStation).map((s) => ({ id: s.id, name: s.name, isOut: s.out })),
            { id: ANYWHERE, name: 'Any bar', isOut: false },
            { id: FLOOR, name: 'Floor', isOut: false },
        ];
        return stations
            .map((station): Place => {
                const here = entries.filter((e) => e.station === station.id);
                const onNow = here.filter((e) => now.has(e.key));
                const queue = here.filter((e) => !now.has(e.key));
                const [first, next] = station.id === FLOOR ? [] : [onNow[0], queue[0]];
                const gone = new Set(entries.filter((e) => now.has(e.key) && e.station !== station.id).flatMap(gearOf));
                const from = (of: Hanging) => (band: string) => {
                    const other = of.stationOf(band);
                    return other === undefined || other === station.id ? undefined : names.get(other);
                };
                return {
                    ...station,
                    now: onNow,
                    before: changeover(hanging.standing(station.id, gone), first && setupOf(first), names, from(hanging)),
                    then: changeover(after.standing(station.id), next && setupOf(next), names, from(after)),
                    queue,
                };
            })
            .filter((place) => place.isOut || place.now.length + place.queue.length > 0);
    };
}

const setupOf = ({ line }: Entry): Choice | undefined => line.rung?.exercise.setup;

/** A set-up put up over another: what it does not touch still stands. */
const over = (under: Choice | undefined, choice: Choice | undefined): Choice | undefined =>
    choice === undefined
        ? under
        : choice.band_ids
          ? choice
          : { ...choice, ...(under?.band_ids && { band_ids: under.band_ids, attach: under.attach, knee_band_id: under.knee_band_id }) };

/** Where each band hangs: what was put up at a station took down what hung there, and came from wherever it was. */
class Hanging {
    private readonly at = new Map<string, string>();
    private readonly setups = new Map<string, Choice>();

    copy(): Hanging {
        const copy = new Hanging();
        this.at.forEach((station, band) => copy.at.set(band, station));
        this.setups.forEach((choice, station) => copy.setups.set(station, choice));
        return copy;
    }

    put(station: string, choice: Choice | undefined): void {
        const bands = choice?.band_ids ?? [];
        if (bands.length > 0) {
            this.bandsAt(station).forEach((band) => this.at.delete(band));
            bands.forEach((band) => this.at.set(band, station));
        }
        const stands = over(this.setups.get(station), choice);
        if (stands !== undefined) {
            this.setups.set(station, stands);
        }
    }

    /** As it stands there now, without bands that went elsewhere since. */
    standing(station: string, gone: ReadonlySet<string> = new Set()): Choice | undefined {
        const choice = this.setups.get(station);
        return choice?.band_ids ? { ...choice, band_ids: this.bandsAt(station).filter((band) => !gone.has(band)) } : choice;
    }

    /** The station that a band is fetched from. */
    stationOf = (band: string): string | undefined => this.at.get(band);

    private bandsAt = (station: string): string[] => [...this.at].filter(([, where]) => where === station).map(([band]) => band);
}
