import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import { useLine } from '../../../client/sessions/useLine';
import SessionPage from '../../../client/sessions/SessionPage.vue';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { COACH, heron, jolyon, set } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, sentCommands, serve, setsIn } from '../support/server';

const prediction = (reps: number): Schemas['Prediction'] => ({ reps, low80: reps - 2, high80: reps + 2, clipped: false });

const block = (changes: Partial<Schemas['Block']> = {}): Schemas['Block'] => ({
    part: 'main',
    purpose: null,
    name: heron.name,
    rung: heron,
    accessory: null,
    group: null,
    sets: 3,
    amount: { measure: 'reps', low: 8, high: 10, words: '8–10' },
    aim: 10,
    to_failure: false,
    per_side: false,
    begun: null,
    tempo: 'steady up, two seconds down',
    rest_s: 150,
    expected: [prediction(9.2), prediction(7.4), prediction(6.1)],
    seconds: null,
    cues: ['Shoulder blades down first.'],
    cautions: [{ code: 'band-wear', moment: 'band', text: 'Look for nicks.' }],
    note: null,
    line: 'main:band',
    school: null,
    by_hand: null,
    ...changes,
});
const curl = block({
    part: 'accessory',
    name: 'Curl',
    rung: null,
    accessory: 'curl',
    amount: { measure: 'reps', low: 10, high: 10, words: '10' },
    sets: 2,
    rest_s: 60,
    expected: [],
    cautions: [],
    note: 'Last time 8.0 kg × 12.',
    line: 'accessory:curl',
});

const undone: Schemas['LineDone'] = { today: [], last: [], last_on: null };
const written = (changes: Partial<Schemas['Session']> = {}): Schemas['Session'] => ({
    on: '2026-11-27',
    done: (changes.blocks ?? [1, 2, 3]).map(() => undone),
    place: jolyon.place,
    blocks: [
        block({ part: 'warm-up', name: 'Band pull-apart in front', rung: null, accessory: 'pull-apart', expected: [], cautions: [] }),
        block(),
        curl,
    ],
    minutes: 31,
    gear: ['Beam bar', 'Heron 44 mm'],
    notes: ['Two weeks away: nothing harder than last time.'],
    refused: null,
    left_out: [],
    calendar: {
        sessions: ['2026-11-30', '2026-12-02'],
        stages: [
            { name: 'The ladder', gate: '3 × 8', from: '2026-11-27', to: '2027-02-05', soonest: '2027-01-08', latest: null },
            { name: 'Strict pull-ups', gate: '3 × 5', from: '2027-02-05', to: null, soonest: null, latest: null },
        ],
        comebacks: [],
        next: null,
    },
    ...changes,
});

function page(session: Schemas['Session'] = written(), answers: Parameters<typeof serve>[0] = {}) {
    const asked = serve({ 'GET /api/v1/athletes/jolyon': () => jolyon, 'GET /api/v1/athletes/jolyon/session': () => session, ...answers });
    return { asked, ...show(SessionPage, { id: 'jolyon' }) };
}

it('shows each part with its counts, what is likely in the first and the last set, cues, cautions, gear and length', async () => {
    const { sees, text } = page();
    await sees('3 × 8–10');
    expect(text()).toContain('likely 7–11 last 4–8 rest 2:30');
    expect(text()).toContain('46.9 kg, 67 % · steady up, two seconds down');
    expect(text()).toMatch(/Warm-up.*Main.*Accessory/);
    expect(text()).toContain('Fri 27 Nov · about 31 min');
    expect(text()).toContain('Look for nicks.');
    expect(text()).toContain('Needs Beam bar, Heron 44 mm');
    expect(text()).toContain('Cautions Two weeks away: nothing harder than last time.');
    expect(text()).toContain('stage 1 of 2, The ladder');
    expect(text()).toContain('Mon 30 Nov Wed 2 Dec');
    expect(text()).toMatch(/The ladder, gate about 5 Feb 2027 from 8 Jan 2027 on/);
    expect(text()).toContain('Strict pull-ups, gate not foreseeable yet');
});

