import { expect, it } from 'vitest';
import AthletePage from '../../../client/athlete/AthletePage.vue';
import type { Schemas } from '../../../client/domain/http';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { band, bandView, call, heron, jolyon, kit, me, rook, set, practice } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, sentSets, serve, setsIn, type Asked, takenBack } from '../support/server';

const A = '/api/v1/athletes/jolyon';
const today = '2026-03-20';
const ladder = (lane: Schemas['Ladder']['lane'], rungs: Schemas['Rung'][] = []): Schemas['Ladder'] => ({
    lane,
    from_share: 0.67,
    to_share: 1,
    now: lane === 'pull' ? heron : null,
    rungs: rungs.map((rung) => ({ rung, step: 0.04 })),
    largest_step: 0.04,
    below: null,
    tried: null,
    start: null,
    largest_step_to: rungs[0]?.key ?? null,
    candidates: 400,
    reaches_goal: rungs.length > 0,
    advice: null,
});

/** The athlete on the Heron band, with what differs and with what else is answered. */
function page(athlete: Partial<Schemas['Athlete']> = {}, answers: Record<string, (asked: Asked) => unknown> = {}) {
    const asked = serve({
        'GET /api/v1/me': () => me,
        'POST /api/v1/commands': ({ body }) => ({
            outcomes: setsIn(body).map((s) => ({ id: s.id, stored: set({ id: s.id, trained_on: today }), problem: null })),
        }),
        'GET /api/v1/cautions': () => ({ items: [] }),
        'GET /api/v1/kit': () => kit,
        [`GET ${A}`]: () => ({ ...jolyon, rung: heron, ...athlete }),
        [`GET ${A}/sets`]: () => ({ items: [], next_page: null }),
        [`GET ${A}/ladder`]: ({ query }) => ladder(query['lane'] as 'pull', query['lane'] === 'pull' ? [rook] : []),
        [`GET ${A}/scale`]: () => ({ rungs: [], misfits: [] }),
        ...answers,
    });
    const shown = show(AthletePage, { id: 'jolyon' });
    useCommandQueue().serve(me.key);
    return { asked, count: (command: string) => asked.filter((a) => a.command === command).length, ...shown };
}

const COUNTS = 'Clean reps: one tap logs';

it('offers to undo a logged set, takes it back once, and freshens the log', async () => {
    const { press, sees, asked, count } = page({}, { 'POST /api/v1/athletes/jolyon/sets/new/withdrawal': () => null });
    await sees('In reserve');
    await press(/^8/, COUNTS);
    await sees('Logged 8 clean.');
    await eventually(() => expect(sentSets(asked)).toHaveLength(1));
    const id = sentSets(asked)[0]!.id;
    await eventually(() => expect(count(`GET ${A}/sets`)).toBeGreaterThan(1));
    await press('Undo');
    await eventually(() => expect(takenBack(asked)).toEqual([id]));
    expect(document.body.textContent).not.toContain('Logged 8 clean.');
});

it('offers no set to log while pulling is paused, not by hand and not by key', async () => {
    const { sees, text, user, count } = page({ pain: { place: 'elbow', level: 4 }, paused_on: '2026-03-02' });
    await sees('Elbow pain, 4 of 10, on Mon 2 Mar.');
    await user.keyboard('8{Enter}');
    expect(text()).not.toContain('In reserve');
    expect(text()).not.toContain('before the pain');
    expect(count('POST /api/v1/commands')).toBe(0);
});

it('marks no gate on a referral, and says its cautions once', async () => {
    const refer = call({
        verdict: 'refer',
        next: null,
        change_kg: null,
        change_share: null,
        reasons: [{ text: 'Pain told: elbow, 4 of 10.', figure: 4, threshold: 1 }],
        cautions: [{ code: 'pain-stop', moment: 'pain', text: 'Stop pulling. A licensed clinician looks at it.' }],
    });
    const { sees, text } = page(
        { pain: { place: 'elbow', level: 4 }, paused_on: '2026-03-02', call: refer },
        {
            'GET /api/v1/cautions': () => ({
                items: [{ code: 'pain-stop', moment: 'pain', text: 'Stop pulling. A licensed clinician looks at it.' }],
            }),
        },
    );
    await sees('Pulling is paused');
    await sees('Stop pulling. A licensed clinician looks at it.');
    expect(text()).not.toContain('4 of 1 ');
    expect(document.querySelector('.call [aria-expanded]')?.getAttribute('aria-expanded')).toBe('false');
});

it('takes down what was done before the pain, that day, when asked to', async () => {
    const { press, sees } = page({ pain: { place: 'elbow', level: 4 }, paused_on: today });
    await press('Log a set that was done before the pain');
    await sees('In reserve');
});

