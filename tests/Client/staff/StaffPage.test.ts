import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import MailboxPage from '../../../client/staff/MailboxPage.vue';
import StaffPage from '../../../client/staff/StaffPage.vue';
import { me } from '../support/samples';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve, type Asked } from '../support/server';

const member = (name: string, changes: Partial<Schemas['Member']> = {}): Schemas['Member'] => ({
    id: name.toLowerCase(),
    name,
    email: `${name.toLowerCase()}@mill.example`,
    role: 'coach',
    invited: false,
    left_at: null,
    second_factor: false,
    seen_at: '2026-03-02T18:00:00Z',
    ...changes,
});

function page(items: Schemas['Member'][], answers: Record<string, (asked: Asked) => unknown> = {}) {
    const asked = serve({ 'GET /api/v1/staff': () => ({ items }), 'GET /api/v1/me': () => me, ...answers });
    const shown = show(StaffPage);
    return { commands: (command: string) => asked.filter((a) => a.command === command).map((a) => a.body), ...shown };
}

it('says of everybody what they are and how they stand', async () => {
    const { sees, text } = page([
        member('Coach', { role: 'owner', second_factor: true }),
        member('Bea', { invited: true, seen_at: null }),
        member('Cy', { left_at: '2026-02-01T10:00:00Z' }),
    ]);
    await sees('Invited, has not come yet');
    expect(text()).toMatch(/Last seen .*2 Mar.* · code by phone/);
    expect(text()).toMatch(/Left on .*1 Feb/);
    expect(document.querySelector('[aria-label="Cy"] [aria-label="Role"]')).toBeNull();
    expect(document.querySelector('[aria-label="Coach"] [aria-pressed=true]')?.textContent).toContain('Owner');
});

it('invites somebody, says what is wrong beside the field, and shows the link once, to copy', async () => {
    let isTaken = true;
    const { fill, press, sees, value, commands } = page([member('Coach')], {
        'POST /api/v1/staff': () =>
            isTaken
                ? refuse(422, 'invalid', '', [fault('/email', 'With this email there is an account already.')])
                : { id: 'bea', path: '/password#secret', expires_at: '2026-03-09T18:00:00Z' },
    });
    await fill('Name', 'Bea');
    await fill('Email', 'taken@mill.example');
    await press('Assistant', 'As');
    await press('Send the invitation');
    await sees('With this email there is an account already.');
    expect(value('Name')).toBe('Bea');
    isTaken = false;
    await fill('Email', 'bea@mill.example');
    await press('Send the invitation');
    await sees(/Bea is invited.*until .*9 Mar/);
    await press('Copy the link');
    await sees('Copied');
    expect(await navigator.clipboard.readText()).toBe(`${location.origin}/password#secret`);
    const bodies = commands('POST /api/v1/staff') as Schemas['InvitationInput'][];
    expect(bodies.map((b) => [b.id, b.role])).toEqual([
        [bodies[0]!.id, 'assistant'],
        [bodies[0]!.id, 'assistant'],
    ]);
});

it('changes a role with a tap, and says why the last owner stays one', async () => {
    let asked = 0;
    const { press, sees, commands } = page([member('Coach', { role: 'owner' })], {
        'PUT /api/v1/staff/coach/role': () =>
            asked++ === 0
                ? refuse(409, 'last-owner', 'A gym needs an owner who can sign in. Make somebody else owner first.')
                : { items: [member('Coach')] },
    });
    await press('Coach', 'Coach');
    await sees('Make somebody else owner first.');
    await press('Coach', 'Coach');
    await eventually(() => expect(document.querySelector('[aria-label="Coach"] [aria-pressed=true]')?.textContent).toContain('Coach'));
    expect(commands('PUT /api/v1/staff/coach/role')).toEqual([{ role: 'coach' }, { role: 'coach' }]);
});

it('lets somebody go only when asked twice, and invites them back', async () => {
    const { press, sees, text, commands } = page([member('Bea')], {
        'DELETE /api/v1/staff/bea': () => ({ items: [member('Bea', { left_at: '2026-03-02T18:00:00Z', seen_at: null })] }),
        'POST /api/v1/staff': () => ({ id: 'bea', path: '/password#again', expires_at: '2026-03-09T18:00:00Z' }),
    });
    await press('Leaves…');
    await sees('signed out everywhere');
    await press('Cancel');
    expect(text()).not.toContain('signed out everywhere');
    await press('Leaves…');
    await press('End their access');
    await press('Invite back');
    await sees('/password#again');
    expect(commands('POST /api/v1/staff')).toEqual([{ id: 'bea', name: 'Bea', email: 'bea@mill.example', role: 'coach' }]);
});

it('ends the second factor of who lost their phone', async () => {
    const { press, commands } = page([member('Bea', { second_factor: true })], {
        'DELETE /api/v1/staff/bea/second-factor': () => ({ items: [member('Bea')] }),
    });
    await press('Phone lost');
    await eventually(() => expect(document.body.textContent).not.toContain('code by phone'));
    expect(commands('DELETE /api/v1/staff/bea/second-factor')).toHaveLength(1);
});

it('shows the letters of the demo, and says that none came', async () => {
    let items = [{ to: 'bea@mill.example', subject: 'You are invited', sent_at: '2026-03-02T18:00:00Z', text: 'Hello Bea,\nopen this' }];
    serve({ 'GET /api/v1/mailbox': () => ({ items }) });
    const { sees } = show(MailboxPage);
    await sees(/You are invited.*bea@mill.example.*Hello Bea/);
    items = [];
    document.body.innerHTML = '';
    await show(MailboxPage).sees('No letter yet.');
});
