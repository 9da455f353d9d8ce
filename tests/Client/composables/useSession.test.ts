import { expect, it } from 'vitest';
import { unsaidGoodbye } from '../../../client/domain/device';
import { useSession } from '../../../client/composables/useSession';
import { me } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, serve } from '../support/server';

const page = { setup: () => (useSession(), () => null) };

/** A server that is away until it is told otherwise, and what it is asked. */
function signedOutOffline(signIn: () => unknown = () => me) {
    const server = { isAway: true };
    const asked = serve({
        'POST /api/v1/sign-out': () => (server.isAway ? refuse(503, 'away', 'The server is away.') : null),
        'POST /api/v1/sign-in': signIn,
        'GET /api/v1/health': () => ({ founded: true }),
    });
    show(page);
    return { server, goodbyes: () => asked.filter((a) => a.command === 'POST /api/v1/sign-out').length };
}

it('ends the session on the server as soon as it answers, where somebody signed out without it', async () => {
    const { server, goodbyes } = signedOutOffline();
    await useSession().signOut();
    expect([goodbyes(), await unsaidGoodbye.read()]).toEqual([1, true]);
    window.dispatchEvent(new Event('online'));
    await eventually(() => expect(goodbyes()).toBeGreaterThan(1)); // pages of other tests hear it too
    expect(await unsaidGoodbye.read()).toBe(true);
    server.isAway = false;
    await useSession().ask();
    expect(await unsaidGoodbye.read()).toBe(false);
});

it('keeps what is to be ended through a wrong password, and forgets it with a right one, whose session takes its place', async () => {
    let isRight = false;
    const { goodbyes } = signedOutOffline(() => (isRight ? me : refuse(422, 'wrong-sign-in', 'Email or password is wrong.')));
    await useSession().signOut();
    await useSession().signIn({ email: 'coach@example.org', password: 'guess' });
    expect(await unsaidGoodbye.read()).toBe(true);
    isRight = true;
    await useSession().signIn({ email: 'coach@example.org', password: 'chalk-and-rope' });
    expect([goodbyes(), await unsaidGoodbye.read()]).toEqual([1, false]);
});