it('says why nothing, or not all, is written, and from when on', async () => {
    const { sees } = page(
        written({ blocks: [], refused: { code: 'week-full', text: 'Three sessions this week already.', next_on: '2026-11-30' } }),
    );
    await sees('Three sessions this week already. Next from Mon 30 Nov on.');
    await sees('Nothing is written for today.');
});

/** The page of a coach who is signed in, on a server that takes commands, or is away. */
async function logging(isAway: () => boolean) {
    const shown = page(written({ blocks: [curl] }), {
        'POST /api/v1/commands': ({ body }) =>
            isAway()
                ? refuse(503, 'away', 'The database is away.')
                : { outcomes: (body as Schemas['QueueInput']).commands.map((d) => ({ id: d.beside?.id, stored: null, problem: null })) },
    });
    useCommandQueue().serve(COACH);
    await shown.press(/^Log : Curl/);
    return { ...shown, beside: () => sentCommands(shown.asked).map((d) => d.beside) };
}

it('logs work beside the pull as asked, with its load, and says what is wrong with a figure', async () => {
    const { press, fill, sees, beside } = await logging(() => false);
    await fill(/^Reps/, 'many');
    await press('Log set 1');
    await sees('“many” is not a number.');
    await fill(/^Reps/, '12');
    await fill(/^Load/, '8.5');
    await press('Log set 1');
    await sees('Log set 2');
    await eventually(() => expect(beside()).toMatchObject([{ accessory: 'curl', reps: 12, load_kg: 8.5 }]));
});

it('keeps work beside the pull on the device while the server is away, and sends it under the same id when it is back', async () => {
    let away = true;
    const { press, sees, beside } = await logging(() => away);
    await press('Log set 1');
    await sees('Log set 2');
    await eventually(() => expect(beside()).not.toEqual([]));
    expect(useCommandQueue().pending).toHaveLength(1);
    away = false;
    await useCommandQueue().flush();
    await eventually(() => expect(useCommandQueue().pending).toEqual([]));
    expect(new Set(beside().map((b) => b?.id)).size).toBe(1);
});

const others: Schemas['OtherRungs'] = {
    rungs: [heron],
    accessories: [
        {
            accessory: 'carry',
            name: 'Loaded carry',
            line: 'accessory:carry',
            usual: { measure: 'metres', low: 30, high: 30, words: '30 m' },
        },
    ],
};

it('tries a change while it is typed, says what it touches, keeps it, and goes back to the method', async () => {
    const changed = block({
        sets: 2,
        school: 'Band pull-up 3 × 8–10',
        by_hand: { lasts: false },
        note: 'With this the gate cannot be met: 3 × 8 in 2 sessions.',
    });
    const { asked, sees, press, fill, text } = page(written(), {
        'GET /api/v1/athletes/jolyon/session/others': () => others,
        'POST /api/v1/athletes/jolyon/session/tried': () => written({ blocks: [changed] }),
        'POST /api/v1/athletes/jolyon/session/changes': () => written({ blocks: [changed] }),
        'DELETE /api/v1/athletes/jolyon/session/changes': () => written(),
    });
    await sees('3 × 8–10');
    await press(new RegExp(`^Change.*${heron.name}`));
    await fill('Sets', '2');
    await sees('the gate cannot be met');
    await press('Change it');
    await sees(/By hand, for the next session ?; the method asks Band pull-up 3 × 8–10/);
    expect(asked.find((a) => a.command.endsWith('/changes'))?.body).toMatchObject({
        line: 'main:band',
        lasts: false,
        sets: 2,
        low: 8,
        high: 10,
        rest_s: 150,
    });
    await press(/^Back to the method/);
    await eventually(() => expect(text()).not.toContain('By hand'));
});

it('shows what is left out by hand and puts it back', async () => {
    const { sees, press, asked } = page(written({ left_out: [{ line: 'trunk:plank', words: 'Plank 2 × 60 s', lasts: true }] }), {
        'DELETE /api/v1/athletes/jolyon/session/changes': () => written(),
    });
    await sees('Left out by hand, from now on: Plank 2 × 60 s.');
    await press(/^Put it back/);
    await eventually(() => expect(asked.some((a) => a.command.startsWith('DELETE'))).toBe(true));
});

