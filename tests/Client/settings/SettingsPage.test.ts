import { expect, it } from 'vitest';
import { defineComponent, h } from 'vue';
import { lastCoach } from '../../../client/domain/device';
import SettingsPage from '../../../client/settings/SettingsPage.vue';
import { useSession } from '../../../client/composables/useSession';
import { useTheme } from '../../../client/theme/useTheme';
import { me } from '../support/samples';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve, type Asked } from '../support/server';

async function settings(answers: Record<string, (asked: Asked) => unknown>, who = me) {
    await lastCoach.keep(who);
    const asked = serve({
        'GET /api/v1/me': () => who,
        'GET /api/v1/sessions': () => ({ items: [] }),
        'GET /api/v1/erasures': () => ({ items: [] }),
        ...answers,
    });
    const shown = show(defineComponent({ setup: () => () => (useSession().signedIn ? h(SettingsPage) : null) }));
    await useSession().ask();
    await shown.sees('Settings');
    return { asked, commands: (command: string) => asked.filter((a) => a.command === command).map((a) => a.body), ...shown };
}

it('offers everything as a file, and says what stands in it', async () => {
    const { sees } = await settings({});
    await sees('It holds the answers of screens and pain notes');
    expect(document.querySelector('[aria-label="Export"] a')?.getAttribute('href')).toBe('/api/v1/export');
});

it('keeps the gym and its time zone, and shows them from then on', async () => {
    const { fill, press, sees, commands, value } = await settings({
        'PUT /api/v1/settings': ({ body }) => ({ ...me, gym_name: (body as { gym_name: string }).gym_name }),
    });
    expect(value('Gym')).toBe('The Mill');
    await fill('Gym', 'Weir House');
    await press('inches');
    await press('Save');
    await sees('Saved.');
    expect(commands('PUT /api/v1/settings')).toEqual([
        { gym_name: 'Weir House', timezone: 'Europe/London', mass_unit: 'kg', length_unit: 'in' },
    ]);
    expect(useSession().me?.gym_name).toBe('Weir House');
});

it('puts a refusal beside its field and keeps what was typed', async () => {
    const { fill, press, sees, value, text } = await settings({
        'PUT /api/v1/settings': () =>
            refuse(422, 'invalid', 'Some of it cannot be.', [fault('/gym_name', 'A name needs a letter or a figure.')]),
    });
    await fill('Gym', '***');
    await press('Save');
    await sees('A name needs a letter or a figure.');
    expect(value('Gym')).toBe('***');
    expect(text()).not.toContain('Saved.');
});

it('changes the password with the present one, and says when that is wrong', async () => {
    let present = 'chalk-and-rope';
    const { fill, press, sees, commands, value } = await settings({
        'PUT /api/v1/password': ({ body }) =>
            (body as { present: string }).present === present
                ? ((present = 'x'), null)
                : refuse(422, 'wrong-password', 'The present password is another.', []),
    });
    await fill('Present password', 'guess');
    await fill('New password', 'a-longer-password');
    await press('Change the password');
    await sees('The present password is another.');
    expect(value('New password')).toBe('a-longer-password');
    await fill('Present password', 'chalk-and-rope');
    await press('Change the password');
    await sees('Changed.');
    expect(commands('PUT /api/v1/password').at(-1)).toEqual({ present: 'chalk-and-rope', new: 'a-longer-password' });
    await eventually(() => expect([value('Present password'), value('New password')]).toEqual(['', '']));
});

it('says of the demo that it is one', async () => {
    const { sees } = await settings({}, { ...me, demo: true });
    await sees('its people, gear and history are invented');
});

it('keeps one’s own name, and says what is wrong with it', async () => {
    const { fill, press, sees, commands } = await settings({
        'PUT /api/v1/me': ({ body }) =>
            (body as { name: string }).name === ''
                ? refuse(422, 'invalid', '', [fault('/name', 'This must be given: text.')])
                : { ...me, ...(body as object) },
    });
    await fill('Your name', '');
    await press('Save your name');
    await sees('This must be given: text.');
    await fill('Your name', 'Ines');
    await press('Save your name');
    await eventually(() => expect(useSession().me?.name).toBe('Ines'));
    expect(commands('PUT /api/v1/me')).toEqual([{ name: '' }, { name: 'Ines' }]);
});

it('shows who does not own the gym their own account alone', async () => {
    const { sees, text } = await settings({}, { ...me, role: 'coach', rights: ['log', 'coach', 'health', 'kit', 'rules'] });
    await sees('Where you are signed in');
    for (const card of ['Time zone', 'Export the gym', 'What athletes may tell', 'Who works here']) {
        expect(text()).not.toContain(card);
    }
});