it('asks for a note before it clears a pause, and sends the note once', async () => {
    const command = `POST ${A}/clearances`;
    let paused = true;
    const { press, fill, sees, asked, count, text } = page(
        {},
        {
            [`GET ${A}`]: () => ({
                ...jolyon,
                rung: heron,
                pain: paused ? { place: 'elbow', level: 4 } : null,
                paused_on: paused ? '2026-03-02' : null,
            }),
            [command]: () => ((paused = false), { ...jolyon, rung: heron }),
        },
    );
    await press('Clear with this note');
    await sees('Needed: who looked at it, and what was found.');
    expect(count(command)).toBe(0);
    await fill('Clearing note', 'Seen by the physiotherapist');
    await press('Clear with this note');
    await sees('In reserve');
    expect(asked.find((a) => a.command === command)!.body).toMatchObject({ note: 'Seen by the physiotherapist' });
    expect(text()).not.toContain('Pulling is paused');
});

it('reminds of a band in use that is due, and of no other', async () => {
    const due = { inspected_on: '2026-02-01', uses_since: 12, due: true, text: 'Used 12 times since.' };
    const bands = [band('h', 'Heron 44 mm', { wear: due }), band('r', 'Rook 32 mm', { wear: due })];
    const { sees } = page({}, { 'GET /api/v1/kit': () => ({ ...kit, bands }) });
    await sees('look at it before the next set. Used 12 times since.');
    expect([...document.querySelectorAll('.due a')].map((a) => [a.textContent, a.getAttribute('href')])).toEqual([
        ['Heron 44 mm', '/kit?band=h'],
    ]);
});

const sheet = (changes: Partial<Schemas['SetupAnswer']> = {}): Schemas['SetupAnswer'] => ({
    name: rook.name,
    lane: 'pull',
    exercise: rook.exercise,
    chosen: false,
    reason: null,
    rung: rook,
    view: bandView,
    why: null,
    safer: null,
    practice,
    ...changes,
});

it('says that the kit could not be loaded, not that there is none', async () => {
    let there = false;
    const { press, sees, text } = page(
        {},
        { 'GET /api/v1/kit': () => (there ? { ...kit, bands: [], gear: [] } : refuse(503, 'away', 'The database is away.')) },
    );
    await sees('The database is away.');
    expect(text()).not.toContain('No bands in the kit yet.');
    there = true;
    await press('Try again');
    await sees('No bands in the kit yet.');
});

it('opens a rung of the ladder and puts the athlete on it', async () => {
    const { user, sees, press, asked } = page(
        {},
        { [`GET ${A}/setup`]: () => sheet(), [`PUT ${A}/setup`]: () => ({ ...jolyon, rung: rook }) },
    );
    await sees('carries 49.7 kg');
    await user.click(document.querySelector(`[data-rung="${rook.key}"]`)!);
    await sees('Carried 71 % ± 1.0 points. Feels like 70 % on the way up. Likely 5–9 clean.');
    await press('Put on this set-up');
    await eventually(() => expect(asked.find((a) => a.command === `PUT ${A}/setup`)?.body).toEqual(rook.exercise));
});

it('opens the set-up that the call names', async () => {
    const { sees, press } = page({ call: call() }, { [`GET ${A}/setup`]: () => sheet() });
    await press('Rook 32 mm, foot, Beam bar: why?');
    await sees('Put on this set-up');
});

it('says why a rung does not fit, and does not offer it', async () => {
    const { user, sees, text } = page(
        {},
        { [`GET ${A}/setup`]: () => sheet({ reason: 'The bar is 14 cm too low.', rung: null, view: null }) },
    );
    await sees('carries 49.7 kg');
    await user.click(document.querySelector(`[data-rung="${rook.key}"]`)!);
    await sees('Does not fit. The bar is 14 cm too low.');
    expect(text()).not.toContain('Put on this set-up');
});

it('says how a capacity came about, of the movement that is asked for', async () => {
    const capacity = { share: 0.9, low80: 0.86, high80: 0.93, on: '2026-03-02' };
    const why = (value: number): Schemas['Why'] => ({
        name: 'Capacity',
        steps: [{ label: 'Capacity', how: 'one-rep load', value, unit: '%', source: '' }],
        uncertainties: [],
        remedies: ['Log a set.'],
        sets: [{ id: 's', on: '2026-03-02', words: 'Heron band: 8 clean, 2 in reserve' }],
    });
    const { press, sees } = page(
        { capacity, row_capacity: { ...capacity, on: '2026-03-04' } },
        { [`GET ${A}/capacity`]: ({ query }) => why(query['pattern'] === 'pull' ? 89.9 : 72.1) },
    );
    await press(/^pull capacity, .*why/);
    await sees('After the session of Mon 2 Mar Capacity 89.9 %');
    await sees('The sets behind it Mon 2 Mar · Heron band: 8 clean, 2 in reserve');
    await press('close');
    await press(/^row capacity, .*why/);
    await sees('After the session of Wed 4 Mar Capacity 72.1 %');
});

