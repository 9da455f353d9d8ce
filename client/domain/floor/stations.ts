import type { Schemas } from '../http';
import type { FloorSet } from './overlay';
import type { LineNow, Tile } from './tile';

type Piece = Schemas['FloorPiece'];

export interface Place {
    id: string;
    name: string;
    isOut: boolean;
    /** Whose turn it is here. */
    on: Tile[];
    /** Whose line needs it, the one whose rest ends first in front. */
    next: Tile[];
    /** What hangs there now has to come off, and what has to go on, before the next one. */
    hitch: { off: string[]; on: string[] };
}

export interface Clash {
    band: string;
    name: string;
    who: readonly [Tile, Tile];
    /** Seconds between the two. */
    apartS: number;
}

/** Where any bar will do. */
export const ANYWHERE = 'anywhere';

/** Two who want one band within so long want it at once. */
const CLASH_S = 45;

/** Whether somebody stands or hangs at it. */
export const isStation = ({ kind }: Piece): boolean => kind === 'bar' || kind === 'rings' || kind === 'machine';

const readyAt = (tile: Tile, nowMs: number): number => Math.max(tile.restEndsAt ?? nowMs, nowMs);
const isOnFloor = ({ turn, now }: Tile): boolean => now !== undefined && (turn === 'up' || turn === 'rest');
const byReady = (nowMs: number) => (a: Tile, b: Tile) => readyAt(a, nowMs) - readyAt(b, nowMs);
const bandsOf = (line: LineNow | undefined): readonly string[] => line?.rung?.bands ?? [];

const stationOf = ({ exercise }: FloorSet): string | null | undefined =>
    exercise?.setup.bar_id ?? exercise?.setup.ring_id ?? exercise?.setup.machine_id;
/** What the last set there was done on, and what still hangs. */
const hungOn = (set: FloorSet | undefined): readonly string[] => set?.exercise?.setup.band_ids ?? [];

/** Bars, rings and machines with who is on them, who is next, and what must be hitched anew between the two. */
export function placesOf(tiles: readonly Tile[], gear: readonly Piece[], nowMs: number): Place[] {
    const names = new Map(gear.map((g) => [g.id, g.name]));
    const named = (ids: readonly string[]): string[] => ids.map((id) => names.get(id) ?? 'a band');
    const busy = tiles.filter((t) => isOnFloor(t) && t.now?.rung).sort(byReady(nowMs));
    const sets = tiles.flatMap((t) => t.athlete.sets).sort((a, b) => Date.parse(b.performed_at) - Date.parse(a.performed_at));
    const stations = gear.filter(isStation);
    return [...stations.map((s) => ({ id: s.id, name: s.name, isOut: s.out })), { id: ANYWHERE, name: 'Any bar', isOut: false }]
        .map((station) => {
            const here = busy.filter((t) => (t.now?.rung?.station ?? ANYWHERE) === station.id);
            const on = here.filter((t) => t.turn === 'up');
            const next = here.filter((t) => t.turn === 'rest');
            const follows = here[on.length > 0 ? 1 : 0];
            const hangs = on[0] ? bandsOf(on[0].now) : hungOn(sets.find((s) => stationOf(s) === station.id));
            const wanted = bandsOf(follows?.now);
            const hitch = follows
                ? { off: named(hangs.filter((b) => !wanted.includes(b))), on: named(wanted.filter((b) => !hangs.includes(b))) }
                : { off: [], on: [] };
            return { ...station, on, next, hitch };
        })
        .filter((place) => place.isOut || place.on.length + place.next.length > 0);
}

/** Bands that two need at once on different stations, told before it happens. */
export function clashesOf(tiles: readonly Tile[], gear: readonly Piece[], nowMs: number): Clash[] {
    const busy = tiles.filter(isOnFloor).sort(byReady(nowMs));
    const bands = new Set(busy.flatMap((t) => bandsOf(t.now)));
    return [...bands].flatMap((band) => {
        const users = busy.filter((t) => bandsOf(t.now).includes(band));
        const name = gear.find((g) => g.id === band)?.name ?? 'A band';
        return users.slice(1).flatMap((second, i): Clash[] => {
            const first = users[i]!;
            const apartS = Math.round((readyAt(second, nowMs) - readyAt(first, nowMs)) / 1000);
            const isShared = first.now?.rung?.station === second.now?.rung?.station;
            return apartS < CLASH_S && !isShared ? [{ band, name, who: [first, second], apartS }] : [];
        });
    });
}