it('settles what becomes of the training of who is erased, and says what was', async () => {
    const one = { id: 'a', log: 'anonymous', ordered_at: '2026-03-02T10:00:00Z', by: 'Ines', ended_at: null, failed: false, rows: 0 };
    const { press, sees, commands } = await settings({
        'GET /api/v1/erasures': () => ({
            items: [one, { ...one, id: 'b', failed: true }, { ...one, id: 'c', ended_at: '2026-03-02T10:00:10Z', rows: 12 }],
        }),
        'PUT /api/v1/settings/erasure': ({ body }) => ({ ...me, erased_log: (body as { log: string }).log }),
    });
    await sees(/2 Mar.*by Ines: waits.*failed; nothing was erased.*done, 12 entries/);
    await press('Goes too', 'Training of who is erased');
    await eventually(() => expect(useSession().me?.erased_log).toBe('removed'));
    expect(commands('PUT /api/v1/settings/erasure')).toEqual([{ log: 'removed' }]);
});

it('sets a code beside the password up, shows the recovery codes once, and ends it with one', async () => {
    let who = me;
    const { fill, press, sees, text, commands } = await settings({
        'GET /api/v1/me': () => who,
        'POST /api/v1/second-factor': () => ({ secret: 'MZXW6YTB', address: 'otpauth://totp/Mill?secret=MZXW6YTB' }),
        'PUT /api/v1/second-factor': ({ body }) =>
            (body as { code: string }).code === '123456'
                ? ((who = { ...me, second_factor: true, recovery_codes: 10 }), { codes: ['ab23', 'cd45'] })
                : refuse(422, 'invalid', '', [fault('/code', 'The phone shows another code just now.')]),
        'POST /api/v1/second-factor/end': () => ((who = me), null),
    });
    await press('Set it up');
    await sees('MZXW6YTB');
    expect(document.querySelector('[aria-label="Second factor"] svg.qr')).not.toBeNull();
    await fill('Code', '000000');
    await press('Switch it on');
    await sees('The phone shows another code just now.');
    await fill('Code', '123456');
    await press('Switch it on');
    await sees('ab23 cd45');
    await press('I have them');
    await sees('10 recovery codes are left');
    expect(text()).not.toContain('ab23');
    await fill('Code', 'cd45');
    await press('End it');
    await sees('Set it up');
    expect(commands('POST /api/v1/second-factor/end')).toEqual([{ code: 'cd45' }]);
});

it('lists where one is signed in, in plain words, and signs out elsewhere', async () => {
    const at = '2026-03-02T18:00:00Z';
    let items = [
        {
            id: 'a',
            agent: 'Mozilla/5.0 (Windows NT 10.0) AppleWebKit/537.36 Chrome/156 Safari/537.36',
            began_at: at,
            seen_at: at,
            here: true,
        },
        { id: 'b', agent: 'Mozilla/5.0 (iPhone; like Mac OS X) Version/18 Safari/604', began_at: at, seen_at: at, here: false },
    ];
    const { press, sees, text } = await settings({
        'GET /api/v1/sessions': () => ({ items }),
        'DELETE /api/v1/sessions/b': () => ((items = items.slice(0, 1)), null),
    });
    await sees('Chrome on Windows');
    expect(text()).toContain('Safari on iOS');
    await press('Sign out');
    await eventually(() => expect(text()).not.toContain('Safari on iOS'));
});

it.each([
    ['Light', 'light', '#fbfaf6'],
    ['Dark', 'dark', '#17191c'],
    ['As the device has it', 'light', '#fbfaf6'],
])('makes this device %s, and keeps it', async (label, theme, paper) => {
    const { press } = await settings({});
    await press(label, 'Light or dark');
    await eventually(() => expect(document.documentElement.dataset['theme']).toBe(theme));
    expect(useTheme().colors.paper).toBe(paper);
    expect(localStorage.getItem('steady-rung.theme')).toBe(label.startsWith('As') ? 'device' : theme);
});

it('settles consent, its words and how long health is kept, each by itself', async () => {
    let now = { ...me };
    const { press, fill, sees, commands } = await settings({
        'PUT /api/v1/settings/health': ({ body }) => {
            const asked = body as { consent: 'asked'; consent_words: string | null; keep_health_years: number | null };
            now = { ...now, ...asked, consent_words: asked.consent_words ?? me.consent_words, own_words: asked.consent_words !== null };
            return now;
        },
    });
    await press('Required');
    await sees('No screen is taken without it.');
    await fill('What they agree to', 'Our own words.');
    await press('3 years');
    await sees('erased within the hour');
    await press('Save the words');
    await press('Back to the usual words');
    await eventually(() =>
        expect(commands('PUT /api/v1/settings/health')).toEqual([
            { consent: 'required', consent_words: null, keep_health_years: null },
            { consent: 'required', consent_words: null, keep_health_years: 3 },
            { consent: 'required', consent_words: 'Our own words.', keep_health_years: 3 },
            { consent: 'required', consent_words: null, keep_health_years: 3 },
        ]),
    );
    await press('Not asked for');
    await sees('Nobody is asked');
});
