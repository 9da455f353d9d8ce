import { expect, it } from 'vitest';
import FirstPage from '../../../client/sign-in/FirstPage.vue';
import { useSession } from '../../../client/composables/useSession';
import { me } from '../support/samples';
import { show } from '../support/screen';
import { fault, refuse, serve } from '../support/server';

it('makes a gym and its coach, beside each field what cannot be, and is signed in then', async () => {
    let strict = true;
    const asked = serve({
        'POST /api/v1/gym': () =>
            strict ? refuse(422, 'invalid', 'Some of it cannot be.', [fault('/password', 'It must be of 10 characters or more.')]) : me,
    });
    const { fill, press, sees, value } = show(FirstPage, {}, undefined, null);
    await fill('Gym', 'Weir House');
    await fill('Your name', 'Ottilie');
    await fill('Email', 'me@weir.example');
    await fill('Password', 'short');
    await press('Make the gym');
    await sees('10 characters or more.');
    expect(value('Email')).toBe('me@weir.example');
    expect(useSession().signedIn).toBe(false);

    strict = false;
    await fill('Password', 'a-long-password');
    await press('Make the gym');
    await sees(/Your gym/);
    expect(asked.filter((a) => a.command === 'POST /api/v1/gym').at(-1)?.body).toMatchObject({
        gym_name: 'Weir House',
        coach_name: 'Ottilie',
        email: 'me@weir.example',
        password: 'a-long-password',
    });
    await expect.poll(() => useSession().signedIn).toBe(true);
});
