import { screen } from '@testing-library/vue';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import { commandStore } from '../../../client/domain/device';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { useSession } from '../../../client/composables/useSession';
import TodayPage from '../../../client/today/TodayPage.vue';
import { athlete, classDay, done, hang, line, lowering, plank, rookRung, sheet, heronRung, timetable } from '../support/floor';
import { COACH, me } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, sentCommands, sentSets, serve, takenBack } from '../support/server';

type Commands = Schemas['QueueInput']['commands'];

const DAY = 'GET /api/v1/classes/c/days/2026-03-20';
const day = (...athletes: ReturnType<typeof athlete>[]) => classDay(athletes);
const list = (held: Schemas['HeldClass'][]): Schemas['ClassList'] => ({ today: '2026-03-20', items: [], held, tags: ['noon'] });
const idOf = (command: Commands[number]): string =>
    (command.set ??
        command.taken_back ??
        command.beside ??
        command.signal ??
        command.pain ??
        command.coming ??
        command.order ??
        command.switch)!.id;

/** The clock of the page stands still until it is moved on. */
const pass = (s: number): void => void vi.setSystemTime(new Date(Date.now() + s * 1000));

/** The class on the floor, in front of a server that stores what it is sent; what waits is sent only where it is up. */
async function floor(
    of: Schemas['ClassDay'],
    {
        news = { cursor: 7, missed: false, gear: null, timetable: null, athletes: [] } as Schemas['News'] | (() => unknown),
        up = true,
        by = 'Athletes',
    } = {},
) {
    const asked = serve({
        'GET /api/v1/classes': () => list([of.class]),
        [DAY]: () => of,
        'GET /api/v1/pulse/ticket': () => ({ cursor: typeof news === 'function' ? 9 : news.cursor }),
        [`${DAY}/news`]: () => (typeof news === 'function' ? news() : news),
        'GET /api/v1/cautions': () => ({ items: [] }),
        'GET /api/v1/athletes': () =>
            up ? { items: [{ id: 'zoe', name: 'Zoe Reed' }], next_page: null, tags: [] } : refuse(503, 'away', 'The server is away.'),
        'POST /api/v1/commands': ({ body }) =>
            up
                ? { outcomes: (body as { commands: Commands }).commands.map((d) => ({ id: idOf(d), stored: null, problem: null })) }
                : refuse(503, 'away', 'The server is away.'),
    });
    const shown = show(TodayPage);
    useSession().change({ ...me });
    useCommandQueue().serve(COACH);
    await shown.sees(of.class.name);
    await shown.press(by);
    const commands = (): Commands => [...new Map(sentCommands(asked).map((d) => [idOf(d), d] as const)).values()];
    const tile = (name: string): string => document.querySelector(`[aria-label="${name}"]`)!.textContent.replace(/\s+/g, ' ');
    return { ...shown, asked, commands, tile };
}

it('logs a set as asked with one tap, counts down the rest, and offers each athlete’s own undo', async () => {
    const { press, sees, asked, tile } = await floor(day(athlete('Ada'), athlete('Bo')));
    await press(/^8 as asked for Ada/);
    await press(/^8 as asked for Bo/);
    await sees('2:00');
    await eventually(() => expect([tile('Ada Marsh'), tile('Bo Marsh')].map((t) => t.includes('Undo 8'))).toEqual([true, true]));
    await eventually(() => expect(sentSets(asked)).toHaveLength(2));
    expect(sentSets(asked)[0]).toMatchObject({
        athlete_id: 'ada',
        clean_reps: 8,
        asked_reps: 6,
        line: 'main:bands',
        purpose: 'work',
        reserve: null,
    });

    await press('Undo 8', 'Ada Marsh');
    await eventually(() => expect(takenBack(asked)).toEqual([sentSets(asked)[0]!.id]));
    await eventually(() => expect(tile('Ada Marsh')).not.toContain('Undo'));
    expect(tile('Bo Marsh')).toContain('Undo 8');
});

