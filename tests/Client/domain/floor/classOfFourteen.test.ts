import { expect, it } from 'vitest';
import { placesKept, FLOOR, type Entry, type Place } from '../../../../client/domain/floor/stations';
import { tileOf } from '../../../../client/domain/floor/tile';
import type { Schemas } from '../../../../client/domain/http';
import { athlete, done, line, plank, timetable } from '../../support/floor';

type Athlete = ReturnType<typeof athlete>;

const START = Date.parse('2026-03-20T11:30:00Z');
const BARS = ['sluice', 'beam', 'loft'];
const SHARED = ['swan', 'jay'];
const STEP_S = 5;
const MOST_S = 3 * 3600;

/** Fourteen at three bars; the bands of two bars are the same two, so each is wanted on two bars. */
const bandOf = (i: number): string => (i % 3 === 2 ? 'rook' : SHARED[i % 2]!);
const rung = (i: number, band: string) => ({
    ...line().rung!,
    key: `${band} ${i % 3}`,
    name: `${band}, foot`,
    station: BARS[i % 3]!,
    bands: [band],
    exercise: { setup: { kind: 'band' as const, bar_id: BARS[i % 3]!, attach: 'foot' as const, band_ids: [band] } },
});
const names = Array.from({ length: 14 }, (_, i) => `A${i}`);
const gearOf = (out: readonly string[]): Schemas['FloorPiece'][] =>
    [...BARS.map((id) => ({ id, kind: 'bar' as const })), ...[...SHARED, 'rook'].map((id) => ({ id, kind: 'band' as const }))].map((g) => ({
        ...g,
        name: g.id,
        out: out.includes(g.id),
    }));

/** What was told at the beginning; no server answers afterwards, so the order is all the device has. */
const told = timetable(
    names.flatMap((name, i) =>
        [1, 2, 3].map((n) => [name.toLowerCase(), 'main:bands', n, 60 * Math.floor(i / 3) + 300 * (n - 1), BARS[i % 3]!] as const),
    ),
);

/** What hangs on each bar when the coach does what the lines say and nothing else. */
class Hung {
    private readonly on = new Map<string, Set<string>>(BARS.map((bar) => [bar, new Set()]));

    follow(place: Place): void {
        const here = this.on.get(place.id)!;
        for (const name of place.before.off) {
            expect(here.delete(name), `${name} hangs at ${place.name} to be taken off`).toBe(true);
        }
        for (const words of place.before.up) {
            const name = words.split(',')[0]!;
            expect(this.elsewhere(name, place.id), `${name} is used elsewhere`).toBe(false);
            here.add(name);
        }
    }

    at = (bar: string): string[] => [...this.on.get(bar)!];

    /** A band that is wanted here is brought from the bar where nobody uses it. */
    private elsewhere(name: string, bar: string): boolean {
        for (const [other, bands] of this.on) {
            if (other !== bar && bands.has(name)) {
                bands.delete(name);
                return busy.get(other)?.includes(name) ?? false;
            }
        }
        return false;
    }
}

const busy = new Map<string, string[]>();

it('never has two up at one station or on one band, and its lines leave the right band on the bar, set by set', () => {
    let people: Athlete[] = names.map((name, i) =>
        athlete(name, [line({ rung: rung(i, bandOf(i)), others: [rung(i, 'rook')], rest_s: 120 }), { ...plank, rest_s: 30 }]),
    );
    people[4] = { ...people[4]!, coming: false }; // comes ten minutes late
    const [hung, places] = [new Hung(), placesKept()];
    const doing = new Map<string, { entry: Entry; endsS: number }>();
    let [logged, wasHeldUp, switched] = [0, false, false];

    for (let s = 0; s < MOST_S; s += STEP_S) {
        const nowMs = START + s * 1000;
        const isOut = s >= 900 && s < 1200;
        if (s === 600) {
            people = people.map((a, i) => (i === 4 ? { ...a, coming: true } : a));
        }
        if (s === 240) {
            people = people.map((a, i) => (i === 7 ? { ...a, switched: { 'main:bands': rung(7, 'rook').key } } : a));
        }
        const tiles = people.map((a) => tileOf(a, nowMs));
        const seen = places(tiles, gearOf(isOut ? ['swan'] : []), told, START, nowMs);
        const up = seen.flatMap((p) => p.now.map((entry) => ({ entry, place: p })));
        const used = up.flatMap(({ entry }) => [...(entry.line.rung?.bands ?? []), ...(entry.station === FLOOR ? [] : [entry.station])]);
        expect(new Set(used).size, `at ${s} s`).toBe(used.length);
        expect(new Set(up.map(({ entry }) => entry.tile.athlete.id)).size).toBe(up.length);
        expect(isOut && used.includes('swan')).toBe(false);
        wasHeldUp ||= isOut && seen.some((p) => p.queue.some((e) => e.tile.turn === 'up' && e.line.rung?.bands.includes('swan')));

        for (const [key, { entry }] of doing) {
            if (!up.some((u) => u.entry.key === key)) {
                doing.delete(key); // logged, or a band went out of use in the middle of the set
                busy.delete(entry.station);
            }
        }
        const begins = up.filter(({ entry }) => !doing.has(entry.key));
        begins.filter(({ place }) => place.id !== FLOOR).forEach(({ place }) => hung.follow(place));
        for (const { entry, place } of begins) {
            if (place.id !== FLOOR) {
                expect(hung.at(place.id), `${entry.key} at ${s} s`).toEqual(entry.line.rung!.bands);
                busy.set(place.id, entry.line.rung!.bands);
            }
            doing.set(entry.key, { entry, endsS: s + entry.line.line.set_s });
        }
        for (const [key, { entry, endsS }] of doing) {
            if (endsS === s) {
                const at = new Date(nowMs).toISOString();
                logged += 1;
                switched ||= entry.tile.athlete.id === 'a7' && entry.line.rung?.bands[0] === 'rook';
                people = people.map((a) =>
                    a.id !== entry.tile.athlete.id
                        ? a
                        : entry.line.rung === null
                          ? {
                                ...a,
                                beside: [...a.beside, { id: key, performed_at: at, accessory: 'plank', seconds: 40 } as Schemas['Beside']],
                            }
                          : {
                                ...a,
                                sets: [...a.sets, done(8, at, { exercise: entry.line.rung.exercise, setup_key: entry.line.rung.key })],
                            },
                );
            }
        }
    }
    expect(logged).toBe(14 * 3 + 14 * 2);
    expect([wasHeldUp, switched]).toEqual([true, true]);
});
