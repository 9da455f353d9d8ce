import { expect, it, vi } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import ScriptsPage from '../../../client/scripts/ScriptsPage.vue';
import { cameOf } from '../../../client/scripts/words';
import { show } from '../support/screen';
import { fault, refuse, serve, type Asked } from '../support/server';

const token = (name: string, changes: Partial<Schemas['Token']> = {}): Schemas['Token'] => ({
    id: name.toLowerCase(),
    name,
    scopes: ['read'],
    by: 'Coach',
    made_at: '2026-03-02T18:00:00Z',
    expires_at: '2026-04-02T18:00:00Z',
    used_at: null,
    open: true,
    ...changes,
});

const delivery: Schemas['Delivery'] = {
    id: 'd',
    event: 'set.logged',
    made_at: '2026-03-02T18:00:00Z',
    tries: 1,
    delivered_at: null,
    next_at: '2026-03-02T18:01:00Z',
    answered: 500,
    fault: null,
};

const webhook = (changes: Partial<Schemas['Webhook']> = {}): Schemas['Webhook'] => ({
    id: 'hook',
    address: 'https://counter.example/told',
    events: ['set.logged', 'call.made'],
    secret: 'whsec_c2VjcmV0',
    latest: null,
    ...changes,
});

function page(tokens: Schemas['Token'][], webhooks: Schemas['Webhook'][], answers: Record<string, (asked: Asked) => unknown> = {}) {
    const asked = serve({
        'GET /api/v1/tokens': () => ({ items: tokens }),
        'GET /api/v1/webhooks': () => ({ items: webhooks }),
        ...answers,
    });
    return { asked, ...show(ScriptsPage) };
}

it('lets a script in, shows its token once, and sends the same id again after a lost answer', async () => {
    let isAway = true;
    const { asked, fill, press, sees } = page([], [], {
        'POST /api/v1/tokens': () => (isAway ? refuse(503, 'away', 'The server is away.') : { token: 'a-long-token' }),
    });
    await sees('No script was let in yet.');
    await sees('Nobody is told yet.');
    await fill('Name', 'Door counter');
    await press('Log sets, weighings, pain');
    await press('30 days');
    await press('Make a token');
    isAway = false;
    await sees('The server is away.');
    await press('Make a token');
    await sees('Door counter is let in.');
    await press('Copy the token');
    expect(await navigator.clipboard.readText()).toBe('a-long-token');
    const bodies = asked.filter((a) => a.command === 'POST /api/v1/tokens').map((a) => a.body as Schemas['TokenInput']);
    expect(bodies.map(({ name, scopes, days, id }) => ({ name, scopes, days, same: id === bodies[0]!.id }))).toEqual(
        Array(2).fill({ name: 'Door counter', scopes: ['read', 'log'], days: 30, same: true }),
    );
});

it('warns before health is opened to a script, and makes no token that lets it do nothing', async () => {
    const { press, sees, text } = page([], []);
    await sees('No script');
    expect(text()).not.toContain('Let it only where the athletes know');
    await press('Answers about health');
    await sees('Let it only where the athletes know of it.');
    await press('Answers about health');
    await press('See what everybody here sees');
    const make = [...document.querySelectorAll('button')].find((b) => b.textContent.includes('Make a token'));
    expect(make?.disabled).toBe(true);
});

it('says how each token stands, and ends one only when asked twice', async () => {
    const { asked, press, sees, text } = page([token('Door', { used_at: '2026-03-02T19:30:00Z' }), token('Old', { open: false })], [], {
        'DELETE /api/v1/tokens/door': () => ({ items: [token('Door', { open: false })] }),
    });
    await sees(/last used .*2 Mar.* 19:30 · until .*2 Apr/);
    expect(text()).toMatch(/Old.*not used yet · ended/s);
    await press('End…');
    expect(asked.some((a) => a.command.startsWith('DELETE'))).toBe(false);
    await press('End it for good');
    await sees(/not used yet · ended/);
});

it('sets up a webhook, says what is wrong beside the field, and tries it', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout'], shouldAdvanceTime: true });
    let stored: Schemas['Webhook'][] = [];
    const { fill, press, sees, value } = page([], [], {
        'GET /api/v1/webhooks': () => ({ items: stored }),
        'PUT /api/v1/webhooks': ({ body }) => {
            const { address } = body as Schemas['WebhookInput'];
            if (!address.startsWith('http')) {
                return refuse(422, 'invalid', '', [fault('/address', 'Give a whole address.')]);
            }
            stored = [webhook({ address })];
            return { items: stored };
        },
        'POST /api/v1/webhooks/hook/try': () => {
            stored = [webhook({ latest: { ...delivery, event: 'webhook.tried', answered: 204, delivered_at: '2026-03-02T18:00:01Z' } })];
            return { items: [webhook({ latest: { ...delivery, event: 'webhook.tried', answered: null, tries: 0 } })] };
        },
    });
    await fill('Address', 'counter');
    await press('A set was logged');
    await press('Set it up');
    await sees('Give a whole address.');
    await fill('Address', 'https://counter.example/told');
    await press('Set it up');
    await sees('Told nothing yet');
    expect(value('Address')).toBe('');
    await press('Copy the secret');
    expect(await navigator.clipboard.readText()).toBe('whsec_c2VjcmV0');
    await press('Try it');
    await sees(/It was tried .*: on its way/);
    await vi.advanceTimersByTimeAsync(2600);
    await sees('arrived, answered 204');
    vi.useRealTimers();
});

it('shows what it was told, changes it, and ends it', async () => {
    const { asked, press, sees, fill } = page([], [webhook({ latest: delivery })], {
        'GET /api/v1/webhooks/hook/deliveries': () => ({ items: [delivery, { ...delivery, id: 'e', next_at: null }], next_page: null }),
        'PUT /api/v1/webhooks': () => ({ items: [webhook({ address: 'https://other.example/' })] }),
        'DELETE /api/v1/webhooks/hook': () => ({ items: [] }),
    });
    await sees(/A set was logged .*: answered 500; again at 18:01/);
    await press('What it was told');
    await sees('answered 500; given up');
    await press('Change…');
    await fill('Address', 'https://other.example/', webhook().address);
    await press('Change it');
    await sees('https://other.example/');
    expect(asked.filter((a) => a.command === 'PUT /api/v1/webhooks').at(-1)?.body).toMatchObject({
        id: 'hook',
        events: ['set.logged', 'call.made'],
    });
    await press('End…');
    await press('End it for good');
    await sees('Nobody is told yet.');
});

it.each([
    [{ delivered_at: '2026-03-02T18:00:01Z', answered: 204 }, 'arrived, answered 204'],
    [{ answered: null, fault: 'not-reached' as const }, 'nobody answered; again at 18:01'],
    [
        { answered: null, fault: 'not-public' as const, next_at: null },
        'the address leads to a machine that may not be asked from here; given up',
    ],
    [{ answered: null, tries: 0 }, 'on its way'],
])('says in a line what came of telling it: %j', (changes, line) => {
    expect(cameOf({ ...delivery, ...changes }, (moment) => moment.slice(11, 16))).toBe(line);
});
