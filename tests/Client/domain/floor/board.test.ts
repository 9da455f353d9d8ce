import { expect, it } from 'vitest';
import { askedOf, wallKept, type WallColumn } from '../../../../client/domain/floor/board';
import { placesKept, type Place } from '../../../../client/domain/floor/stations';
import { tileOf } from '../../../../client/domain/floor/tile';
import { boardOf } from '../../support/board';
import { athlete, classDay, done, heronRung, hang, line, lowering, plank, rookRung, timetable } from '../../support/floor';

const NOON = Date.parse('2026-03-20T12:00:00Z');
const START = Date.parse('2026-03-20T11:30:00Z');
const who = (columns: WallColumn[]) =>
    columns.map(({ place, now, next }) => [place.name, now.map((e) => e.tile.athlete.name), next?.tile.athlete.name]);

it('says what the coach’s own floor says, of who is up, who is next and what is changed', () => {
    const atLoft = line({ rung: { ...rookRung, station: 'l' }, others: [heronRung] });
    const day = classDay(
        [
            athlete('Ada', [line(), plank]),
            athlete('Bo', [line({ rung: rookRung, others: [heronRung] })], {
                sets: [done(8, '2026-03-20T11:59:30Z', { exercise: rookRung.exercise })],
            }),
            athlete('Cy', [atLoft]),
            athlete('Di', [line()], { coming: false, sets: [done(8, '2026-03-20T11:50:00Z', { exercise: heronRung.exercise })] }),
        ],
        { timetable: timetable([['bo', 'main:bands', 2, 1900, 'b']]) },
    );
    const told = (p: Place) => [p.name, p.now.map((e) => e.key), p.queue.map((e) => e.key), p.before, p.then];
    const coachs = placesKept()(
        day.athletes.map((a) => tileOf({ ...a, sheet: a.sheet! }, NOON)),
        day.gear,
        day.timetable,
        START,
        NOON,
    );
    const columns = wallKept()(boardOf(day), NOON);
    expect(columns.map(({ place }) => told(place))).toEqual(coachs.map(told));
    expect(who(columns)).toEqual([
        ['Beam bar', ['Ada'], 'Bo'],
        ['Loft bar', ['Cy'], undefined],
    ]);
});

it('puts three names of the floor in a column, and leaves out where nobody is for a while', () => {
    const names = ['Ada', 'Bo', 'Cy', 'Di'];
    const onFloor = classDay(names.map((n) => athlete(n, [plank])));
    expect(who(wallKept()(boardOf(onFloor), NOON))).toEqual([
        ['Floor', ['Ada', 'Bo', 'Cy'], undefined],
        ['Floor', ['Di'], undefined],
    ]);
    const rests = (minutes: number) =>
        classDay([athlete('Ada', [line({ rest_s: 60 * minutes })], { sets: [done(8, '2026-03-20T12:00:00Z')] })]);
    expect([4, 6].map((minutes) => who(wallKept()(boardOf(rests(minutes)), NOON)).length)).toEqual([1, 0]);
});

it('says how many of what', () => {
    const mixed = line({ begun: { name: 'Unassisted', exercise: { setup: { kind: 'strict' } }, reps: 2 }, aim: 6 });
    const lines = [line(), mixed, { ...plank, per_side: true }, lowering, hang];
    const asked = lines.map((one) => {
        const columns = wallKept()(boardOf(classDay([athlete('Ada', [one])])), NOON);
        return Object.values(askedOf(columns[0]!.now[0]!)).join(' ');
    });
    expect(asked).toEqual(['8 reps', '2 + 6 reps', '40 s a side', '5 lowerings', '20 s']);
});
