import { expect, it } from 'vitest';
import { orderKept, tileOf } from '../../../../client/domain/floor/tile';
import { athlete, done, heronRung, line, lowering, plank, rookRung, sheet } from '../../support/floor';

const at = (clock: string): number => Date.parse(`2026-03-20T${clock}Z`);
const iso = (clock: string): string => `2026-03-20T${clock}Z`;

it('goes through the lines in order, counts down the rest of the set done last, and is done when all is', () => {
    const one = athlete('Ada', [line({ sets: 2 }), plank]);
    expect(tileOf(one, at('12:00:00'))).toMatchObject({ turn: 'up', aim: 8, setsLeft: 4, restEndsAt: undefined });

    const resting = { ...one, sets: [done(8, iso('12:00:00'))] };
    expect(tileOf(resting, at('12:01:59'))).toMatchObject({ turn: 'rest', restEndsAt: at('12:02:00'), now: { done: 1, left: 1 } });
    expect(tileOf(resting, at('12:02:00')).turn).toBe('up');

    const beside = { ...resting, sets: [...resting.sets, done(7, iso('12:03:00'))] };
    expect(tileOf(beside, at('12:06:00')).now?.line.name).toBe('Plank');
    const planks = [1, 2].map((n) => ({
        id: `p${n}`,
        performed_at: iso(`12:0${6 + n}:00`),
        accessory: 'plank' as const,
        by: 'bea',
        reps: null,
        seconds: 40,
        metres: null,
        load_kg: null,
    }));
    expect(tileOf({ ...beside, beside: planks }, at('12:20:00'))).toMatchObject({ turn: 'done', now: undefined, setsLeft: 0 });
});

it.each([
    ['two coaches within half of the rest', ['bea', 'cal'], 29, 1],
    ['two coaches, half of the rest apart', ['bea', 'cal'], 30, 2],
    ['one coach twice', ['bea', 'bea'], 29, 2],
])('counts a set beside the pull that was seen twice once: %s', (_, by, apartS, times) => {
    const beside = by.map((who, i) => ({
        ...{ id: `p${i}`, accessory: 'plank' as const, reps: null, seconds: 40, metres: null, load_kg: null },
        by: who,
        performed_at: new Date(at('12:00:00') + i * apartS * 1000).toISOString(),
    }));
    expect(tileOf(athlete('Ada', [plank], { beside }), at('12:10:00')).lines[0]!.done).toBe(times);
});

it('asks for what is likely on the exercise that was switched to', () => {
    const of = [line({ aim: 8, others: [{ ...rookRung, aim: 5 }] })];
    const switches: Record<string, string>[] = [{}, { 'main:bands': rookRung.key }];
    const aims = switches.map((switched) => tileOf(athlete('Ada', of, { switched }), at('12:00:00')).aim);
    expect(aims).toEqual([8, 5]);
});

it('does lines of one letter in rounds', () => {
    const rounds = [line({ group: 'A', sets: 2 }), line({ line: 'main:rows', group: 'A', sets: 2, rung: { ...rookRung, key: 'row' } })];
    const after = (...lines: string[]) =>
        tileOf(athlete('Ada', rounds, { sets: lines.map((of, i) => done(8, iso(`12:0${i}:00`), { line: of })) }), at('12:30:00')).now?.line
            .line;
    expect([after(), after('main:bands'), after('main:bands', 'main:rows'), after('main:bands', 'main:rows', 'main:bands')]).toEqual([
        'main:bands',
        'main:rows',
        'main:bands',
        'main:rows',
    ]);
});

it('knows a set without a line by its set-up, and keeps one of neither apart', () => {
    const one = athlete('Ada', [line()], {
        sets: [done(8, iso('12:00:00'), { line: null }), done(5, iso('12:03:00'), { line: null, setup_key: 'else' })],
    });
    const tile = tileOf(one, at('12:10:00'));
    expect([tile.now?.done, tile.extra.map((s) => s.clean_reps)]).toEqual([1, [5]]);
});

