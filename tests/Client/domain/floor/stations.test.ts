import { expect, it } from 'vitest';
import { clashesOf, placesOf } from '../../../../client/domain/floor/stations';
import { tileOf } from '../../../../client/domain/floor/tile';
import { athlete, done, gear, heronRung, line, lowering, rookRung } from '../../support/floor';

const now = Date.parse('2026-03-20T12:00:00Z');
const ago = (s: number): string => new Date(now - s * 1000).toISOString();
const on = (name: string, rung: typeof heronRung, restLeftS: number | null) =>
    tileOf(athlete(name, [line({ rung })], { sets: restLeftS === null ? [] : [done(8, ago(120 - restLeftS))] }), now);

it('says who is on a bar, who is next by the rest that ends first, and what is hitched in between', () => {
    const tiles = [on('Ada', heronRung, null), on('Bo', rookRung, 70), on('Cy', heronRung, 30), tileOf(athlete('Di', [lowering]), now)];
    const [beam, anywhere] = placesOf(tiles, gear, now);
    expect(beam).toMatchObject({ name: 'Beam bar', hitch: { off: [], on: [] } });
    expect([beam!.on, beam!.next].map((who) => who.map((t) => t.athlete.id))).toEqual([['ada'], ['cy', 'bo']]);
    expect(anywhere).toMatchObject({ name: 'Any bar', on: [{ athlete: { id: 'di' } }] });

    expect(placesOf([on('Ada', heronRung, null), on('Bo', rookRung, 70)], gear, now)[0]!.hitch).toEqual({
        off: ['Heron 44 mm'],
        on: ['Rook 32 mm'],
    });
});

it('says what hangs since the last set where nobody is up, and what the next one needs', () => {
    const jay = { ...heronRung, key: 'jay', bands: ['h', 'r'] };
    const onBeam = (bands: string[], s: number) =>
        done(8, ago(s), { exercise: { setup: { kind: 'band', bar_id: 'b', attach: 'foot', band_ids: bands } } });
    const resting = (name: string, rung: typeof heronRung, set: ReturnType<typeof onBeam>) =>
        tileOf(athlete(name, [line({ rung })], { sets: [set] }), now);
    const tiles = [resting('Ada', rookRung, onBeam(['r'], 30)), resting('Bo', jay, onBeam(['r'], 60))];
    expect(placesOf(tiles, gear, now)[0]).toMatchObject({
        on: [],
        next: [{ athlete: { id: 'bo' } }, { athlete: { id: 'ada' } }],
        hitch: { off: [], on: ['Heron 44 mm'] },
    });
});

it('shows a bar that is out of use, and none that nobody needs', () => {
    const broken = gear.map((g) => (g.id === 'l' ? { ...g, out: true } : g));
    expect(placesOf([], broken, now).map((p) => [p.name, p.isOut])).toEqual([['Loft bar', true]]);
});

it('tells of two who want one band on two bars before it happens, not of two who take turns', () => {
    const loft = { ...heronRung, key: 'loft', station: 'l' };
    const clash = (restLeftS: number | null, rung: typeof heronRung = loft) =>
        clashesOf([on('Ada', heronRung, 10), on('Bo', rung, restLeftS)], gear, now).map((c) => [
            c.name,
            c.who.map((t) => t.athlete.id),
            c.apartS,
        ]);
    expect(clash(30)).toEqual([['Heron 44 mm', ['ada', 'bo'], 20]]);
    expect(clash(null)).toEqual([['Heron 44 mm', ['bo', 'ada'], 10]]);
    expect(clash(90)).toEqual([]);
    expect(clash(30, heronRung)).toEqual([]);
});
