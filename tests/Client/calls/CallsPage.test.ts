import { expect, it } from 'vitest';
import CallsPage from '../../../client/calls/CallsPage.vue';
import type { Schemas } from '../../../client/domain/http';
import { callWord, decisionWords } from '../../../client/domain/words';
import { call, heron, rook } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, serve, type Asked } from '../support/server';

const refer = call(
    { verdict: 'refer', next: null, change_kg: null, change_share: null, reasons: [{ text: 'Pain told: elbow, 4 of 10.' }] },
    { id: 'refer', athlete_name: 'Fenwick' },
);
const waiting = { refer: 1, climb: 60 };

/** The queue as the server has it, until a decision is taken. */
function queue(decide: (asked: Asked) => unknown = () => call({}, { decision: 'accepted' })) {
    const asked = serve({
        'GET /api/v1/calls': ({ query }) => ({
            items: query['verdict'] === 'stay' ? [] : query['verdict'] === 'refer' ? [refer] : [refer, call()],
            next_page: query['verdict'] || query['page'] === '2' ? null : 2,
            waiting,
            damaged: [],
        }),
        'GET /api/v1/athletes/jolyon/instead': () => ({
            rungs: [heron, rook].map((rung) => ({ rung, bars: [], chosen: rung === heron })),
            misfits: [],
        }),
        'PUT /api/v1/calls/call/decision': decide,
    });
    const loads = (): Record<string, string>[] => asked.filter((a) => a.command === 'GET /api/v1/calls').map((a) => a.query);
    return { asked, loads, ...show(CallsPage) };
}

it('groups the calls by verdict with all that wait, the most urgent first, and turns the pages', async () => {
    const { press, loads, sees, text } = queue();
    await sees('61 to decide');
    expect(text()).toMatch(/Refer 1 .*Climb 60/);
    expect([...document.querySelectorAll('section[aria-label]')].map((s) => s.getAttribute('aria-label'))).toEqual(
        expect.arrayContaining(['Refer', 'Climb']),
    );
    await press('Later calls');
    await eventually(() => expect(loads().at(-1)).toEqual({ page: '2' }));
});

it('shows each call with its figures, and its reasons when asked', async () => {
    const { press, sees, text } = queue();
    await sees('49.7 kg, 71 % (+2.4 kg, +3.4 %) · likely 5–9');
    expect(text()).not.toContain('Would change it');
    await press('Why', 'Call for Jolyon Thatch');
    await eventually(() => expect(document.querySelectorAll('[aria-label="Call for Jolyon Thatch"] ul')).toHaveLength(1));
});

it('shows what decided as marks against the gate, and the stage it leads to', async () => {
    const gated = call({ reasons: [{ text: 'Every set at 8 clean.', figure: 1, threshold: 2 }], stage_name: 'Lowering' });
    serve({ 'GET /api/v1/calls': () => ({ items: [gated], next_page: null, waiting: { climb: 1 }, damaged: [] }) });
    const { sees } = show(CallsPage);
    await sees('next stage, Lowering');
    expect([...document.querySelectorAll('.dots i')].map((dot) => dot.classList.contains('full'))).toEqual([true, false]);
});

it('accepts a call as it was seen, once for a double click, and leaves it in its place with Undo', async () => {
    const { user, asked, loads, sees, press } = queue();
    await sees('Jolyon Thatch');
    const accept = document.querySelector('[aria-label="Call for Jolyon Thatch"] .actions button')!;
    await user.dblClick(accept);
    await sees('Accepted Undo');
    expect(asked.filter((a) => a.command.startsWith('PUT')).map((a) => a.body)).toEqual([{ version: 3, decision: 'accepted' }]);
    expect(document.querySelector('[aria-label="Call for Jolyon Thatch"]')!.classList).toContain('settled');
    expect(loads()).toHaveLength(1);

    serve({ 'DELETE /api/v1/calls/call/decision': () => call() });
    await press('Undo');
    await eventually(() => expect(document.querySelector('[aria-label="Call for Jolyon Thatch"]')!.classList).not.toContain('settled'));
});