it('goes on with what was put in the place of an exercise, on any device', () => {
    const one = athlete('Ada', [line()]);
    expect(tileOf({ ...one, switched: { 'main:bands': rookRung.key } }, 0).now?.rung?.key).toBe(rookRung.key);
    expect(tileOf({ ...one, switched: { 'main:bands': 'gone' } }, 0).now?.rung?.key).toBe(heronRung.key);
    expect(tileOf({ ...one, sets: [done(6, iso('12:00:00'), { setup_key: rookRung.key })] }, at('12:10:00')).now).toMatchObject({
        rung: { key: rookRung.key },
        done: 1,
    });
});

it('asks for no more lowerings than the caps leave', () => {
    const sets = [done(5, iso('12:00:00')), done(5, iso('12:03:00')), done(3, iso('12:06:00'))].map((s) => ({
        ...s,
        line: 'main:lowering',
        exercise: lowering.rung!.exercise,
    }));
    const tile = (n: number) => tileOf(athlete('Ada', [{ ...lowering, sets: 5 }], { sets: sets.slice(0, n) }), at('12:30:00'));
    expect([0, 1, 2, 3].map((n) => [tile(n).aim, tile(n).loweringsLeft])).toEqual([
        [5, 15],
        [5, 10],
        [5, 5],
        [2, 2],
    ]);
});

it('counts together where so many are asked in all, and is done with the line once they are there', () => {
    const total = { ...lowering, sets: 8, amount: { measure: 'total_reps' as const, low: 10, high: 12, words: '12 in all' } };
    const sets = ['12:00:00', '12:03:00'].map((time) => ({
        ...done(6, iso(time)),
        line: 'main:lowering',
        exercise: lowering.rung!.exercise,
    }));
    const line = (n: number) => tileOf(athlete('Ada', [total], { sets: sets.slice(0, n) }), at('12:30:00')).lines[0];
    expect([1, 2].map((n) => [line(n)?.inAll, line(n)?.left])).toEqual([
        [{ so_far: 6, of: 12 }, 7],
        [{ so_far: 12, of: 12 }, 0],
    ]);
    expect(tileOf(athlete('Ada', [lowering]), at('12:30:00')).lines[0]?.inAll).toBeNull();
});

it('tells of a set that two coaches, or two devices, logged, until somebody says that both were done', () => {
    const [mine, theirs] = [done(8, iso('12:00:00')), done(8, iso('12:00:20'), { by: 'bea' })];
    const twice = (sets: (typeof mine)[], known = {}) =>
        tileOf(athlete('Ada', [line()], { sets }), at('12:10:00'), known).twice?.map((s) => s.id);
    expect(twice([mine, theirs])).toEqual([mine.id, theirs.id]);
    expect(twice([mine, theirs], { both: new Set([theirs.id]) })).toBeUndefined();
    expect(twice([mine, done(8, iso('12:02:00'), { by: 'bea' })])).toBeUndefined();

    const other = done(8, iso('12:00:20'));
    expect(twice([mine, other], { mine: new Set([mine.id]) })).toEqual([mine.id, other.id]);
    expect(twice([mine, other], { mine: new Set([mine.id, other.id]) })).toBeUndefined();
    expect(twice([mine, other], { mine: new Set() })).toBeUndefined();
});

it('puts who can train first, then who needs something, and who is away last, and moves nobody once the class was seen', () => {
    const athletes = [
        athlete('Ada', [line()], { coming: false }),
        athlete('Bo'),
        athlete('Cy', [line()], { sheet: sheet([], { concern: { kind: 'screen', text: 'Not screened yet.' } }) }),
        athlete('Di', [line()], { paused: true }),
        athlete('Ed', [line()], { sheet: sheet([line()], { concern: { kind: 'sore', text: 'Sore.' } }) }),
    ];
    const inOrder = orderKept();
    expect(inOrder(athletes.map((a) => tileOf(a, 0))).map((t) => [t.athlete.id, t.turn])).toEqual([
        ['bo', 'up'],
        ['ed', 'up'],
        ['cy', 'first'],
        ['di', 'first'],
        ['ada', 'away'],
    ]);
    const later = athletes.map((a) => tileOf({ ...a, coming: a.id !== 'bo', paused: a.id === 'ed' }, 0));
    expect(inOrder([...later, tileOf(athlete('Flo'), 0)]).map((t) => t.athlete.id)).toEqual(['bo', 'ed', 'flo', 'cy', 'di', 'ada']);
});