it('takes a second tap within seconds for the same set, and says so', async () => {
    const { press, asked, tile, sees } = await floor(day(athlete('Ada')));
    await press(/^8 as asked for Ada/);
    await sees('Undo 8');
    pass(2);
    await press(/^8 as asked for Ada/);
    await sees('Undo 8, logged once');
    pass(1.1);
    await press(/^8 as asked for Ada/);
    await eventually(() => expect(sentSets(asked)).toHaveLength(2));
    expect(tile('Ada Marsh')).toContain('Undo 8');
});

it('finds somebody by name and opens their sheet', async () => {
    const { user, press, sees } = await floor(day(athlete('Ada'), athlete('Bo')));
    await user.keyboard('/');
    await sees('Find somebody');
    await user.type(await screen.findByRole('searchbox'), 'bo');
    await press(/^Bo Marsh up/);
    await sees('Tap the count and the set is logged');
    expect(document.querySelector('[role="dialog"]')!.textContent).toContain('Bo Marsh');
});

it('gives up a question that is not answered, says so, and asks one at a time', async () => {
    const asks: AbortSignal[] = [];
    const { sees } = await floor(day(athlete('Ada')));
    vi.spyOn(AbortSignal, 'timeout').mockImplementation(() => AbortSignal.abort());
    const answer = fetch;
    vi.stubGlobal('fetch', (request: Request) => {
        if (!request.url.includes('/pulse/')) {
            return answer(request);
        }
        asks.push(request.signal);
        return request.signal.aborted ? Promise.reject(new DOMException('', 'TimeoutError')) : new Promise(() => {});
    });
    await sees('No server: kept on this device');
    vi.restoreAllMocks();
    const known = asks.length;
    await eventually(() => expect(asks.length).toBe(known + 1));
    await new Promise((done) => setTimeout(done, 2500));
    expect(asks).toHaveLength(known + 1);
});

it('shows at once what is logged while the server is away, and takes it back from the device', async () => {
    const { press, sees, tile } = await floor(day(athlete('Ada')), { up: false });
    await press(/^8 as asked for Ada/);
    await sees('Undo 8');
    await eventually(() => expect(useCommandQueue().pending).toHaveLength(1));
    await press('Undo 8');
    await eventually(() => expect(useCommandQueue().pending).toHaveLength(0));
    expect(tile('Ada Marsh')).toContain('as asked');
});

it('logs another count in two taps, stays open, and tells of that set what was seen, as one correction', async () => {
    const { press, sees, asked } = await floor(day(athlete('Ada')));
    await press('Another count or note for Ada Marsh');
    await press('6', 'Clean reps, logs the set');
    await eventually(() => expect(sentSets(asked)).toHaveLength(1));
    await sees(/Heron 44 mm, foot, Beam bar, logged \d\d:\d\d/);
    await press('1', 'In reserve');
    await press('More to say of it…');
    await press('One more: Swing');
    await press('One more: Swing');
    await press('One less: Swing');
    await eventually(() => expect(sentSets(asked)).toHaveLength(2));
    expect(sentSets(asked)[1]).toMatchObject({
        replaces_id: sentSets(asked)[0]!.id,
        clean_reps: 6,
        reserve: 1,
        no_counts: { swing: 1 },
        line: 'main:bands',
    });
    await press('7', 'Clean reps of that set');
    await eventually(() => expect(sentSets(asked)[2]).toMatchObject({ replaces_id: sentSets(asked)[1]!.id, clean_reps: 7, reserve: 1 }));
});

it('corrects another set in two taps, and keeps speaking of it', async () => {
    const sets = [done(9, '2026-03-20T11:40:00Z'), done(8, '2026-03-20T11:50:00Z')];
    const { press, asked } = await floor(day(athlete('Ada', undefined, { sets })));
    await press('Another count or note for Ada Marsh');
    const picked = () => document.querySelector('[aria-label="Which set"] [aria-pressed="true"]')?.textContent;
    await eventually(() => expect(picked()).toBe('set 3 of 3')); // the rest is over
    await press(/^Correct the set of 9/, 'Which set');
    await press('8', 'Clean reps of that set');
    await eventually(() => expect(sentSets(asked)).toMatchObject([{ replaces_id: sets[0]!.id, clean_reps: 8 }]));
    await press('3', 'In reserve');
    await eventually(() => expect(sentSets(asked)[1]).toMatchObject({ replaces_id: sentSets(asked)[0]!.id, clean_reps: 8, reserve: 3 }));
});

