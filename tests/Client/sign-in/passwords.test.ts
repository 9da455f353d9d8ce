import { expect, it, vi } from 'vitest';
import ChoosePassword from '../../../client/sign-in/ChoosePassword.vue';
import SignIn from '../../../client/sign-in/SignIn.vue';
import { me } from '../support/samples';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve } from '../support/server';

it('asks for the code of the phone where one is needed, and sends it with the rest', async () => {
    const asked = serve({
        'POST /api/v1/sign-in': ({ body }) => {
            const { code } = body as { code?: string };
            return code === undefined
                ? refuse(422, 'code-needed', 'Type the code that your phone shows.')
                : code === '123456'
                  ? me
                  : refuse(422, 'invalid', '', [fault('/code', 'This code is another, or was used.')]);
        },
    });
    const { fill, press, sees, text } = show(SignIn, {}, undefined, null);
    await fill('Email', me.email);
    await fill('Password', 'chalk-and-rope');
    expect(text()).not.toContain('Code');
    await press('Sign in');
    await fill('Code', '000000');
    await press('Sign in');
    await sees('This code is another, or was used.');
    await fill('Code', '123456');
    await press('Sign in');
    await eventually(() => expect(asked).toHaveLength(3));
    expect(asked.map((a) => (a.body as { code?: string }).code)).toEqual([undefined, '000000', '123456']);
});

it('has a link mailed to who forgot their password, without saying whether they have an account', async () => {
    const asked = serve({ 'POST /api/v1/password-links': () => null });
    const { fill, press, sees, value } = show(SignIn, {}, undefined, null);
    await fill('Email', me.email);
    await press('I forgot my password');
    expect(value('Email')).toBe(me.email);
    await press('Mail me a link');
    await sees(`If ${me.email} has an account here`);
    expect(asked.map((a) => a.body)).toEqual([{ email: me.email }]);
    await press('Back to signing in');
    await sees('From no pull-up');
});

it('lets who was invited choose a password, and signs them in', async () => {
    location.hash = '#secret';
    const replace = vi.fn();
    vi.stubGlobal('location', { ...location, hash: '#secret', replace, href: location.href, origin: location.origin });
    let isWeak = true;
    const asked = serve({
        'GET /api/v1/password-link': () => ({ name: 'Bea', email: 'bea@mill.example', gym_name: 'The Mill', purpose: 'invitation' }),
        'PUT /api/v1/password-link': () =>
            isWeak ? refuse(422, 'invalid', '', [fault('/password', 'Take a password of at least 10 characters.')]) : null,
        'POST /api/v1/sign-in': () => me,
    });
    const { fill, press, sees } = show(ChoosePassword, {}, undefined, null);
    await sees(/Welcome to The Mill.*Bea, choose/);
    await fill('Password', 'short');
    await press('Choose and sign in');
    await sees('at least 10 characters');
    isWeak = false;
    await fill('Password', 'chalk on the hands');
    await press('Choose and sign in');
    await eventually(() => expect(replace).toHaveBeenCalledWith('/today'));
    expect(asked.at(-1)?.body).toEqual({ email: 'bea@mill.example', password: 'chalk on the hands' });
    vi.unstubAllGlobals();
});

it('says of a link that was used that it has ended', async () => {
    serve({ 'GET /api/v1/password-link': () => refuse(410, 'link-ended', 'This link was used or has ended. Ask for a new one.') });
    await show(ChoosePassword, {}, undefined, null).sees('Ask for a new one.');
    expect(document.querySelector('input[type=password]')).toBeNull();
});
