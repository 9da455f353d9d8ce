import { expect, it, vi } from 'vitest';
import { h } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import App from '../../client/App.vue';
import { lastCoach } from '../../client/domain/device';
import { api, outcome } from '../../client/domain/http';
import { eventually, show } from './support/screen';
import { me } from './support/samples';
import { fault, refuse, serve } from './support/server';

const wrong = refuse(401, 'wrong-sign-in', 'Wrong.');
const signedOut = refuse(401, 'signed-out', 'Nobody is signed in.');
const health = { application: 'steady-rung', database: true, founded: true };

const held = (): boolean => document.querySelector('[inert]') !== null;

it('asks to sign in without asking who is there, says what is wrong, keeps the email, and lets the coach in', async () => {
    let right = false;
    const asked = serve({ 'GET /api/v1/health': () => health, 'POST /api/v1/sign-in': () => (right ? me : wrong) });
    const { fill, press, sees, value, text } = show(App);
    await fill('Email', me.email);
    await fill('Password', 'wrong');
    await press('Sign in');
    await sees('Email or password is wrong.');
    expect(value('Email')).toBe(me.email);
    right = true;
    await press('Sign in');
    await sees('The Mill');
    expect(text()).not.toContain('Password');
    expect(asked.map((a) => a.command)).toEqual(['GET /api/v1/health', 'POST /api/v1/sign-in', 'POST /api/v1/sign-in']);
    expect(await lastCoach.read()).toMatchObject({ key: me.key });
});

it('asks to sign in again in a sheet above the class, which stays in sight', async () => {
    await lastCoach.keep(me);
    serve({ 'GET /api/v1/me': () => me, 'GET /api/v1/kit': () => signedOut, 'POST /api/v1/sign-in': () => me });
    const Class = { render: () => h('p', 'The class') };
    const router = createRouter({ history: createMemoryHistory(), routes: [{ path: '/today', component: Class, meta: { floor: true } }] });
    await router.push('/today');
    const { sees, text } = show(App, {}, router);
    await sees('The class');
    await outcome(api.GET('/api/v1/kit'));
    await sees('You were signed out. What you typed is kept behind this sheet.');
    expect(text()).not.toContain('From no pull-up to several strict ones.');
    expect(document.querySelector('.door')!.classList.contains('above')).toBe(true);
});

it('fetches the token before the first write, and sends it', async () => {
    document.cookie = 'XSRF-TOKEN=; expires=Thu, 01 Jan 1970 00:00:00 GMT';
    const sent: (string | null)[] = [];
    vi.stubGlobal('fetch', async (input: Request | string) => {
        if (typeof input === 'string') {
            document.cookie = 'XSRF-TOKEN=fresh%3D';
            return new Response();
        }
        if (input.method === 'GET') {
            return Response.json(health);
        }
        sent.push(input.headers.get('X-XSRF-TOKEN'));
        return Response.json(me);
    });
    const { press } = show(App);
    await press('Sign in');
    await eventually(() => expect(sent).toEqual(['fresh=']));
});

it('knows a coach who comes back, and holds the page when the session is lost', async () => {
    await lastCoach.keep(me);
    let lost = false;
    serve({ 'GET /api/v1/me': () => me, 'GET /api/v1/kit': () => (lost ? signedOut : {}), 'POST /api/v1/sign-in': () => me });
    const { sees, press, text } = show(App);
    await sees('The Mill');
    expect(text()).not.toContain('Password');
    lost = true;
    await outcome(api.GET('/api/v1/kit'));
    await sees('You were signed out. What you typed is kept behind this page.');
    expect(held()).toBe(true);
    await press('Sign in');
    await eventually(() => expect(held()).toBe(false));
});

it('forgets a session that has ended, and one that is ended', async () => {
    await lastCoach.keep(me);
    serve({ 'GET /api/v1/me': () => signedOut });
    const first = show(App);
    await first.sees('Password');
    await eventually(async () => expect(await lastCoach.read()).toBeNull());

    await lastCoach.keep(me);
    const asked = serve({ 'GET /api/v1/me': () => me, 'POST /api/v1/sign-out': () => null });
    const second = show({ render: () => h(App) });
    await second.press('Sign out');
    await eventually(async () => expect(await lastCoach.read()).toBeNull());
    expect(asked.at(-1)!.command).toBe('POST /api/v1/sign-out');
});

it('goes on with who was there last while the server is away', async () => {
    await lastCoach.keep(me);
    serve({});
    const { sees, text } = show(App);
    await sees('The Mill');
    expect(text()).not.toContain('Password');
});

it('asks for the gym first on an install that has none, and says what is wrong at its field', async () => {
    let right = false;
    const asked = serve({
        'GET /api/v1/health': () => ({ ...health, founded: false }),
        'POST /api/v1/gym': () =>
            right
                ? me
                : refuse(422, 'invalid', 'Something in it is not right.', [
                      fault('/password', 'Take a password of at least 10 characters.'),
                  ]),
    });
    const { fill, press, sees } = show(App);
    await sees('Steady Rung begins empty.');
    await fill('Gym', 'The Mill');
    await fill('Your name', 'Coach');
    await fill('Email', me.email);
    await fill('Password', 'short');
    await press('Make the gym');
    await sees('Take a password of at least 10 characters.');
    right = true;
    await press('Make the gym');
    await eventually(() => expect(document.body.textContent).not.toContain('begins empty'));
    expect(asked.at(-1)!.body).toMatchObject({ gym_name: 'The Mill', coach_name: 'Coach', timezone: expect.stringMatching(/./) });
});
