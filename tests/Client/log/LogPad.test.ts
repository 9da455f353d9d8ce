import { expect, it, vi } from 'vitest';
import LogPad from '../../../client/log/LogPad.vue';
import type { Schemas } from '../../../client/domain/http';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { COACH, heron, jolyon, rook, set } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, sentSets, serve, setsIn } from '../support/server';

/** The pad of an athlete, with a server that can be away. */
function pad({
    away = false,
    done = [] as Schemas['Set'][],
    before = [] as number[],
    lowering = undefined as Schemas['LoweringLeft'] | undefined,
    rung = heron,
} = {}) {
    const state = { away };
    const told: unknown[] = [];
    const asked = serve({
        'GET /api/v1/cautions': () => ({
            items: [
                { code: 'pain-stop', moment: 'pain', text: 'Stop pulling. A licensed clinician looks at it.' },
                { code: 'sore', moment: 'lowering', text: 'Start small.' },
            ],
        }),
        'GET /api/v1/athletes/jolyon/last-time': () => ({
            on: before.length > 0 ? '2026-02-24' : null,
            reps: before,
            seconds: [],
            reserve: 2,
        }),
        'POST /api/v1/commands': ({ body }) => {
            if (state.away) {
                return refuse(503, 'away', 'The server is away.');
            }
            return { outcomes: setsIn(body).map((s) => ({ id: s.id, stored: set({ id: s.id }), problem: null })) };
        },
    });
    const shown = show(LogPad, {
        athleteId: 'jolyon',
        rung,
        ladder: [rook],
        next: rook,
        standard: jolyon.standard,
        done,
        lowering,
        tellPain: async (pain: unknown) => void told.push(pain),
    });
    const queue = useCommandQueue();
    queue.serve(COACH);
    /** A set may be sent again; the server knows it by its id. */
    const sent = () => sentSets(asked);
    return { sent, told, state, queue, ...shown };
}

const COUNTS = 'Clean reps: one tap logs';

it('fills the key of what is asked, and logs that with Enter, whatever is likely', async () => {
    const { user, sent } = pad({ rung: { ...heron, prediction: { reps: 10.4, low80: 9, high80: 12, clipped: false } } });
    expect(document.querySelector('.next b')?.textContent).toBe('8');
    await user.keyboard('{Enter}');
    await eventually(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ clean_reps: 8, asked_reps: 8 });
});

it('logs a likely count with one tap, on the set-up it shows, with the aim and last time marked', async () => {
    const { sent, press, emitted, text, sees } = pad({ before: [9, 8] });
    await sees('Last time, Tue 24 Feb: 9, 8, 2 left');
    expect(text()).toContain('carries 46.9 kg, 67 % · likely 6–10');
    expect(text()).toContain('8 asked · likely 9 last');
    await press(/^9/, COUNTS);
    await eventually(() => expect(sent()).toHaveLength(1));

    expect(sent()[0]).toMatchObject({
        athlete_id: 'jolyon',
        purpose: 'work',
        exercise: heron.exercise,
        clean_reps: 9,
        no_counts: {},
        reserve: null,
        pain: null,
    });
    expect(emitted('logged')).toEqual([[sent()[0]!.id, '9 clean']]);
});

it('swallows a tap that bounces', async () => {
    const { sent, press, emitted } = pad();
    await press(/^8/, COUNTS);
    await press(/^8/, COUNTS);
    await press(/^7/, COUNTS);
    await eventually(() => expect(emitted('logged')).toHaveLength(1));
    await eventually(() => expect(sent()).toHaveLength(1));
});

it('logs what was counted, the no-counts, the reserve and the pain', async () => {
    const { sent, press, sees, text } = pad();
    await press('1', 'In reserve');
    await press('No-count');
    await press(/Swing/);
    await press(/Swing/);
    await press(/Grip slip/);
    await press('Pain');
    await sees('A licensed clinician looks at it.');
    await press('Elbow', 'Where');
    await press('4', 'Level of 10');
    await press(/^6/, COUNTS);
    await eventually(() => expect(sent()).toHaveLength(1));

    expect(sent()[0]).toMatchObject({
        clean_reps: 6,
        reserve: 1,
        no_counts: { swing: 2, 'grip-slip': 1 },
        pain: { place: 'elbow', level: 4 },
    });
    expect(text()).not.toContain('Level of 10');
});

it('logs no pain that nobody gave a place and a degree to, and can tell it without a set', async () => {
    const { sent, told, press, user, sees, text } = pad();
    await press('Pain');
    await sees('Say where and how much');
    await user.keyboard('8{Enter}');
    await press('Ribs', 'Where');
    expect(text()).toContain('Say where and how much');
    expect(sent()).toEqual([]);
    await press('3', 'Level of 10');
    await press('Tell the pain without a set');
    await eventually(() => expect(told).toEqual([{ place: 'ribs', level: 3 }]));
    expect(sent()).toEqual([]);
});

it('is worked from the keyboard: digits and Enter, also after a button was tapped, reserve, no-counts, pain, Esc', async () => {
    const { sent, user, sees, press } = pad();
    await press('2', 'In reserve');
    await user.keyboard('r1n3n3p24');
    await user.keyboard('1');
    await user.keyboard('1');
    await user.keyboard('{Enter}');
    await eventually(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ clean_reps: 11, reserve: 1, no_counts: { swing: 2 }, pain: { place: 'elbow', level: 4 } });

    await user.keyboard('7{Escape}n{Escape}');
    await new Promise((r) => setTimeout(r, 950));
    await user.keyboard('{Enter}');
    await eventually(() => expect(sent()).toHaveLength(2));
    expect(sent()[1]).toMatchObject({ clean_reps: 8, reserve: null, no_counts: {}, pain: null });
    await sees('In reserve');
});

