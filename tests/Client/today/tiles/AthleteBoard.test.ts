import { expect, it } from 'vitest';
import { useWindowSize } from '@vueuse/core';
import { tileOf } from '../../../../client/domain/floor/tile';
import AthleteBoard from '../../../../client/today/tiles/AthleteBoard.vue';
import { athlete, done, line, lowering, plank, sheet } from '../../support/floor';
import { show } from '../../support/screen';

const NOW = Date.parse('2026-03-20T12:00:00Z');
const many = (n: number) => Array.from({ length: n }, (_, i) => athlete(`A${String(i).padStart(2, '0')}`, [line(), plank]));

const board = (athletes: ReturnType<typeof athlete>[], waits: readonly string[] = []) =>
    show(AthleteBoard, {
        tiles: athletes.map((a) => tileOf(a, NOW)),
        commands: { undoable: () => undefined },
        watches: { running: () => false, lowered: () => [], halfS: () => null, elapsedS: () => 0 },
        nowMs: NOW,
        turns: {
            waitsAt: { value: (t: { athlete: { id: string } }) => (waits.includes(t.athlete.id) ? 'Beam bar' : undefined) },
            collisionOf: () => undefined,
        },
        out: new Set(),
        coachName: () => 'Bea',
        chosenId: undefined,
        byKey: false,
        typed: null,
    });
const rows = () => [...document.querySelectorAll('.rows [data-athlete]')].map((e) => e.getAttribute('aria-label'));

it('says in a row what is to be known before loading, and where the caps end a set', () => {
    const sore = athlete('Bo', [line()], { sheet: sheet([line()], { concern: { kind: 'sore', text: 'Sore, 4 of 5.' } }) });
    const lowers = athlete('Cy', [lowering], {
        sheet: sheet([lowering], { lowerings: { today: 3, a_session: 15, this_week: 12, a_week: 30, full: null } }),
    });
    const { text } = board([...many(14), sore, lowers]);
    expect(text()).toContain('Sore, 4 of 5.');
    expect(text()).toContain('stop at 3: then the cap is reached');
});

it('is tiles up to fifteen on a wide screen, and rows from sixteen on', () => {
    expect(useWindowSize().width.value).toBeGreaterThan(720);
    board(many(15));
    expect([document.querySelectorAll('.tiles').length, rows().length]).toEqual([1, 0]);
    document.body.innerHTML = '';
    board(many(16));
    expect([document.querySelectorAll('.tiles').length, rows().length]).toEqual([0, 16]);
});

it('lists who has something to do, folds the others into a line each, and shows only those who are up when asked', async () => {
    const paused = athlete('Odo', [line()], { sheet: sheet([line()], { concern: { kind: 'screen', text: 'Not screened yet.' } }) });
    const rests = athlete('Bo', [line()], { sets: [done(8, '2026-03-20T11:59:30Z')] });
    const over = athlete('Cy', [line({ sets: 1 })], { sets: [done(8, '2026-03-20T11:50:00Z')] });
    const { press, text, emitted } = board([...many(14), rests, over, paused, athlete('Di', [line()], { coming: false })], ['a01']);
    expect(rows()).toHaveLength(15);
    expect(text()).toMatch(/Bo 2 of 3 Heron 44 mm, foot, Beam bar.* 1:30 /);
    expect(text()).toMatch(/Not ready Odo Done Cy Not here Di/);
    await press('Up now 13');
    expect(rows()).not.toContain('A01 Marsh');
    expect(rows()).not.toContain('Bo Marsh');
    await press(/^A00/);
    expect(emitted<[{ athlete: { id: string } }]>('open')[0]![0].athlete.id).toBe('a00');
    await press('All 15');
    expect(rows()).toHaveLength(15);
});