it('speaks of the set that was just logged while its rest runs, and of no set before a count is tapped', async () => {
    const rests = athlete('Ada', undefined, { sets: [done(8, '2026-03-20T11:59:30Z')] });
    const { press, asked } = await floor(day(rests, athlete('Bo')));
    await press('Another count or note for Ada Marsh');
    await press('2', 'In reserve');
    await eventually(() => expect(sentSets(asked)).toMatchObject([{ replaces_id: rests.sets[0]!.id, clean_reps: 8, reserve: 2 }]));
    await press('Close');
    await press('Another count or note for Bo Marsh');
    expect(document.querySelector('.waits')!.hasAttribute('inert')).toBe(true);
});

it('undoes a switch and an absence for ten seconds', async () => {
    const { press, tile, commands } = await floor(day(athlete('Ada'), athlete('Bo')), { by: 'Stations' });
    await press('Another count or note for Ada Marsh');
    await press('Switch…');
    await press(/^Rook 32 mm/, 'Instead');
    await press('Undo the switch');
    await eventually(() => expect(commands().map((d) => d.switch?.rung_key)).toEqual([rookRung.key, null]));
    await press('Away');
    await press('Undo away, Ada');
    await eventually(() => expect(commands().flatMap((d) => d.coming?.coming ?? [])).toEqual([false, true]));
    await press('Athletes');
    await eventually(() => expect(tile('Ada Marsh')).toContain('Heron 44 mm'));
});

it('corrects the seconds of a hold later, in the same pad', async () => {
    const held = done(0, '2026-03-20T11:55:00Z', {
        clean_reps: null,
        reserve: null,
        hang_s: 41,
        line: 'main:hang',
        exercise: hang.rung!.exercise,
        setup_key: 'hang',
    });
    const { press, fill, asked } = await floor(day(athlete('Ada', [hang], { sets: [held] })));
    await press('Another count or note for Ada Marsh');
    await press('Correct the set of 41 s, by Coach', 'Which set');
    await fill('Seconds held', '14');
    await press('Correct it');
    await eventually(() => expect(sentSets(asked)[0]).toMatchObject({ replaces_id: held.id, hang_s: 14 }));
});

it('puts another exercise in the place of the written one, and logs that', async () => {
    const { press, tile, asked } = await floor(day(athlete('Ada')));
    await press('Another count or note for Ada Marsh');
    await press('Switch…');
    await press(/^Rook 32 mm/, 'Instead');
    await eventually(() => expect(tile('Ada Marsh')).toContain('Rook 32 mm'));
    await press(/^8 as asked for Ada/);
    await eventually(() => expect(sentSets(asked)[0]?.exercise?.setup.band_ids).toEqual(['r']));
});

it('logs a mixed set with one tap in the pad, and a longer one with three', async () => {
    const { press, asked } = await floor(day(athlete('Ada')));
    await press('Another count or note for Ada Marsh');
    await press('2 + 5', 'Clean on both, logs the set');
    await eventually(() =>
        expect(sentSets(asked).map((s) => [s.exercise?.setup.band_ids, s.clean_reps, s.part_of ?? null])).toEqual([
            [['r'], 2, null],
            [['h'], 5, sentSets(asked)[0]!.id],
        ]),
    );
    await press('8', 'Clean at first');
    await press('11', `Then on ${heronRung.name}, logs it`);
    await eventually(() => expect(sentSets(asked).map((s) => s.clean_reps)).toEqual([2, 5, 8, 11]));
});

