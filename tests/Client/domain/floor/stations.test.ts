import { expect, it } from 'vitest';
import { changeoverWords } from '../../../../client/domain/floor/changeover';
import { placesKept, type Entry, type Place } from '../../../../client/domain/floor/stations';
import { tileOf } from '../../../../client/domain/floor/tile';
import { athlete, done, gear, heronRung, line, lowering, plank, rookRung, timetable } from '../../support/floor';

const now = Date.parse('2026-03-20T12:00:00Z');
const starts = Date.parse('2026-03-20T11:30:00Z');
const ago = (s: number): string => new Date(now - s * 1000).toISOString();
const onBands = (bands: string[], attach: 'foot' | 'knee' = 'foot') => ({
    setup: { kind: 'band' as const, bar_id: 'b', attach, band_ids: bands },
});
const heronFoot = { ...heronRung, exercise: onBands(['h']) };
const rookFoot = { ...rookRung, exercise: onBands(['r']) };
/** On a rung; where some rest is left, with one set done. */
const on = (name: string, rung: typeof heronRung, restLeftS: number | null) =>
    tileOf(
        athlete(name, [line({ rung, others: [] })], {
            sets: restLeftS === null ? [] : [done(8, ago(120 - restLeftS), { exercise: rung.exercise })],
        }),
        now,
    );
const who = (entries: readonly Entry[]): string[] => entries.map((e) => `${e.tile.athlete.id} ${e.n}`);
const at = (places: readonly Place[], name: string): Place => places.find((p) => p.name === name)!;

it('lets one up at a station, the first that was told, and the others wait in their order', () => {
    const tiles = [on('Ada', heronFoot, null), on('Bo', heronFoot, null), on('Cy', heronFoot, 30)];
    const told = timetable([
        ['bo', 'main:bands', 1, 1790, 'b'],
        ['cy', 'main:bands', 2, 1830, 'b'],
        ['ada', 'main:bands', 1, 1890, 'b'],
        ['bo', 'main:bands', 2, 1990, 'b'],
    ]);
    const beam = at(placesKept()(tiles, gear, told, starts, now), 'Beam bar');
    expect([who(beam.now), who(beam.queue)]).toEqual([['bo 1'], ['cy 2', 'ada 1', 'bo 2']]);
});

it('lets the next rested one up where the first is not there in time, and leaves them there until their set is logged', () => {
    const told = timetable([
        ['ada', 'main:bands', 2, 1700, 'b'],
        ['bo', 'main:bands', 1, 1760, 'b'],
    ]);
    const places = placesKept();
    const resting = on('Ada', heronFoot, 40);
    expect(who(at(places([resting, on('Bo', heronFoot, null)], gear, told, starts, now), 'Beam bar').now)).toEqual(['bo 1']);
    const rested = on('Ada', heronFoot, 0);
    expect(who(at(places([rested, on('Bo', heronFoot, null)], gear, told, starts, now), 'Beam bar').now)).toEqual(['bo 1']);
    expect(who(at(placesKept()([rested, on('Bo', heronFoot, null)], gear, told, starts, now), 'Beam bar').now)).toEqual(['ada 2']);
    const logged = on('Bo', heronFoot, 120);
    expect(who(at(places([rested, logged], gear, told, starts, now), 'Beam bar').now)).toEqual(['ada 2']);
});

it('does not let up before their time who is not the first, nor anybody without the band that another bar has', () => {
    const later = timetable([
        ['ada', 'main:bands', 2, 1830, 'b'],
        ['bo', 'main:bands', 1, 1890, 'b'],
    ]);
    expect(at(placesKept()([on('Ada', heronFoot, 30), on('Bo', heronFoot, null)], gear, later, starts, now), 'Beam bar').now).toEqual([]);
    const loft = { ...heronFoot, station: 'l', exercise: { setup: { ...heronFoot.exercise.setup, bar_id: 'l' } } };
    const both = timetable([
        ['ada', 'main:bands', 1, 1780, 'b'],
        ['bo', 'main:bands', 1, 1790, 'l'],
    ]);
    const places = placesKept()([on('Ada', heronFoot, null), on('Bo', loft, null)], gear, both, starts, now);
    expect([who(at(places, 'Beam bar').now), who(at(places, 'Loft bar').now), who(at(places, 'Loft bar').queue)]).toEqual([
        ['ada 1'],
        [],
        ['bo 1'],
    ]);
});

