import { expect, it } from 'vitest';
import { withCommand, withWaiting } from '../../../../client/domain/floor/overlay';
import { withoutHealth } from '../../../../client/domain/keeping';
import { isUndoable } from '../../../../client/domain/pain';
import type { Command, Waiting } from '../../../../client/domain/queue';
import { tileOf } from '../../../../client/domain/floor/tile';
import { athlete, classDay, done, heronRung, ME, sheet } from '../../support/floor';
import { COACH } from '../../support/samples';

const ON = '2026-03-21'; // past midnight where the gym is, not yet by UTC

const set = (id: string, clean: number, at: string, changes: object = {}): Command => ({
    set: { id, purpose: 'work', performed_at: at, exercise: heronRung.exercise, clean_reps: clean, line: 'main:bands', ...changes },
});

it('shows what waits on this device as if it stood: sets in their order, corrections, what was taken back', () => {
    const stored = done(8, '2026-03-20T12:00:00Z');
    const commands: Command[] = [
        set('b', 7, '2026-03-20T12:06:00Z'),
        set('a', 6, '2026-03-20T12:03:00Z'),
        set('c', 5, '2026-03-20T12:00:00Z', { replaces_id: stored.id }),
        { taken_back: { id: 'x', set_id: 'b' } },
    ];
    const waiting = commands.map((command, i): Waiting => ({ id: String(i), owner: 'o', athleteId: 'ada', command }));
    const [ada, bo] = withWaiting(classDay([athlete('Ada', [], { sets: [stored] }), athlete('Bo')]), waiting);

    expect(ada!.sets.map((s) => [s.id, s.clean_reps, s.corrected])).toEqual([
        ['c', 5, true],
        ['a', 6, false],
    ]);
    expect(bo!.sets).toEqual([]);
    expect(
        withWaiting(classDay([athlete('Ada')]), [{ ...waiting[0]!, problem: { code: 'invalid', detail: '', faults: [] } }])[0]!.sets,
    ).toEqual([]);
});

it('makes nothing of the same command twice', () => {
    const once = withCommand(athlete('Ada'), set('a', 6, '2026-03-20T12:03:00Z'), ME, ON);
    expect(withCommand(once, set('a', 6, '2026-03-20T12:03:00Z'), ME, ON)).toEqual(once);
    expect(once.sets[0]!.trained_on).toBe(ON);
});

it('pauses at once for pain and symptoms, and keeps what is told of health off the device', () => {
    const pauses: Command[] = [
        { pain: { id: 'p', pain: { place: 'elbow', level: 3 } } },
        { signal: { id: 's', on: '2026-03-20', symptoms: ['numbness'] } },
        set('a', 6, '2026-03-20T12:03:00Z', { pain: { place: 'elbow', level: 3 } }),
    ];
    expect(pauses.map((command) => withCommand(athlete('Ada'), command, ME, ON).paused)).toEqual([true, true, true]);
    expect(withCommand(athlete('Ada'), { signal: { id: 's', on: '2026-03-20', gave_out: 'grip', wall_day: true } }, ME, ON)).toMatchObject({
        gave_out: 'grip',
        wall_on: '2026-03-20',
        paused: false,
    });

    const kept = JSON.stringify(
        withoutHealth(
            athlete('Ada', [], { paused: true, sheet: sheet([], { concern: { kind: 'paused', text: 'Pain told: elbow, 3 of 10.' } }) }),
        ),
    );
    expect(kept).toContain('Pulling is paused.');
    expect(kept).not.toContain('elbow');
});

it('undoes pain that waits or was stored, by who told it and for ten minutes', () => {
    const hurt = withCommand(athlete('Ada'), { pain: { id: 'p', pain: { place: 'elbow', level: 3 } } }, ME, ON);
    expect(withCommand(hurt, { pain_undone: { id: 'u', told_id: 'p' } }, ME, ON)).toMatchObject({ paused: false, pain_source: null });
    expect(withCommand(hurt, { pain_undone: { id: 'u', told_id: 'other' } }, ME, ON).paused).toBe(true);

    const stored = { told_id: 'p', by: ME, at: '2026-03-20T12:00:00Z' };
    const after = (s: number): number => Date.parse(stored.at) + 1000 * s;
    expect([
        isUndoable(hurt.pain_source, ME, after(0)),
        isUndoable(stored, ME, after(599)),
        isUndoable(stored, ME, after(601)),
        isUndoable(stored, 'another', after(1)),
        isUndoable(null, ME, 0),
    ]).toEqual([true, true, false, false, false]);
});

it('shows who walks in while the server is away, with what was told of them, and nobody who comes to another class', () => {
    const coming = (class_id: string, id: string, said = true): Waiting => ({
        id,
        owner: COACH,
        athleteId: 'yves',
        command: { coming: { id, class_id, on: '2026-03-20', coming: said, told_at: '2026-03-20T12:00:00Z' } },
    });
    const hurt: Waiting = {
        id: 'p',
        owner: COACH,
        athleteId: 'yves',
        command: { pain: { id: 'p', pain: { place: 'elbow', level: null } } },
    };
    const day = classDay([athlete('Ada')]);

    expect(withWaiting(day, [coming('other', 'a')]).map((a) => a.name)).toEqual(['Ada Marsh']);
    const [, yves] = withWaiting(day, [coming('c', 'a'), hurt]);
    expect(yves).toMatchObject({ name: 'Yves Alder', walk_in: true, coming: true, paused: true, sheet: { lines: [] } });
    expect(tileOf(yves!, 0)).toMatchObject({ turn: 'first', now: undefined });
    expect(tileOf(withWaiting(day, [coming('c', 'a'), coming('c', 'b', false)])[1]!, 0).turn).toBe('away');
});