it('tells pain, a wall day, what gave out and effort in a tap each, and offers no set after pain', async () => {
    const { press, sees, commands, text } = await floor(day(athlete('Ada')));
    await press('Another count or note for Ada Marsh');
    await press('Climbed today');
    await press('Grip', 'What failed first?');
    await press('8', 'How hard, out of 10');
    await press('2', 'Sore since last time, of 5');
    await press('No', 'Last time felt in the right place?');
    await press('Pain…');
    await press('Elbow', 'Pain, where');
    await sees('Noted. No pulling until');
    await eventually(() => expect(text()).not.toMatch(/logs the set|Mixed set/));
    await press('3', 'How bad, of 10');
    await eventually(() =>
        expect(commands().map((d) => d.signal ?? d.pain?.pain)).toMatchObject([
            { wall_day: true },
            { gave_out: 'grip' },
            { effort: 8 },
            { soreness: 2 },
            { takes_hold: false, on: '2026-03-18' },
            { place: 'elbow', level: null },
            { place: 'elbow', level: 3 },
        ]),
    );
});

it('ticks work beside the pull, with its kg where there are some', async () => {
    const { press, fill, sees, commands } = await floor(day(athlete('Ada', [plank])));
    await press(/^40 s as asked for Ada/);
    await eventually(() => expect(commands()).toHaveLength(1));
    pass(60);
    await press('Another count or note for Ada Marsh');
    await fill(/^Load/, 'heavy');
    await press('50 s', 'How much, logs the set');
    await sees('“heavy” is not a number.');
    expect(commands()).toHaveLength(1);
    await fill(/^Load/, '10');
    await press('50 s', 'How much, logs the set');
    await eventually(() =>
        expect(commands().map((d) => d.beside)).toMatchObject([
            { accessory: 'plank', seconds: 40 },
            { seconds: 50, load_kg: 10 },
        ]),
    );
});

it('keeps what the server would not store on the tile, with the reason, until it is sent again or dropped', async () => {
    const { press, sees, tile } = await floor(day(athlete('Ada'), athlete('Bo')));
    await commandStore.add({
        id: 'no',
        owner: COACH,
        athleteId: 'ada',
        command: { set: { id: 'no', performed_at: '2026-03-20T12:00:00Z', purpose: 'work', clean_reps: 8 } },
        problem: { code: 'does-not-fit', detail: 'The band would stay slack.', faults: [] },
    });
    await sees('Not stored: 8 clean. The band would stay slack.');
    expect(tile('Bo Marsh')).not.toContain('Not stored');
    await press('Drop it');
    await eventually(() => expect(tile('Ada Marsh')).not.toContain('Not stored'));
});

it('stops before the lowering that the caps leave no room for', async () => {
    const sets = [5, 5, 3].map((n, i) => done(n, `2026-03-20T10:0${i}:00Z`, { line: 'main:lowering', exercise: lowering.rung!.exercise }));
    const { tile } = await floor(
        day(
            athlete('Ada', [{ ...lowering, sets: 5 }], { sets }),
            athlete('Bo', [{ ...lowering, sets: 5 }], { sets: [...sets, { ...sets[0]!, id: 'x', clean_reps: 2 }] }),
        ),
    );
    await eventually(() => expect(tile('Ada Marsh')).toContain('stop at 2: then the cap is reached'));
    expect(tile('Bo Marsh')).toContain('No lowering is left today: 15 a session are the cap.');
});

it('puts who needs a screen after who can train, with the way there, and logs nothing for who is paused', async () => {
    const { text } = await floor(
        day(
            athlete('Ada'),
            athlete('Zed', [], { sheet: sheet([], { concern: { kind: 'screen', text: 'Not screened yet.' } }) }),
            athlete('Cy', [line()], { paused: true }),
        ),
    );
    await eventually(() =>
        expect([...document.querySelectorAll('[data-athlete]')].map((t) => (t as HTMLElement).dataset['athlete'])).toEqual([
            'ada',
            'zed',
            'cy',
        ]),
    );
    expect(document.querySelector('[aria-label="Zed Marsh"] a')?.getAttribute('href')).toBe('/people/zed/screens');
    expect(document.querySelectorAll('.go')).toHaveLength(1);
    expect(text()).toContain('Not screened yet.');
});