it('times a hang while S is held, and logs its seconds', async () => {
    const { sent, user, emitted } = pad();
    await user.keyboard('{s>}');
    await new Promise((r) => setTimeout(r, 320));
    await user.keyboard('{/s}');
    await eventually(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]!.hang_s).toBeGreaterThan(0.2);
    expect(emitted<[string, string]>('logged')[0]![1]).toMatch(/s hang/);
});

it('keeps sets on the device while the server is away, shows them as waiting, and sends them in order when it is back', async () => {
    const { sent, state, queue, press, sees } = pad({ away: true });
    await press(/^8/, COUNTS);
    await eventually(() => expect(queue.pending).toHaveLength(1));
    await new Promise((r) => setTimeout(r, 950));
    await press(/^7/, COUNTS);
    await eventually(() => expect(queue.pending).toHaveLength(2));
    expect([...document.querySelectorAll('.waits')].map((s) => s.textContent)).toEqual(['8', '7']);
    state.away = false;
    await queue.flush();
    await eventually(() => expect(queue.waiting).toEqual([]));
    expect(
        sent()
            .slice(-2)
            .map((s) => s.clean_reps),
    ).toEqual([8, 7]);
    await sees('In reserve');
});

it('logs for another day, and not for one to come', async () => {
    const { sent, press, fill } = pad();
    await press('For another day…');
    await fill('Done on', '2026-03-18');
    await press(/^8/, COUNTS);
    await eventually(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]!.performed_at).toMatch(/^2026-03-18T/);
});

it('shows the sets done today, oldest first, and as many rings as are left', () => {
    pad({ done: [set({ id: '2', clean_reps: 7 }), set({ id: '1', clean_reps: 8 })] });
    const today = document.querySelector('[aria-label="Sets today"]')!;
    expect([...today.querySelectorAll('span')].map((s) => s.textContent)).toEqual(['8', '7']);
    expect(today.querySelectorAll('.left')).toHaveLength(1);
});

it('counts the sets of a long day that do not fit', () => {
    pad({ done: Array.from({ length: 9 }, (_, i) => set({ id: String(i), clean_reps: 9 - i })) });
    expect(document.querySelector('[aria-label="Sets today"]')!.textContent.replace(/\s+/g, ' ').trim()).toBe('3 +456789');
});

it('logs a mixed set as two rows, the second going on from the first, and counts it for one', async () => {
    const { sent, press, emitted } = pad();
    await press('Mixed set…');
    await press('2', 'Clean at first');
    await press('6', 'Then on this');
    await press('Log the mixed set');
    await eventually(() => expect(sent()).toHaveLength(2));
    const [first, second] = sent();
    expect(first).toMatchObject({ exercise: rook.exercise, clean_reps: 2 });
    expect(second).toMatchObject({ exercise: heron.exercise, clean_reps: 6, part_of: first!.id });
    expect(emitted('logged')).toEqual([[second!.id, '2 + 6 clean', first!.id]]);
});

it('warns before a lowering beyond the cap is done, and says what is left', async () => {
    const { user, sees, text } = pad({ lowering: { today: 6, a_session: 15, this_week: 9, a_week: 30, full: null } });
    await sees('6 left today, 9 this week.');
    await user.keyboard('5');
    await eventually(() => expect(text()).not.toContain('beyond the cap'));
    await user.keyboard('{Escape}7');
    await sees('7 more is beyond the cap of 15 lowerings a session, 30 a week.');
    expect(text()).toContain('Start small.');
});

it('sends what was seen in how the set was done', async () => {
    const { press, user, sent } = pad();
    await press('What I saw');
    await press('Legs kick');
    await press('Hips sag');
    await press('Hips sag');
    await user.keyboard('8{Enter}');
    await eventually(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]?.faults).toEqual(['legs-kick']);
});

it('times each lowering, drops a slip, says which were too fast, and sends them with the count', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true });
    const lowering = { ...heron, exercise: { ...heron.exercise, movement: 'lowering' as const, seconds: 3 } };
    const { user, sees, sent, press } = pad({ rung: lowering });
    const lower = async (ms: number): Promise<void> => {
        await user.keyboard('{s>}');
        vi.advanceTimersByTime(ms);
        await user.keyboard('{/s}');
    };
    await lower(4000);
    await lower(2000);
    await lower(50);
    await sees('1 of 2 faster than 3 s.');
    await press(/^Drop lowering 2/);
    await user.keyboard('{s>}');
    vi.advanceTimersByTime(600);
    await user.keyboard('h');
    vi.advanceTimersByTime(2900);
    await user.keyboard('{/s}');
    await sees('1 of 2 uneven');
    await user.keyboard('{Enter}');
    vi.useRealTimers();
    await eventually(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({
        clean_reps: 2,
        splits_s: [expect.closeTo(4, 0), expect.closeTo(3.5, 0)],
        halves_s: [0, expect.closeTo(0.6, 0)],
    });
});
