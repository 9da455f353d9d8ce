import { expect, it } from 'vitest';
import LinkPage from '../../../client/athlete/LinkPage.vue';
import type { Schemas } from '../../../client/domain/http';
import OwnPage from '../../../client/own/OwnPage.vue';
import TellsCard from '../../../client/settings/TellsCard.vue';
import { bandView, foretold, jolyon, me, rook } from '../support/samples';
import { at, eventually, show } from '../support/screen';
import { refuse, serve, type Asked } from '../support/server';

const amount = { measure: 'reps' as const, low: 8, high: 10, words: '8–10' };
const line = (changes: Partial<Schemas['OwnLine']>): Schemas['OwnLine'] => ({
    name: 'Rook 32 mm, foot, Beam bar',
    exercise: rook.exercise,
    view: bandView,
    sets: 3,
    amount,
    aim: 8,
    to_failure: false,
    per_side: false,
    tempo: null,
    rest_s: 150,
    likely: rook.prediction,
    cues: ['Shoulder blades down.'],
    cautions: [],
    ...changes,
});
const page = (changes: Partial<Schemas['OwnPage']> = {}): Schemas['OwnPage'] => ({
    gym_name: 'The Mill',
    mass_unit: 'kg',
    length_unit: 'cm',
    name: 'Jolyon',
    today: '2026-03-02',
    last_on: '2026-09-01',
    consent: null,
    calendar: '/api/v1/calendars/sessions/abc.ics',
    keep_health_years: null,
    tells: ['sets', 'pain', 'soreness', 'coming'],
    paused: false,
    pain_told: null,
    soreness: null,
    session: { on: '2026-03-02', minutes: 26, lines: [line({ name: 'Row, warm-up', sets: 1 }), line({})] },
    ladder: {
        name: 'Rook 32 mm',
        share: 0.71,
        carried_kg: 49.7,
        mass_kg: 70,
        next_name: 'Jay 29 mm',
        next_share: 0.74,
        began_share: 0.52,
        began_on: '2026-01-05',
    },
    capacity: { share: 0.9, low80: 0.87, high80: 0.93, on: '2026-02-28' },
    forecast: foretold(1, { verdict: 'dated', within_4: 0.5, within_12: 0.75 }),
    sets: [
        {
            id: 's',
            on: '2026-02-28',
            performed_at: '2026-02-28T18:00:00Z',
            purpose: 'work',
            name: 'Rook 32 mm',
            clean_reps: 9,
            hang_s: null,
            is_own: false,
        },
    ],
    bests: [{ name: null, carried_share: null, clean_reps: null, hang_s: 31, on: '2026-01-05' }],
    classes: [{ class_id: 'c', name: 'Thursday evening', on: '2026-03-05', at: '18:30', coming: true }],
    ...changes,
});

const open = async (answers: Record<string, (asked: Asked) => unknown>) => {
    const asked = serve({ 'GET /api/v1/my': () => page(), 'GET /api/v1/cautions': () => ({ items: [] }), ...answers });
    return { asked, ...show(OwnPage, {}, await at('/my#token')) };
};
const bodyOf = (asked: Asked[], command: string): Record<string, unknown> =>
    [...asked].reverse().find((a) => a.command === command)?.body as Record<string, unknown>;

it('shows the session of the day with its main work opened, the ladder with the chance and why, what was done and the best', async () => {
    const { sees, text } = await open({});
    await sees('Your session today');
    expect(document.querySelector('details[open] .name')?.textContent).toContain('Rook 32 mm, foot, Beam bar');
    for (const words of [
        'Shoulder blades down.',
        'you carry 49.7 kg of 70.0 kg',
        'next: Jay 29 mm',
        '1 in 2 within 4 weeks, 3 in 4 within 12',
        '87–93 %',
        '31 s',
        'until Tue 1 Sept',
    ]) {
        expect(text()).toContain(words);
    }
});

it('logs a set as it was asked or counted otherwise, under one id until it is answered, and takes it back', async () => {
    let away = true;
    const { asked, press, sees } = await open({
        'POST /api/v1/my/sets': () => (away ? refuse(503, 'away', 'The server is starting.') : page()),
    });
    await press('I did a set');
    await press('1 more');
    await press('2', 'How many more would have gone');
    await press('Log 9 clean reps');
    await sees('The server is starting.');
    away = false;
    await press('Log 9 clean reps');
    await sees('Logged 9 clean reps.');
    const sent = asked.filter((a) => a.command === 'POST /api/v1/my/sets').map((a) => a.body as Record<string, unknown>);
    expect(sent).toHaveLength(2);
    expect(sent[1]!['id']).toBe(sent[0]!['id']);
    expect(sent[1]).toMatchObject({ clean_reps: 9, reserve: 2, hang_s: null });
    const command = `POST /api/v1/my/sets/${String(sent[0]!['id'])}/withdrawal`;
    asked.length = 0;
    await press('Undo');
    await eventually(() => expect(asked.map((a) => a.command)).toContain(command));
});