it('takes in what another coach logged, says so of the same set logged twice, and resolves it by a tap', async () => {
    const theirs = done(8, '2026-03-20T11:59:40Z', { by: 'bea' });
    const both = athlete('Ada', [line(), plank], { sets: [theirs, done(8, '2026-03-20T11:59:58Z')] });
    const { press, sees, commands, asked } = await floor(day(athlete('Ada')), {
        news: { cursor: 9, missed: false, gear: null, timetable: null, athletes: [both] },
    });
    await sees('Logged twice? Bea 8, Coach 8');
    expect(asked.find((a) => a.command === `${DAY}/news`)?.query).toEqual({ since: '7' });
    await press('Keep the first');
    await eventually(() => expect(commands().map((d) => d.taken_back?.set_id)).toEqual([both.sets[1]!.id]));
});

it('says of which exercise a set was logged twice where another is next', async () => {
    const sets = [done(8, '2026-03-20T11:59:40Z', { by: 'bea' }), done(8, '2026-03-20T11:59:58Z')];
    const { sees } = await floor(day(athlete('Ada', [line({ sets: 2 }), plank], { sets })));
    await sees('Logged twice? Heron 44 mm, foot, Beam bar: Bea 8, Coach 8');
});

it('drops an answer that was on its way while a set of this device came to stand, and asks again', async () => {
    const theirs = athlete('Ada', [line(), plank], { sets: [done(5, '2026-03-20T11:50:00Z', { by: 'bea' })] });
    let answer = (): void => {};
    let asks = 0;
    const news = { cursor: 9, missed: false, gear: null, timetable: null, athletes: [theirs] };
    const { press, tile, asked } = await floor(day(athlete('Ada')), {
        news: () => ((asks += 1), asks === 1 ? new Promise((come) => (answer = () => come(news))) : { ...news, cursor: 9 }),
    });
    await eventually(() => expect(asks).toBe(1));
    await press(/^8 as asked for Ada/);
    await eventually(() => expect(sentSets(asked)).toHaveLength(1));
    await eventually(() => expect(useCommandQueue().pending).toHaveLength(0));
    answer();
    await new Promise((r) => setTimeout(r));
    expect(tile('Ada Marsh')).toContain('Undo 8');
    expect(document.querySelector('[aria-label="Ada Marsh"] .dots')!.getAttribute('aria-label')).toBe('1 of 3 sets done: 8');
    await eventually(() => expect(asks).toBe(2));
});

it('says why pulls are missing from a session, and how many sets are left', async () => {
    const full = sheet([plank], { refused: { code: 'week-full', text: '3 sessions this week already.', next_on: null } });
    const { press, sees, tile } = await floor(day(athlete('Ada', [plank], { sheet: full })));
    await eventually(() => expect(tile('Ada Marsh')).toContain('3 sessions this week already.'));
    await press('Another count or note for Ada Marsh');
    await sees('All of today, 2 sets left');
});

it('works by keyboard alone: arrows, digits, Enter, S, U', async () => {
    const { user, asked, tile, sees } = await floor(day(athlete('Ada'), athlete('Bo', [hang])));
    await user.keyboard('{ArrowRight}7{Enter}');
    await eventually(() => expect(sentSets(asked).map((s) => s.clean_reps)).toEqual([7]));
    await user.keyboard('u');
    await eventually(() => expect(takenBack(asked)).toHaveLength(1));
    await user.keyboard('{ArrowRight}{s>}');
    await sees('s, let go or tap');
    pass(12);
    await user.keyboard('{/s}');
    await eventually(() => expect(sentSets(asked)[1]?.hang_s).toBe(12));
    expect(tile('Bo Marsh')).toContain('Undo');
});

it('marks who is away, brings in a walk-in, and shows bars with who is next', async () => {
    const { press, fill, commands, sees } = await floor(
        day(athlete('Ada'), athlete('Bo', [line()], { sets: [done(8, '2026-03-20T11:59:30Z')] })),
    );
    await press('Stations');
    await sees('Beam bar');
    await press('Who is here');
    await press(/^Ada Marsh/);
    await fill('Somebody else walks in', 'Zo');
    await press(/^Zoe Reed/);
    await eventually(() =>
        expect(commands().map((d) => [d.athlete_id, d.coming?.coming, d.coming?.on])).toEqual([
            ['ada', false, '2026-03-20'],
            ['zoe', true, '2026-03-20'],
        ]),
    );
});