it('says what was decided before, when asked', async () => {
    const past = [
        call({}, { id: '2', decision: 'accepted', decided_at: '2026-03-04T18:00:00Z' }),
        call(
            { next: heron },
            {
                id: '1',
                decision: 'overridden',
                override_verdict: 'stay',
                override_reason: 'Long week on the wall',
                decided_at: '2026-03-02T23:30:00Z',
            },
        ),
    ];
    const capacity = { share: 0.9, low80: 0.86, high80: 0.93, on: '2026-03-02' };
    const { user, sees, text, count } = page({ capacity }, { [`GET ${A}/calls`]: () => ({ items: past, next_page: null }) });
    await sees('Earlier calls');
    expect(count(`GET ${A}/calls`)).toBe(0);
    await user.click([...document.querySelectorAll('summary')].find((s) => s.textContent === 'Earlier calls')!);
    await sees('Accepted Heron 44 mm, foot, Beam bar → Rook 32 mm, foot, Beam bar');
    expect(text()).toContain('Overridden to stay · Long week on the wall Heron 44 mm, foot, Beam bar');
    expect(text()).toContain('Wed 4 Mar');
});

it('says what to do first for somebody new, and offers to try again when the athlete cannot be loaded', async () => {
    let there = false;
    const { press, sees } = page({}, { [`GET ${A}`]: () => (there ? { ...jolyon } : refuse(500, 'fault', 'Something went wrong.')) });
    await sees('Something went wrong.');
    there = true;
    await press('Try again');
    await sees('Start with a baseline');
    await press('Log a baseline');
    await sees('Clean reps with a band');
});

it('keeps in sight what was accepted today, and offers where to begin after a baseline', async () => {
    const accepted = page({ decided: call({}, { decision: 'accepted', decided_at: '2026-03-20T10:00:00Z' }) });
    await accepted.sees('Climb accepted today');
    document.body.innerHTML = '';

    const capacity = { share: 0.7, low80: 0.6, high80: 0.8, on: '2026-03-20' };
    const begun = page(
        { rung: null, capacity },
        {
            [`GET ${A}/ladder`]: ({ query }) =>
                query['lane'] === 'pull' ? { ...ladder('pull'), now: null, start: rook, tried: heron } : ladder(query['lane'] as 'row'),
            [`PUT ${A}/setup`]: () => jolyon,
        },
    );
    await begun.sees('this is where to begin: Rook 32 mm, foot, Beam bar carries 49.7 kg');
    await begun.press('Put on this', 'Where to begin');
    await eventually(() => expect(begun.asked.find((a) => a.command === `PUT ${A}/setup`)?.body).toEqual(rook.exercise));
});

it('corrects a set on screen with a row that names it', async () => {
    const done = set({ id: 'old', trained_on: '2026-03-18', reserve: 1 });
    const { press, sees, asked, count } = page({}, { [`GET ${A}/sets`]: () => ({ items: [done], next_page: null }) });
    await sees('Wed 18 Mar');
    await press(/^8, open/);
    await press('Correct');
    await press('6', 'Clean reps');
    await press('Correct it');
    await eventually(() => expect(count('POST /api/v1/commands')).toBeGreaterThan(0));
    const [sent] = sentSets(asked);
    expect(sent).toMatchObject({ replaces_id: 'old', clean_reps: 6, reserve: 1, performed_at: done.performed_at });
});

it('stays in sight under the reason when it cannot be freshened, and goes to who stands beside by key', async () => {
    const others = ['isaura', 'jolyon', 'kerensa'].map((id) => ({ id }));
    let away = false;
    const { sees, text, user, path } = page(
        {},
        {
            'GET /api/v1/athletes': () => ({ items: others, next_page: null, tags: [] }),
            [`GET ${A}`]: () => (away ? refuse(503, 'away', 'The database is away.') : { ...jolyon, rung: heron }),
            'POST /api/v1/commands': () => refuse(503, 'away', 'The database is away.'),
            [`POST ${A}/pain`]: () => ((away = true), { ...jolyon, rung: heron }),
        },
    );
    await sees('In reserve');
    await user.keyboard('{ArrowRight}');
    await eventually(() => expect(path()).toBe('/people/kerensa'));
    await user.keyboard('{ArrowLeft}');
    await eventually(() => expect(path()).toBe('/people/isaura'));

    await user.keyboard('p24');
    await user.click([...document.querySelectorAll('button')].find((b) => b.textContent.includes('Tell the pain without a set'))!);
    await sees('The database is away.');
    expect(text()).toContain('In reserve');
});