it('is gone through by the keyboard: down, accept and on, why, other, undo', async () => {
    const { user, asked, sees } = queue();
    await sees('Jolyon Thatch');
    await user.keyboard('{ArrowDown}{ArrowDown}');
    await eventually(() =>
        expect(document.querySelector('[aria-label="Call for Jolyon Thatch"]')!.getAttribute('aria-current')).toBe('true'),
    );
    await user.keyboard('w{Enter}');
    await sees('Accepted Undo');
    expect(asked.filter((a) => a.command.startsWith('PUT')).map((a) => a.command)).toEqual(['PUT /api/v1/calls/call/decision']);
    serve({ 'DELETE /api/v1/calls/call/decision': () => call() });
    await user.keyboard('u');
    await eventually(() => expect(document.querySelector('.settled')).toBeNull());
    await user.keyboard('o');
    await sees('Decide otherwise: Jolyon Thatch');
});

it('folds Stay beside others, and accepts all of it in one tap', async () => {
    const stays = ['a', 'b'].map((id) => call({ verdict: 'stay' }, { id, athlete_name: `Athlete ${id}` }));
    const decided: string[] = [];
    serve({
        'GET /api/v1/calls': () => ({ items: [call(), ...stays], next_page: null, waiting: { climb: 1, stay: 2 }, damaged: [] }),
        'PUT /api/v1/calls/a/decision': () => (decided.push('a'), call({}, { id: 'a', decision: 'accepted' })),
        'PUT /api/v1/calls/b/decision': () => (decided.push('b'), call({}, { id: 'b', decision: 'accepted' })),
    });
    const { press, sees } = show(CallsPage);
    await sees('Show each with what is missing');
    await press('Accept 2');
    await eventually(() => expect(decided.sort()).toEqual(['a', 'b']));
});

it('counts what was overridden and what was called after it', async () => {
    serve({
        'GET /api/v1/calls': () => ({ items: [], next_page: null, waiting: {}, damaged: [] }),
        'GET /api/v1/calls/overrides': () => ({
            rules: [{ verdict: 'climb', rule: 'gate-met', decided: 9, overridden: 2, then: [{ verdict: 'step-down', times: 1 }] }],
        }),
    });
    const { user, sees } = show(CallsPage);
    await sees('What was overridden');
    const summary = [...document.querySelectorAll('summary')].at(-1)!;
    await user.click(summary);
    summary.parentElement!.dispatchEvent(new Event('toggle'));
    await sees(/Climb, gate met.*9.*2.*step down 1/);
});

it('says so and shows the new call when it changed since it was seen', async () => {
    const { press, loads, sees } = queue(() => refuse(409, 'call-changed', 'The call changed since you saw it.'));
    await press('Accept', 'Call for Jolyon Thatch');
    await sees('The call changed since you saw it.');
    expect(loads()).toHaveLength(2);
});

it('lets nobody override a referral', async () => {
    const { sees } = queue();
    await sees('Pain told: elbow, 4 of 10.');
    const card = document.querySelector('[aria-label="Call for Fenwick"]')!;
    expect([...card.querySelectorAll('button')].map((b) => b.textContent?.trim())).toEqual(['Accept', 'Why']);
});

it('overrides with another word, another set-up and a reason, and needs the reason', async () => {
    const { press, fill, choose, asked, sees } = queue();
    await press('Otherwise…', 'Call for Jolyon Thatch');
    await press('Stay', 'Instead');
    await press('Decide');
    await sees('Needed: what instead, and why.');
    expect(asked.some((a) => a.command.startsWith('PUT'))).toBe(false);

    await choose('Set-up', /67 % · Heron/);
    await fill('Reason', 'Long week on the wall');
    await press('Decide');
    await eventually(() =>
        expect(asked.find((a) => a.command.startsWith('PUT'))?.body).toEqual({
            version: 3,
            decision: 'overridden',
            verdict: 'stay',
            exercise: heron.exercise,
            reason: 'Long week on the wall',
        }),
    );
});

