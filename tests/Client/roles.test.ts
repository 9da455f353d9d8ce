import { expect, it } from 'vitest';
import AthleteHead from '../../client/athlete/AthleteHead.vue';
import CallsPage from '../../client/calls/CallsPage.vue';
import NotYours from '../../client/shell/NotYours.vue';
import RosterPage from '../../client/roster/RosterPage.vue';
import ClassesPage from '../../client/today/ClassesPage.vue';
import KitPage from '../../client/kit/KitPage.vue';
import PausedCard from '../../client/screening/PausedCard.vue';
import { router } from '../../client/router';
import { jolyon, kit, me } from './support/samples';
import { show } from './support/screen';
import { serve } from './support/server';

const assistant = { ...me, role: 'assistant' as const, rights: ['log' as const] };
const cautions = { 'GET /api/v1/cautions': () => ({ items: [] }) };

/** Each page as an owner and as an assistant see it: what is there to be pressed for the one and not for the other. */
it.each([
    [
        'people',
        RosterPage,
        {},
        { 'GET /api/v1/athletes': () => ({ items: [], tags: [], next_page: null }) },
        ['Add an athlete', 'Bring in'],
    ],
    [
        'classes',
        ClassesPage,
        {},
        { 'GET /api/v1/classes': () => ({ items: [], held: [], tags: [], today: '2026-03-02' }) },
        ['Make a class'],
    ],
    [
        'the kit',
        KitPage,
        {},
        { ...cautions, 'GET /api/v1/kit': () => kit, 'GET /api/v1/athletes': () => ({ items: [], tags: [], next_page: null }) },
        ['Add a band', 'Add a bar'],
    ],
    [
        'a pause',
        PausedCard,
        { athlete: { ...jolyon, paused_on: '2026-03-02' }, clear: () => undefined },
        cautions,
        ['Clear with this note'],
    ],
] as const)('offers an assistant nothing to decide on %s', async (_name, page, props, answers, words) => {
    const offered = () =>
        [...document.querySelectorAll('button')].map((b) => b.getAttribute('aria-label') ?? b.textContent.trim()).filter(Boolean);
    serve(answers);
    const owner = show(page, props);
    await expect.poll(offered).toEqual(expect.arrayContaining([...words]));
    await owner.sees(/./);
    document.body.innerHTML = '';
    const other = show(page, props, undefined, assistant);
    await other.sees(/[a-z]/);
    await new Promise((done) => setTimeout(done));
    expect(offered().filter((word) => (words as readonly string[]).includes(word))).toEqual([]);
});

it('shows an assistant the calls without a key that decides', async () => {
    const asked = serve({
        'GET /api/v1/calls': () => ({ items: [], damaged: [], waiting: {}, next_page: null }),
        'GET /api/v1/reminders': () => ({ items: [], more: 0 }),
        'GET /api/v1/calls/overrides': () => ({ items: [] }),
    });
    const { sees } = show(CallsPage, {}, undefined, assistant);
    await sees('↑↓ choose · W why');
    expect(asked.every((a) => a.command.startsWith('GET'))).toBe(true);
});

it('keeps screens, the own page, export and changes out of an assistant’s menu', async () => {
    const { press, sees, text } = show(AthleteHead, { athlete: jolyon }, undefined, assistant);
    await press('More');
    await sees('Trend');
    for (const item of ['Screens', 'Own page', 'Export', 'Change', 'Archive', 'Erase', 'Stage and method']) {
        expect(text()).not.toContain(item);
    }
});

it('says of a page for another role whose it is', async () => {
    await show(NotYours, {}, undefined, assistant).sees('You work here as an assistant, and this page needs a coach or the owner');
    const needed = Object.fromEntries(router.getRoutes().flatMap((r) => (r.meta.right ? [[r.path, r.meta.right]] : [])));
    expect(needed).toEqual({
        '/people/new': 'coach',
        '/people/:id/edit': 'coach',
        '/people/:id/consent': 'health',
        '/people/:id/screens': 'health',
        '/people/:id/link': 'coach',
        '/people/:id/erase': 'gym',
        '/people/:id/compare': 'coach',
        '/imports': 'records',
        '/staff': 'gym',
        '/scripts': 'gym',
        '/audit': 'gym',
        '/mailbox': 'gym',
    });
});