it('finds a walk-in and shows them at once while the server is away', async () => {
    const { press, fill, sees, text } = await floor(day(athlete('Ada')), { up: false });
    await press('Who is here');
    await fill('Somebody else walks in', 'yv');
    await press(/^Yves Alder/);
    await sees('Walked in. The session comes when the server answers.');
    expect(text()).toMatch(/Yves Alder walked in/);
});

it('puts gear out of use with a tap while the server is away, says it on every tile that needs it, and back again', async () => {
    const { press, tile } = await floor(day(athlete('Ada')), { up: false });
    await press('Broken or missing today');
    await press(/^Heron 44 mm/, 'Broken or missing today');
    await eventually(() =>
        expect(useCommandQueue().pending.map((w) => w.command)).toEqual([{ gear: expect.objectContaining({ gear_id: 'h', out: true }) }]),
    );
    await eventually(() => expect(tile('Ada Marsh')).toContain('out of use today'));
    await press(/^Heron 44 mm/, 'Broken or missing today');
    await eventually(() => expect(tile('Ada Marsh')).not.toContain('out of use today'));
});

it('says what to do where there is no class', async () => {
    serve({ 'GET /api/v1/classes': () => list([]) });
    const { sees } = show(TodayPage);
    await sees('Make the first class');
});

it('opens by station once two share a bar, with what is undone, unsettled, and who is at none', async () => {
    const twice = [done(8, '2026-03-20T11:59:40Z', { by: 'bea' }), done(8, '2026-03-20T11:59:58Z')];
    const of = day(athlete('Ada'), athlete('Bo', [line()], { sets: twice }), athlete('Cy', [line()], { coming: false }));
    const { press, sees, commands, text } = await floor(of, { by: 'Stations' });
    await sees('Logged twice? Bea 8, Coach 8');
    expect(text()).toMatch(/Not here Cy/);
    await press(/^8 as asked for Ada/);
    await press('Undo 8, Ada');
    await press('Keep the first');
    await eventually(() => expect(commands().map((d) => d.taken_back?.set_id)).toContain(twice[1]!.id));
});

it('sends an order that was told by hand, and shows it at once', async () => {
    const resting = (name: string, ago: string) => athlete(name, [line()], { sets: [done(8, ago)] });
    const of = day(athlete('Ada', [line()]), resting('Bo', '2026-03-20T11:59:00Z'), resting('Cy', '2026-03-20T11:59:30Z'));
    of.timetable = timetable([
        ['ada', 'main:bands', 1, 1790, 'b'],
        ['bo', 'main:bands', 2, 1870, 'b'],
        ['cy', 'main:bands', 2, 1900, 'b'],
    ]);
    const { press, commands, text } = await floor(of, { by: 'Stations', up: false });
    await eventually(() => expect(text()).toMatch(/Ada.*Bo.*Cy/));
    await press(/^Move Cy/);
    await press(/^Bo(?!ard)/);
    await eventually(() => expect(text()).toMatch(/Ada.*Cy.*Bo/));
    await eventually(() =>
        expect(commands().find((d) => d.order)?.order).toMatchObject({
            class_id: 'c',
            turns: [{ athlete_id: 'cy', line: 'main:bands', n: 2, at_s: 1869, station: 'b' }],
        }),
    );
});

it('offers more help, a full rest or an end after a set that fell far short, and after no other', async () => {
    const of = [line({ others: [rookRung], more_help: rookRung.key, short_below: 4 })];
    const { press, sees, text, commands } = await floor(day(athlete('Ada', of)));
    await press('Another count or note for Ada Marsh');
    await press('Another count', 'Clean reps, logs the set');
    await press('3', 'Clean reps, logs the set');
    await sees('Far short of the 6–8 asked. Rest fully before the next set');
    await press('4', 'Clean reps of that set');
    await eventually(() => expect(text()).not.toContain('Far short'));
    await press('3', 'Clean reps of that set');
    await sees('Far short');
    await press(/^More help: Rook 32 mm/);
    await eventually(() =>
        expect(
            commands()
                .map((d) => d.switch?.rung_key)
                .filter(Boolean),
        ).toEqual([rookRung.key]),
    );
    await sees('Rook 32 mm');
});
