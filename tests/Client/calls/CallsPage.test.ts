import { expect, it } from 'vitest';
import CallsPage from '../../../client/calls/CallsPage.vue';
import type { Schemas } from '../../../client/domain/http';
import { call, heron, rook } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, serve, type Asked } from '../support/server';

const refer = call({ verdict: 'refer', next: null, change_kg: null, change_share: null, reasons: ['Pain logged: elbow, 4 of 10.'] }, { id: 'refer', athlete_name: 'Fenwick' });
const waiting = { refer: 1, climb: 60 };

/** The queue as the server has it, until a decision is taken. */
function queue(decide: (asked: Asked) => unknown = () => call()) {
    const asked = serve({
        'GET /api/calls': ({ query }) => ({
            items: query['verdict'] === 'stay' ? [] : query['verdict'] === 'refer' ? [refer] : [refer, call()],
            next_page: query['verdict'] || query['page'] === '2' ? null : 2,
            waiting,
        }),
        'GET /api/athletes/jolyon/scale': () => ({ rungs: [{ rung: heron, bars: [], chosen: true }], misfits: [] }),
        'PUT /api/calls/call/decision': decide,
    });
    const loads = (): Record<string, string>[] => asked.filter((a) => a.deed === 'GET /api/calls').map((a) => a.query);
    return { asked, loads, ...show(CallsPage) };
}

it('counts every call that waits, whatever page or kind is shown, and begins a kind at its first page', async () => {
    const { press, loads, sees, text } = queue();
    await sees('All 61');
    expect(text()).toContain('Refer 1 Step down 0 Climb 60 Stay 0');
    await press('Later calls');
    await eventually(() => expect(loads().at(-1)).toEqual({ page: '2' }));
    await press('Refer 1');
    await eventually(() => expect(loads().at(-1)).toEqual({ page: '1', verdict: 'refer' }));
    await press('Stay 0');
    await sees('None of these.');
    expect(text()).toContain('All 61');
});

it('shows each call with its figures, and its reasons when asked', async () => {
    const { press, sees, text } = queue();
    await sees('49.7 kg, 71 % (+2.4 kg, +3.4 %) · 7 reps, 80 %: 5–9');
    expect(text()).not.toContain('Two sessions at the gate.');
    await press('Why', 'Call for Jolyon Thatch');
    await sees('Two sessions at the gate.');
});

it('accepts a call as it was seen, and loads the queue anew', async () => {
    const { press, asked, loads } = queue();
    await press('Accept', 'Call for Jolyon Thatch');
    await eventually(() => expect(loads()).toHaveLength(2));
    expect(asked.find((a) => a.deed.startsWith('PUT'))?.body).toEqual({ version: 3, decision: 'accepted' });
});

it('says so and shows the new call when it changed since it was seen', async () => {
    const { press, loads, sees } = queue(() => refuse(409, 'call-changed', 'The call changed since you saw it.'));
    await press('Accept', 'Call for Jolyon Thatch');
    await sees('The call changed since you saw it.');
    expect(loads()).toHaveLength(2);
});

it('lets nobody override a referral', async () => {
    const { sees } = queue();
    await sees('Pain logged: elbow, 4 of 10.');
    const card = document.querySelector('[aria-label="Call for Fenwick"]')!;
    expect([...card.querySelectorAll('button')].map((b) => b.textContent?.trim())).toEqual(['Accept', 'Why']);
});

it('overrides with another word, another set-up and a reason, and needs the reason', async () => {
    const { press, fill, choose, asked, sees } = queue();
    await press('Override…', 'Call for Jolyon Thatch');
    await press('Stay', 'Instead');
    await press('Override');
    await sees('Needed: what instead, and why.');
    expect(asked.some((a) => a.deed.startsWith('PUT'))).toBe(false);

    await choose('Set-up', /67 % · Heron/);
    await fill('Reason', 'Long week on the wall');
    await press('Override');
    await eventually(() =>
        expect(asked.find((a) => a.deed.startsWith('PUT'))?.body).toEqual({
            version: 3,
            decision: 'overridden',
            verdict: 'stay',
            choice: heron.choice,
            reason: 'Long week on the wall',
        }),
    );
});

it('overrides without another set-up when the set-ups cannot be loaded', async () => {
    const asked = serve({
        'GET /api/calls': () => ({ items: [call()], next_page: null, waiting: { climb: 1 } }),
        'GET /api/athletes/jolyon/scale': () => refuse(503, 'away', 'The database is away.'),
        'PUT /api/calls/call/decision': () => call(),
    });
    const { press, fill, sees } = show(CallsPage);
    await press('Override…');
    await sees('The database is away.');
    await press('Step down', 'Instead');
    await fill('Reason', 'Tired');
    await press('Override');
    await eventually(() => expect(asked.find((a) => a.deed.startsWith('PUT'))?.body).toMatchObject({ verdict: 'step-down', choice: null }));
});

it('shows the in-between set-ups and the mixed set of a step that is too large', async () => {
    const mixed = { first_reps: 3, first_name: rook.name, then_reps: 5, then_name: heron.name };
    const wide = call({
        between: [rook, { ...heron, key: 'other', name: 'Wren 13 mm, knee, Beam bar' }],
        mixed: mixed as Schemas['Call']['mixed'],
        missing: ['One more session at the gate.'],
    });
    serve({ 'GET /api/calls': () => ({ items: [wide], next_page: null, waiting: { climb: 1 } }) });
    const { press, sees, text } = show(CallsPage);
    await press('Why');
    await sees('Wren 13 mm, knee, Beam bar: 46.9 kg, 67 %');
    expect(text()).toContain('Mixed set: 3 on Rook 32 mm, foot, Beam bar, then 5 on Heron 44 mm, foot, Beam bar.');
    expect(text()).toContain('Would change it: One more session at the gate.');
    expect(text().split('In between:')[1]).not.toContain('Rook 32 mm, foot, Beam bar: ');
});

it('says when nothing waits, and offers to try again when it cannot be known', async () => {
    let answer: unknown = refuse(503, 'away', 'The database is away.');
    serve({ 'GET /api/calls': () => answer });
    const { press, sees } = show(CallsPage);
    await sees('The database is away.');
    answer = { items: [], next_page: null, waiting: {} };
    await press('Try again');
    await sees('No calls are waiting');
});
