import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import RosterPage from '../../../client/roster/RosterPage.vue';
import { words } from '../support/render';
import { eventually, show } from '../support/screen';
import { refuse, serve } from '../support/server';

const entry = (name: string, changes: Partial<Schemas['RosterEntry']> = {}): Schemas['RosterEntry'] => ({
    id: name.toLowerCase(),
    name,
    kind: 'both',
    tags: [],
    mass_kg: 61,
    setup_name: null,
    setup_share: null,
    capacity: null,
    verdict: null,
    decided: null,
    paused: false,
    archived: false,
    last_trained_on: null,
    overdue: false,
    method_name: 'Band taper',
    stage_name: 'Bands',
    stage_number: 3,
    stages: 8,
    why: null,
    damaged: false,
    ...changes,
});
const aldith = entry('Aldith', {
    setup_name: 'Heron 44 mm, foot',
    setup_share: 0.67,
    capacity: { share: 0.9, low80: 0.86, high80: 0.93, on: '2026-03-02' },
    verdict: 'climb',
    why: 'Every set at 8 in 2 sessions running.',
});

function roster(items: readonly Schemas['RosterEntry'][] = [aldith, entry('Brae', { paused: true })], next: number | null = null) {
    const asked = serve({
        'GET /api/v1/athletes': ({ query }) => ({
            items: query['search'] === 'zz' ? [] : items,
            next_page: query['page'] === '2' ? null : next,
            tags: ['Tuesday'],
        }),
    });
    return { asked, ...show(RosterPage) };
}

it('shows who is on what, how strong, and what the call is; a pause counts as a referral', async () => {
    const { sees } = roster();
    await sees('Aldith');
    const rows = [...document.querySelectorAll('tbody tr')].map((row) => words(row.innerHTML));
    expect(rows).toEqual([
        'Climb Every set at 8 in 2 sessions running. Aldith Heron 44 mm foot 67 % one rep 86–93 % never Bands 3 of 8',
        'Refer Pulling is paused Brae none yet – no baseline never Bands 3 of 8',
    ]);
});

it('looks for a name on the first page, whatever page was shown, and says when there is nobody', async () => {
    const { press, fill, asked, sees, path } = roster([aldith], 2);
    await press('Later names');
    await eventually(() => expect(asked.at(-1)!.query).toEqual({ page: '2', order: 'call' }));
    await fill('Find by name', 'zz');
    await sees('Nobody here is called “zz”.');
    expect(asked.at(-1)!.query).toEqual({ page: '1', search: 'zz', order: 'call' });
    expect(path()).toBe('/?search=zz');
});

it('goes to the search with the slash key, but not while a name is typed', async () => {
    const { user, sees, value } = roster();
    await sees('Aldith');
    await user.keyboard('/');
    expect(document.activeElement?.getAttribute('aria-label')).toBe('Find by name');
    await user.keyboard('a/b');
    expect(value('Find by name')).toBe('a/b');
});

it('opens an athlete from anywhere in the row', async () => {
    const { user, sees, path } = roster();
    await sees('Aldith');
    await user.click(document.querySelector('td.setup')!);
    await eventually(() => expect(path()).toBe('/people/aldith'));
});

it('says how to begin in an empty gym, and offers to try again without a connection', async () => {
    const { sees } = roster([]);
    await sees('No athletes yet');
    serve({ 'GET /api/v1/athletes': () => refuse(503, 'away', 'The database is away.') });
    show(RosterPage);
    await sees('The database is away.');
});

it('opens the only hit with Enter, sorts by the last session, and shows whose call was decided today', async () => {
    const brae = entry('Brae Tull', { verdict: 'stay', decided: 'accepted', last_trained_on: '2026-03-18', tags: ['Tuesday'] });
    const { asked, choose, sees, fill, user, path } = roster([brae]);
    await sees('Stay accepted today Brae Tull Tuesday');
    await sees('Wed 18 Mar');
    await choose('Sorted', 'By last session');
    await eventually(() => expect(asked.at(-1)!.query).toMatchObject({ order: 'last-session' }));
    await fill('Find by name', 'tull brae');
    await user.click(document.querySelector('input')!);
    await user.keyboard('{Enter}');
    await eventually(() => expect(decodeURI(path())).toBe('/people/brae tull'));
});
