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
    const asked = serve({ 'GET /api/me': () => who, 'GET /api/coaches': () => ({ items: [{ id: 'coach', name: 'Coach' }] }), ...answers });
    const shown = show(defineComponent({ setup: () => () => (useSession().signedIn ? h(SettingsPage) : null) }));
    await useSession().ask();
    await shown.sees('Settings');
    return { asked, commands: (command: string) => asked.filter((a) => a.command === command).map((a) => a.body), ...shown };
}

it('offers everything as a file, and says what stands in it', async () => {
    const { sees } = await settings({});
    await sees('It holds the answers of screens and pain notes');
    expect(document.querySelector('[aria-label="Export"] a')?.getAttribute('href')).toBe('/api/export');
});

it('keeps the gym, its time zone and the coach’s name, and shows them from then on', async () => {
    const { fill, press, sees, commands, value } = await settings({
        'PUT /api/settings': ({ body }) => ({ ...me, gym_name: (body as { gym_name: string }).gym_name }),
    });
    expect(value('Gym')).toBe('The Mill');
    await fill('Gym', 'Weir House');
    await press('Save');
    await sees('Saved.');
    expect(commands('PUT /api/settings')).toEqual([{ gym_name: 'Weir House', timezone: 'Europe/London', coach_name: 'Coach' }]);
    expect(useSession().me?.gym_name).toBe('Weir House');
});

it('puts a refusal beside its field and keeps what was typed', async () => {
    const { fill, press, sees, value, text } = await settings({
        'PUT /api/settings': () =>
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
        'PUT /api/password': ({ body }) =>
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
    expect(commands('PUT /api/password').at(-1)).toEqual({ present: 'chalk-and-rope', new: 'a-longer-password' });
    await eventually(() => expect([value('Present password'), value('New password')]).toEqual(['', '']));
});

it('says of the demo that it is one', async () => {
    const { sees } = await settings({}, { ...me, demo: true });
    await sees('its people, gear and history are invented');
});

it('adds a coach, and keeps what was typed where the email is taken', async () => {
    const bodies: { id: string; email: string }[] = [];
    const { fill, press, sees, value, text } = await settings({
        'POST /api/coaches': ({ body }) => (
            bodies.push(body as (typeof bodies)[number]),
            bodies.length === 1
                ? refuse(422, 'invalid', '', [fault('/email', 'With this email there is an account already.')])
                : {
                      items: [
                          { id: 'bea', name: 'Bea' },
                          { id: 'coach', name: 'Coach' },
                      ],
                  }
        ),
    });
    await fill('Name of one more', 'Bea');
    await fill('Their email', 'taken@mill.example');
    await fill('A password to begin with', 'chalk on the hands');
    await press('Add the coach');
    await sees('With this email there is an account already.');
    expect([value('Name of one more'), value('A password to begin with')]).toEqual(['Bea', 'chalk on the hands']);
    await fill('Their email', 'bea@mill.example');
    await press('Add the coach');
    await sees('Bea can sign in.');
    expect(text()).toContain('Bea, Coach');
    expect(bodies.map((b) => [b.id, b.email])).toEqual([
        [bodies[0]!.id, 'taken@mill.example'],
        [bodies[0]!.id, 'bea@mill.example'],
    ]);
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
