import type { Schemas } from '../http';
import { calledName, type SheetRung, type Tile } from './tile';

type WayOut = Schemas['WayOut'];
type Turn = Schemas['Turn'];

/** Two who will need one thing at the same time, in a sentence, with the ways out. */
export interface Collision {
    key: string;
    /** "Isaura and Bastian both need Swan 83 mm" */
    what: string;
    atMs: number;
    who: readonly [Tile, Tile];
    ways: readonly Way[];
}

export interface Way {
    key: string;
    /** "Bastian first: Isaura waits 1 min, nobody else moves" */
    words: string;
    /** Nothing is done by leaving the order as it is. */
    isAsTold: boolean;
    /** Who goes first in the place of the other. */
    order?: { first: Turn; before: Turn };
    instead?: { tile: Tile; rung: SheetRung };
}

const minutes = (s: number): string => (s < 45 ? `${Math.round(s / 5) * 5} s` : `${Math.round(s / 60)} min`);

function costWords(way: WayOut, second: string): string {
    const waits = way.waits_s < 5 ? `${second} does not wait` : `${second} waits ${minutes(way.waits_s)}`;
    const others = way.others_moved === 0 ? 'nobody else moves' : `${way.others_moved} more ${way.others_moved === 1 ? 'moves' : 'move'}`;
    const later =
        way.later_s >= 30
            ? `, all done ${minutes(way.later_s)} later`
            : way.later_s <= -30
              ? `, all done ${minutes(-way.later_s)} sooner`
              : '';
    return `${waits}, ${others}${later}`;
}

/** As they were worked out with the last news of the class; whoever is done or away since is left out. */
export function collisionsOf(
    timetable: Schemas['Timetable'] | null,
    tiles: readonly Tile[],
    gear: readonly Schemas['FloorPiece'][],
    startsMs: number,
): Collision[] {
    const tileOf = (turn: Turn): Tile | undefined =>
        tiles.find((t) => t.athlete.id === turn.athlete_id && t.now?.line.line === turn.line && t.now.done + 1 === turn.n);
    return (timetable?.collisions ?? []).flatMap(({ piece, at_s, first, second, ways }): Collision[] => {
        const [a, b] = [tileOf(first), tileOf(second)];
        if (!a || !b) {
            return [];
        }
        const name = gear.find((g) => g.id === piece)?.name ?? 'one piece';
        return [
            {
                key: `${piece} ${second.athlete_id} ${second.line} ${second.n}`,
                what: `${calledName(a)} and ${calledName(b)} both need ${name}`,
                atMs: startsMs + at_s * 1000,
                who: [a, b],
                ways: ways.flatMap((way) => wayOf(way, a, b, first, second)),
            },
        ];
    });
}

function wayOf(way: WayOut, a: Tile, b: Tile, first: Turn, second: Turn): Way[] {
    const [leads, follows] = way.goes_first === a.athlete.id ? [a, b] : [b, a];
    if (way.kind === 'switch') {
        const tile = way.switches === a.athlete.id ? a : b;
        const rung = [...(tile.now?.line.others ?? []), tile.now?.line.rung].find((r) => r?.key === way.rung_key);
        return rung
            ? [
                  {
                      key: `switch ${rung.key}`,
                      words: `${calledName(tile)} on ${rung.name}: ${costWords(way, calledName(b))}`,
                      isAsTold: false,
                      instead: { tile, rung },
                  },
              ]
            : [];
    }
    return [
        {
            key: way.kind,
            words: `${calledName(leads)} first: ${costWords(way, calledName(follows))}`,
            isAsTold: way.kind === 'keep',
            ...(way.kind === 'swap' && { order: { first: second, before: first } }),
        },
    ];
}
