import { expect, it } from 'vitest';
import { collisionsOf } from '../../../../client/domain/floor/collisions';
import { tileOf } from '../../../../client/domain/floor/tile';
import type { Schemas } from '../../../../client/domain/http';
import { athlete, gear, heronRung, line, rookRung, timetable } from '../../support/floor';

const starts = Date.parse('2026-03-20T11:30:00Z');
const now = Date.parse('2026-03-20T12:00:00Z');
const tiles = [tileOf(athlete('Ada'), now), tileOf(athlete('Bo', [line({ others: [rookRung] })]), now)];
const turn = (athlete_id: string, at_s: number, station: string) => ({ athlete_id, line: 'main:bands', n: 1, at_s, station });
const way = (kind: Schemas['WayOut']['kind'], changes: Partial<Schemas['WayOut']> = {}): Schemas['WayOut'] => ({
    kind,
    goes_first: 'ada',
    switches: null,
    rung_key: null,
    waits_s: 62,
    others_moved: 0,
    later_s: 0,
    ...changes,
});
const told = (ways: Schemas['WayOut'][]) =>
    timetable([], { collisions: [{ piece: 'h', at_s: 1860, first: turn('ada', 1860, 'b'), second: turn('bo', 1920, 'l'), ways }] });

it('says in one sentence who needs what when, and what each way costs', () => {
    const [one] = collisionsOf(
        told([
            way('keep'),
            way('swap', { goes_first: 'bo', waits_s: 20, others_moved: 2, later_s: 90 }),
            way('switch', { switches: 'bo', rung_key: rookRung.key, waits_s: 0, others_moved: 1, later_s: -60 }),
        ]),
        tiles,
        gear,
        starts,
    );
    expect([one!.what, one!.atMs - starts]).toEqual(['Ada and Bo both need Heron 44 mm', 1_860_000]);
    expect(one!.ways.map((w) => w.words)).toEqual([
        'Ada first: Bo waits 1 min, nobody else moves',
        'Bo first: Ada waits 20 s, 2 more move, all done 2 min later',
        `Bo on ${rookRung.name}: Bo does not wait, 1 more moves, all done 1 min sooner`,
    ]);
    expect(one!.ways.map((w) => [w.isAsTold, w.order?.first.athlete_id, w.instead?.rung.key])).toEqual([
        [true, undefined, undefined],
        [false, 'bo', undefined],
        [false, undefined, rookRung.key],
    ]);
});

it('is silent once one of the two has done the set or is gone, and of a set-up that is not offered here', () => {
    expect(collisionsOf(told([way('keep')]), [tiles[0]!], gear, starts)).toEqual([]);
    expect(collisionsOf(null, tiles, gear, starts)).toEqual([]);
    const [one] = collisionsOf(told([way('keep'), way('switch', { switches: 'bo', rung_key: 'gone' })]), tiles, gear, starts);
    expect(one!.ways).toHaveLength(1);
    const done = tileOf(athlete('Ada', [line({ rung: heronRung, sets: 0 })]), now);
    expect(collisionsOf(told([way('keep')]), [done, tiles[1]!], gear, starts)).toEqual([]);
});
