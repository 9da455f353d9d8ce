import { expect, it, vi } from 'vitest';
import { h } from 'vue';
import App from '../../client/App.vue';
import { api, outcome } from '../../client/domain/http';
import { eventually, show } from './support/screen';
import { refuse, serve } from './support/server';

const me = { name: 'Coach', email: 'coach@hollowbrook.example', gym_name: 'The Mill', timezone: 'Europe/London' };
const wrong = refuse(401, 'wrong-sign-in', 'Wrong.');
const signedOut = refuse(401, 'signed-out', 'Nobody is signed in.');
const KNOWN = 'steady-rung.signed-in';

const held = (): string | null | undefined => document.querySelector('[inert]')?.getAttribute('inert');

it('asks to sign in without asking who is there, says what is wrong, keeps the email, and lets the coach in', async () => {
    let right = false;
    const asked = serve({ 'POST /api/sign-in': () => (right ? me : wrong) });
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
    expect(asked.map((a) => a.deed)).toEqual(['POST /api/sign-in', 'POST /api/sign-in']);
    expect(localStorage.getItem(KNOWN)).toBe('yes');
});

it('fetches the token before the first write, and sends it', async () => {
    document.cookie = 'XSRF-TOKEN=; expires=Thu, 01 Jan 1970 00:00:00 GMT';
    const sent: (string | null)[] = [];
    vi.stubGlobal('fetch', async (input: Request | string) => {
        if (typeof input === 'string') {
            document.cookie = 'XSRF-TOKEN=fresh%3D';
            return new Response();
        }
        sent.push(input.headers.get('X-XSRF-TOKEN'));
        return Response.json(me);
    });
    const { press } = show(App);
    await press('Sign in');
    await eventually(() => expect(sent).toEqual(['fresh=']));
});

it('knows a coach who comes back, and holds the page when the session is lost', async () => {
    localStorage.setItem(KNOWN, 'yes');
    let lost = false;
    serve({ 'GET /api/me': () => me, 'GET /api/kit': () => (lost ? signedOut : {}), 'POST /api/sign-in': () => me });
    const { sees, press, text } = show(App);
    await sees('The Mill');
    expect(text()).not.toContain('Password');
    lost = true;
    await outcome(api.GET('/api/kit'));
    await sees('You were signed out. What you typed is kept behind this page.');
    expect(held()).toBe('true');
    await press('Sign in');
    await eventually(() => expect(held()).toBe('false'));
});

it('forgets a session that has ended, and one that is ended', async () => {
    localStorage.setItem(KNOWN, 'yes');
    serve({ 'GET /api/me': () => signedOut });
    const first = show(App);
    await first.sees('Password');
    expect(localStorage.getItem(KNOWN)).toBeNull();

    localStorage.setItem(KNOWN, 'yes');
    const asked = serve({ 'GET /api/me': () => me, 'POST /api/sign-out': () => null });
    const second = show({ render: () => h(App) });
    await second.press('Sign out');
    await eventually(() => expect(localStorage.getItem(KNOWN)).toBeNull());
    expect(asked.at(-1)!.deed).toBe('POST /api/sign-out');
});