it('needs the set-up of a climb, offers only ones that carry more, and says when they cannot be loaded', async () => {
    const { press, fill, choose, asked, sees, text } = queue(() => call({}, { decision: 'overridden' }));
    await press('Otherwise…', 'Call for Jolyon Thatch');
    await press('Step down', 'Instead');
    await fill('Reason', 'Tired');
    await press('Decide');
    await sees('Needed: the set-up to step down to.');
    expect(asked.some((a) => a.command.startsWith('PUT'))).toBe(false);
    expect(text()).toContain('Set-up it goes to');

    serve({
        'GET /api/v1/calls': () => ({ items: [call({ verdict: 'stay' })], next_page: null, waiting: { stay: 1 }, damaged: [] }),
        'GET /api/v1/athletes/jolyon/instead': () => refuse(500, 'fault', 'The database is away.'),
    });
    document.body.innerHTML = '';
    const second = show(CallsPage);
    await second.press('Otherwise…');
    await second.sees('The database is away.');
    expect(choose).toBeTypeOf('function');
});

it('shows what nearly fired, what changed under the call, and the mixed set of a step that is too large', async () => {
    const mixed = { first_reps: 3, first_name: rook.name, then_reps: 5, then_name: heron.name };
    const wide = call(
        {
            mixed: mixed as Schemas['Call']['mixed'],
            missing: ['One more session at the gate.'],
            nearly: [
                {
                    verdict: 'step-down',
                    rule: 'below-floor',
                    evidence: [{ text: 'Under 5 clean in one session (4).', figure: 1, threshold: 2 }],
                },
            ],
        },
        { changed: 'The gear changed: the next rung was Finch.' },
    );
    serve({ 'GET /api/v1/calls': () => ({ items: [wide], next_page: null, waiting: { climb: 1 }, damaged: [{ id: 'x', name: 'Bea' }] }) });
    const { press, sees, text } = show(CallsPage);
    await sees('The call of Bea cannot be read any more');
    await press('Why');
    await sees('The gear changed: the next rung was Finch.');
    expect(text()).toContain('Nearly step down: Under 5 clean in one session (4).');
    expect(text()).toContain('Mixed set: 3 on Rook 32 mm, foot, Beam bar, then 5 on Heron 44 mm, foot, Beam bar.');
    expect(text()).toContain('Would change it: One more session at the gate.');
});

it('says when nothing waits, and offers to try again when it cannot be known', async () => {
    let answer: unknown = refuse(503, 'away', 'The database is away.');
    serve({ 'GET /api/v1/calls': () => answer });
    const { press, sees } = show(CallsPage);
    await sees('The database is away.');
    answer = { items: [], next_page: null, waiting: {}, damaged: [] };
    await press('Try again');
    await sees('No calls are waiting');
});

it('says that nothing waits only while the server says so, never of what was read before', async () => {
    let isAway = false;
    serve({
        'GET /api/v1/calls': () =>
            isAway ? refuse(503, 'away', 'The database is away.') : { items: [], next_page: null, waiting: {}, damaged: [] },
    });
    const { sees, text, client } = show(CallsPage);
    await sees('No calls are waiting');
    isAway = true;
    await client.invalidateQueries({ queryKey: ['calls'] });
    await sees('The database is away.');
    expect(text()).not.toContain('No calls are waiting');
    expect(text()).not.toContain('typed');
});

it('keeps a verdict on another set-up, calls a climb to less a change of stage, and says what was chosen', () => {
    const less = { ...call().call, stage_name: 'Lowering', change_share: -0.33 };
    expect(callWord(less)).toBe('Next stage');
    expect(callWord({ ...less, change_share: 0.04 })).toBe('Climb');
    expect(decisionWords(call({}, { decision: 'accepted' }))).toBe('Accepted');
    const kept = call({}, { decision: 'overridden', override_verdict: 'climb', override_name: 'Rook 32 mm, foot' });
    expect(decisionWords(kept)).toBe('Kept climb: Rook 32 mm, foot');
    expect(decisionWords({ ...kept, override_verdict: 'stay', override_name: null })).toBe('Overridden to stay');
});