it('goes by rests alone where no timetable was told; any bar where none was, and the floor has room for all', () => {
    const tiles = [tileOf(athlete('Di', [lowering]), now), tileOf(athlete('Ed', [plank]), now), tileOf(athlete('Flo', [plank]), now)];
    const places = placesKept()([...tiles, on('Ada', heronFoot, 60), on('Bo', heronFoot, 20)], gear, null, starts, now);
    expect(who(at(places, 'Any bar').now)).toEqual(['di 1']);
    expect(who(at(places, 'Floor').now)).toEqual(['ed 1', 'flo 1']);
    expect(who(at(places, 'Beam bar').queue)).toEqual(['bo 2', 'ada 2']);
    const sent = placesKept()([tiles[0]!], gear, timetable([['di', 'main:lowering', 1, 1800, 'l']]), starts, now);
    expect(who(at(sent, 'Loft bar').now)).toEqual(['di 1']);
});

it('says what comes off, goes up and is moved, by what was logged there last', () => {
    const words = (...tiles: ReturnType<typeof on>[]) => {
        const beam = at(placesKept()(tiles, gear, null, starts, now), 'Beam bar');
        return [changeoverWords(beam.before), changeoverWords(beam.then)];
    };
    expect(words(on('Ada', heronFoot, null), on('Bo', rookFoot, 70))).toEqual([
        'Take off Rook 32 mm · Hang up Heron 44 mm, foot',
        'Take off Heron 44 mm · Hang up Rook 32 mm, foot',
    ]);
    expect(words(on('Ada', heronFoot, 0), on('Bo', rookFoot, 60))).toEqual([
        'Take off Rook 32 mm · Hang up Heron 44 mm, foot',
        'Take off Heron 44 mm · Hang up Rook 32 mm, foot',
    ]);
    const knee = { ...heronRung, exercise: onBands(['h'], 'knee') };
    expect(words(on('Ada', heronFoot, 10), on('Bo', knee, 60))).toEqual(['', 'Set Heron 44 mm to the foot']);
    expect(words(on('Ada', knee, 10), on('Bo', heronFoot, 60))).toEqual(['', 'Set Heron 44 mm to the knee']);
});

it('leaves a band hanging while somebody pulls without one, and sets marks, straps, boxes and pins', () => {
    const strict = { ...heronRung, station: 'b', bands: [], exercise: { setup: { kind: 'strict' as const } } };
    const beam = at(placesKept()([on('Ada', heronFoot, 100), on('Bo', strict, null)], gear, null, starts, now), 'Beam bar');
    expect([changeoverWords(beam.before), changeoverWords(beam.then)]).toEqual(['', '']);

    const rings = [
        ...gear,
        { id: 'n', name: 'North rings', kind: 'rings' as const, out: false },
        { id: 'x', name: 'Low box', kind: 'box' as const, out: false },
    ];
    const row = (mark: number, strap: number, box?: string) => ({
        ...heronRung,
        station: 'n',
        bands: [],
        exercise: { setup: { kind: 'row' as const, ring_id: 'n', strap_m: strap, heel_mark_m: mark, ...(box && { box_id: box }) } },
    });
    const north = at(
        placesKept()([on('Ada', row(-0.6, 1.6), null), on('Bo', row(0.15, 1.9, 'x'), 40)], rings, null, starts, now),
        'North rings',
    );
    expect([changeoverWords(north.before), changeoverWords(north.then)]).toEqual([
        'Set strap 160 cm and mark −60 cm',
        'Set Low box and strap 190 cm and mark 15 cm',
    ]);
});

it('shows a bar that is out of use, lets nobody up on it, and leaves out what nobody needs', () => {
    const broken = gear.map((g) => (g.id === 'b' ? { ...g, out: true } : g));
    const places = placesKept()([on('Ada', heronFoot, null)], broken, null, starts, now);
    expect(places.map((p) => [p.name, p.isOut, who(p.now), who(p.queue)])).toEqual([['Beam bar', true, [], ['ada 1']]]);
});