it('logs a mixed set as one, begun on one set-up and ended on the other', async () => {
    const sent: ReturnType<typeof setsIn> = [];
    const begun = { name: 'Unassisted pull-up', exercise: { ...heron.exercise, setup: { kind: 'strict' as const } }, reps: 2 };
    const { press, sees, text } = page(written({ blocks: [block({ begun, sets: 1 })] }), {
        'POST /api/v1/commands': ({ body }) => {
            const sets = setsIn(body);
            sent.push(...sets);
            return { outcomes: sets.map((s) => ({ id: s.id, stored: set({ id: s.id }), problem: null })) };
        },
    });
    useCommandQueue().serve(COACH);
    await sees('2 on Unassisted pull-up, then on this, no rest between');
    expect(text()).toContain('1 × 2 + ');
    await press(/^Log : Heron/);
    await press('Log set 1');
    await eventually(() => expect(sent).toHaveLength(2));
    expect(sent).toMatchObject([
        { exercise: begun.exercise, clean_reps: 2 },
        { exercise: heron.exercise, part_of: sent[0]?.id },
    ]);
});

it('logs a pulling line on its own set-up, with the reps asked and the reserve', async () => {
    const sent: unknown[] = [];
    const row = block({ part: 'accessory', line: 'accessory:row', name: 'Row', sets: 2 });
    const { press, fill, sees } = page(written({ blocks: [row] }), {
        'POST /api/v1/commands': ({ body }) => {
            const sets = setsIn(body);
            sent.push(...sets);
            return { outcomes: sets.map((s) => ({ id: s.id, stored: set({ id: s.id }), problem: null })) };
        },
    });
    useCommandQueue().serve(COACH);
    await press(/^Other/);
    await fill('Clean reps', '600');
    await press('Log set 1');
    await sees('600 reps is outside');
    await fill('Clean reps', '9');
    await press('2', 'In reserve');
    await press('Log set 1');
    await sees('Log set 2');
    await eventually(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toMatchObject({ exercise: heron.exercise, clean_reps: 9, asked_reps: 8, reserve: 2, purpose: 'work' });
});

it('logs the line whose turn it is as asked with one tap, ticks it off, and goes on to the next', async () => {
    const sent: unknown[] = [];
    const done = [{ today: [9], last: [10, 10, 9], last_on: '2026-11-24' }, undone];
    const { press, sees, text } = page(written({ blocks: [block({ sets: 2 }), curl], done }), {
        'POST /api/v1/commands': ({ body }) => {
            const sets = setsIn(body);
            sent.push(...sets);
            return { outcomes: sets.map((s) => ({ id: s.id, stored: set({ id: s.id }), problem: null })) };
        },
    });
    useCommandQueue().serve(COACH);
    await sees('last time 10 10 9');
    expect(text()).toContain('1 of 4 sets done');
    expect(document.querySelectorAll('li.active .boxes .full')).toHaveLength(1);
    await press('Log 8');
    await sees('done: 9 8');
    expect(text()).toContain('2 of 4 sets done');
    expect(document.querySelector('li.active .name')?.textContent).toBe('Curl');
    expect(sent).toMatchObject([{ exercise: heron.exercise, clean_reps: 8, asked_reps: 8, reserve: null, purpose: 'work' }]);
});

it('counts a line in the unit of what is done instead, and takes its usual amount', () => {
    const carry = others.accessories[0]!;
    const line = useLine(
        () => 'jolyon',
        () => block(),
    );
    line.begin();
    expect([line.unit.value, line.typed.low]).toEqual(['reps', '8']);
    line.put({ accessory: carry });
    expect([line.unit.value, line.typed.low, line.typed.high]).toEqual(['m', '30', '30']);
    line.put({ exercise: { setup: { kind: 'strict' }, movement: 'hold', at: 'top', seconds: 10 } });
    expect(line.unit.value).toBe('s');
});