it('offers the sessions for a calendar, and says what is kept and what was agreed to', async () => {
    const consent = {
        state: 'given' as const,
        text: 'Agreed.',
        words_now: 'Now.',
        words: 'Then.',
        on: '2026-03-01',
        by: 'athlete' as const,
    };
    const mine = page({ consent: { ...consent, guardian: null, born_on: '1990-02-03', noted_by: 'Coach' } });
    const { sees } = await open({ 'GET /api/v1/my': () => mine });
    await sees('Put your sessions into your calendar');
    expect(document.querySelector('a[href^=webcal]')?.getAttribute('href')).toBe(
        `webcal://${location.host}/api/v1/calendars/sessions/abc.ics`,
    );
    await sees(/What is kept of you, and why Screens .*Agreed\. On .*1 Mar.* Then\./);
});

it('tells soreness, who comes and where it hurts; then nothing is to be pulled, and a slip can be undone', async () => {
    let paused = false;
    const { asked, press, sees, text } = await open({
        'POST /api/v1/my/soreness': () => page({ soreness: 3 }),
        'POST /api/v1/my/coming': () => page({ classes: [] }),
        'POST /api/v1/my/pain': ({ body }) => {
            paused = true;
            return page({ paused, session: null, forecast: null, capacity: null, pain_told: (body as { id: string }).id });
        },
        'POST /api/v1/my/pain/undoing': () => page(),
    });
    await sees('How sore are you today?');
    await press('3', 'Soreness');
    await press('Not this time');
    await eventually(() => expect(bodyOf(asked, 'POST /api/v1/my/soreness')).toMatchObject({ soreness: 3, on: '2026-03-02' }));
    await eventually(() =>
        expect(bodyOf(asked, 'POST /api/v1/my/coming')).toMatchObject({ class_id: 'c', on: '2026-03-05', coming: false }),
    );
    await press('It hurts');
    await press('Elbow');
    await press('Tell my coach');
    await sees('Pulling is paused for pain.');
    expect(text()).not.toContain('9–13 are likely');
    await press('I tapped it by mistake');
    await eventually(() =>
        expect(bodyOf(asked, 'POST /api/v1/my/pain/undoing')).toMatchObject({ told_id: bodyOf(asked, 'POST /api/v1/my/pain')['id'] }),
    );
    await sees('Your session today');
});

it('draws no ladder of pulls for who is on rows, and still tells the chance', async () => {
    const { sees, text } = await open({ 'GET /api/v1/my': () => page({ ladder: null }) });
    await sees('1 in 2 within 4 weeks');
    expect(text()).not.toContain('a strict pull-up 100');
    expect(text()).not.toContain('you carry');
});

it('asks for nothing that the gym does not take there, and says when the link has ended or is missing', async () => {
    const quiet = await open({
        'GET /api/v1/my': () => page({ tells: [], session: { on: '2026-03-05', minutes: 20, lines: [line({})] } }),
    });
    await quiet.sees('Your next session: Thu 5 Mar');
    for (const words of ['I did a set', 'It hurts', 'How sore are', 'I come']) {
        expect(quiet.text()).not.toContain(words);
    }
    document.body.innerHTML = '';
    const ended = await open({ 'GET /api/v1/my': () => refuse(410, 'link-ended', 'This link has ended, or was never one.') });
    await ended.sees('This link has ended, or was never one.');
    document.body.innerHTML = '';
    localStorage.clear();
    const none = show(OwnPage, {}, await at('/my'));
    await none.sees('This page opens by the link that your coach gave you.');
});

it('gives a link for so long, shows it as a code that can be read, and ends it when told so twice', async () => {
    const asked = serve({
        'GET /api/v1/athletes/ada': () => jolyon,
        'GET /api/v1/athletes/ada/link': () => ({ path: null, last_on: null, looks: [] }),
        'POST /api/v1/athletes/ada/link': () => ({ path: '/my#abc', last_on: '2026-06-01', looks: ['2026-03-02T18:00:00Z'] }),
        'DELETE /api/v1/athletes/ada/link': () => null,
    });
    const { press, sees, value } = show(LinkPage, { id: 'ada' });
    await press('90 days');
    await press('Give a link');
    await sees('Until Mon 1 Jun it opens without an account.');
    expect(bodyOf(asked, 'POST /api/v1/athletes/ada/link')).toMatchObject({ days: 90 });
    expect(value('Address of the own page')).toMatch(/\/my#abc$/);
    expect(document.querySelector('svg.qr path')?.getAttribute('d')).toMatch(/^M4 4h1/);
    await press('End this link');
    expect(asked.some((a) => a.command.startsWith('DELETE'))).toBe(false);
    await press('End it now');
    await sees('No link yet');
});

it('settles at once what athletes may tell', async () => {
    const asked = serve({ 'PUT /api/v1/settings/athletes-tell': () => ({ athletes_tell: ['pain'] }) });
    const { press, sees } = show(TellsCard, {}, undefined, { ...me, athletes_tell: [] });
    await sees('They cannot say here that it hurts.');
    await press('That it hurts');
    await eventually(() => expect(bodyOf(asked, 'PUT /api/v1/settings/athletes-tell')).toEqual({ tells: ['pain'] }));
    await eventually(() => expect(document.body.textContent).not.toContain('They cannot say here'));
});
