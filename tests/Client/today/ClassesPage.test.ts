import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import { classOf } from '../../../client/today/useClasses';
import ClassesPage from '../../../client/today/ClassesPage.vue';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { COACH } from '../support/samples';
import { at, eventually, show } from '../support/screen';
import { fault, refuse, sentCommands, serve } from '../support/server';

const tuesday: Schemas['Class'] = {
    id: 'c',
    name: 'Tuesday evening',
    first_on: '2026-03-17',
    at: '18:30',
    minutes: 75,
    weekly: true,
    last_on: null,
    tags: ['tuesday'],
    next: ['2026-03-24', '2026-03-31'],
};
const list = (items: Schemas['Class'][]): Schemas['ClassList'] => ({ today: '2026-03-20', items, held: [], tags: ['tuesday', 'thursday'] });
const held = (id: string, on: string, from: string, to: string): Schemas['HeldClass'] => ({
    id,
    name: id,
    on,
    starts_at: `${on}T${from}:00Z`,
    ends_at: `${on}T${to}:00Z`,
    weekly: true,
});

it('says when each class is held and who comes, and makes another', async () => {
    let [isAway, items] = [true, [tuesday]];
    const asked = serve({
        'GET /api/v1/classes': () => list(items),
        'POST /api/v1/commands': ({ body }) => {
            const id = (body as Schemas['QueueInput']).commands[0]!.class!.id;
            items = isAway ? items : [tuesday, { ...tuesday, id, name: 'Early birds', weekly: false }];
            return isAway ? refuse(503, 'away', 'The server is starting.') : { outcomes: [{ id, stored: null, problem: null }] };
        },
    });
    const { sees, text, press, fill } = show(ClassesPage);
    useCommandQueue().serve(COACH);
    await sees('Every Tuesday at 18:30, 75 min');
    await sees('Who has the tag tuesday comes.');
    await press('Make a class');
    await fill('Name', 'Early birds');
    await fill('Begins at', '07:15');
    await press('Once');
    await press('Make it');
    await sees('Kept on this device. Its sessions are written when the server answers.');
    isAway = false;
    await useCommandQueue().flush();
    await eventually(() => expect(text()).not.toContain('Kept on this device.'));
    await sees(/Once, on/);
    expect(sentCommands(asked)[0]).toEqual({
        class: expect.objectContaining({ name: 'Early birds', at: '07:15', minutes: 75, weekly: false, first_on: '2026-03-20' }),
    });
});

it('makes a class that begins now in two taps, and goes back to the floor', async () => {
    const asked = serve({
        'GET /api/v1/classes': () => list([]),
        'POST /api/v1/commands': ({ body }) => ({
            outcomes: [{ id: (body as Schemas['QueueInput']).commands[0]!.class!.id, stored: null, problem: null }],
        }),
    });
    const { press, path } = show(ClassesPage, {}, await at('/today/classes?new=now'));
    useCommandQueue().serve(COACH);
    await press('Make it');
    await eventually(() => expect(path()).toBe('/today'));
    await eventually(() =>
        expect(sentCommands(asked)[0]).toMatchObject({
            class: { name: 'Class at 12:00', at: '12:00', weekly: false, first_on: '2026-03-20' },
        }),
    );
});

it('refuses what is no time, puts the server’s refusal beside its field, and keeps what was typed', async () => {
    const asked = serve({
        'GET /api/v1/classes': () => list([tuesday]),
        'PUT /api/v1/classes/c': () => refuse(422, 'invalid', '', [fault('/minutes', 'A class lasts 15 to 240 minutes.')]),
    });
    const { sees, press, fill, value } = show(ClassesPage);
    await press('Change');
    await fill('Begins at', '25:00');
    await press('Save');
    await sees('Hours and minutes, like 18:30.');
    expect(asked.some((a) => a.command.startsWith('PUT'))).toBe(false);
    await fill('Begins at', '19:00');
    await fill('Lasts, min', '90');
    await press('Save');
    await sees('A class lasts 15 to 240 minutes.');
    expect([value('Begins at'), value('Lasts, min')]).toEqual(['19:00', '90']);
});

it('ends a class', async () => {
    const asked = serve({ 'GET /api/v1/classes': () => list([tuesday]), 'DELETE /api/v1/classes/c': () => list([]) });
    const { sees, press } = show(ClassesPage);
    await press('End it');
    await sees('No class yet.');
    await eventually(() => expect(asked.map((a) => a.command)).toContain('DELETE /api/v1/classes/c'));
});

it('opens the class that runs, else the next of the day, else the last of it, else the next to come', () => {
    const noon = Date.parse('2026-03-20T12:00:00Z');
    const [early, now, late, tomorrow] = [
        held('early', '2026-03-20', '07:00', '08:00'),
        held('now', '2026-03-20', '11:30', '12:45'),
        held('late', '2026-03-20', '18:30', '19:45'),
        held('next', '2026-03-21', '09:00', '10:00'),
    ];
    const opened = (...of: Schemas['HeldClass'][]) => classOf(of, '2026-03-20', noon)?.id;
    expect([opened(early, now, late), opened(early, late), opened(early, tomorrow), opened(tomorrow), opened()]).toEqual([
        'now',
        'late',
        'early',
        'next',
        undefined,
    ]);
});

it('gives out an address for calendars, a new one in its place, and ends it', async () => {
    let path: string | null = null;
    const asked = serve({
        'GET /api/v1/classes': () => list([tuesday]),
        'GET /api/v1/class-calendar': () => ({ path }),
        'PUT /api/v1/class-calendar': ({ body }) => ({ path: (path = `/api/v1/calendars/classes/${(body as { id: string }).id}.ics`) }),
        'DELETE /api/v1/class-calendar': () => ({ path: (path = null) }),
    });
    const { press, sees, text } = show(ClassesPage);
    await press('Give out an address');
    await sees(`${location.origin}/api/v1/calendars/classes/`);
    const first = path;
    await press('A new one; this one ends');
    await eventually(() => expect(path).not.toBe(first));
    await sees(String(path));
    await press('End it', 'In a calendar');
    await sees('Give out an address');
    expect(text()).not.toContain('/api/v1/calendars/');
    expect(asked.filter((a) => a.command === 'PUT /api/v1/class-calendar')).toHaveLength(2);
    expect(document.querySelector('a[download]')?.getAttribute('href')).toBe('/api/v1/classes.ics');
});
