import { expect, it } from 'vitest';
import { defineComponent, h, type Component } from 'vue';
import { lastCoach } from '../../../client/domain/device';
import type { Schemas } from '../../../client/domain/http';
import KitPage from '../../../client/kit/KitPage.vue';
import CapsCard from '../../../client/methods/CapsCard.vue';
import EditMethod from '../../../client/methods/EditMethod.vue';
import RulesPage from '../../../client/methods/RulesPage.vue';
import { useSession } from '../../../client/composables/useSession';
import EditAthletePage from '../../../client/athlete/EditAthletePage.vue';
import SettingsPage from '../../../client/settings/SettingsPage.vue';
import ClassesPage from '../../../client/today/ClassesPage.vue';
import { band, beam, jolyon, kit, me } from '../support/samples';
import { at, eventually, show } from '../support/screen';
import { serve } from '../support/server';

const cautions = { 'GET /api/v1/cautions': () => ({ items: [] }) };

/** Forms that another window saves behind: what is read then, where it is saved, and how a coach works each. */
interface Form {
    page: Component;
    props?: object;
    path?: string;
    read: string;
    now: (other: boolean) => unknown;
    saved: string;
    answer?: unknown;
    others?: Record<string, () => unknown>;
    before?: () => Promise<void>;
    open?: string[];
    field: string | RegExp;
    typed: string;
    press: string[];
    told: string;
    body: object;
}

const caps = { lowerings_a_session: 15, lowerings_a_week: 30, hard_sets_first_month: 10, hard_sets_later: 20 };
const rule = (key: string, point: string, position: string) => ({
    key,
    point,
    positions: { one: `one ${key}`, two: `two ${key}` },
    default: 'one',
    reasons: { one: 'So.', two: 'Or so.' },
    position,
});
const evening: Schemas['Class'] = {
    id: 'c',
    name: 'Evening',
    first_on: '2026-03-17',
    at: '18:30',
    minutes: 75,
    weekly: true,
    last_on: null,
    tags: [],
    next: [],
};

const forms: Record<string, Form> = {
    athlete: {
        page: EditAthletePage,
        props: { id: 'jolyon' },
        path: '/people/jolyon/edit',
        read: 'GET /api/v1/athletes/jolyon',
        now: (other) => (other ? { ...jolyon, mass_kg: 74 } : jolyon),
        saved: 'PUT /api/v1/athletes/jolyon',
        answer: jolyon,
        others: cautions,
        field: 'Name',
        typed: 'Jolyon',
        press: ['Save'],
        told: 'Bodyweight 74 kg',
        body: { name: 'Jolyon', mass_kg: 74 },
    },
    settings: {
        page: defineComponent({ setup: () => () => (useSession().signedIn ? h(SettingsPage) : null) }),
        read: 'GET /api/v1/me',
        now: (other) => (other ? { ...me, timezone: 'Europe/Berlin' } : me),
        saved: 'PUT /api/v1/settings',
        answer: me,
        others: {},
        before: async () => {
            await lastCoach.keep(me);
            await useSession().ask();
        },
        field: 'Gym',
        typed: 'Weir House',
        press: ['Save'],
        told: 'Time zone Europe/Berlin',
        body: { gym_name: 'Weir House', timezone: 'Europe/Berlin' },
    },
    caps: {
        page: CapsCard,
        read: 'GET /api/v1/caps',
        now: (other) => ({ ...caps, ...(other && { lowerings_a_week: 20 }), usual: caps, raised_by: null, raised_at: null }),
        saved: 'PUT /api/v1/caps',
        answer: { ...caps, usual: caps, raised_by: null, raised_at: null },
        field: /^Lowerings a session/,
        typed: '12',
        press: ['Save the caps'],
        told: 'Lowerings a week 20 reps',
        body: { lowerings_a_session: 12, lowerings_a_week: 20 },
    },
    gear: {
        page: KitPage,
        read: 'GET /api/v1/kit',
        now: (other) => ({ ...kit, gear: [other ? { ...beam, figures: { ...beam.figures, rated_kg: 200 } } : beam] }),
        saved: `PUT /api/v1/gear/${beam.id}`,
        answer: beam,
        others: { ...cautions, 'GET /api/v1/athletes': () => ({ items: [], next_page: null }) },
        open: ['Beam bar'],
        field: 'Name',
        typed: 'Long beam',
        press: ['Save'],
        told: 'Rated by its maker for 200 kg',
        body: { name: 'Long beam', figures: { rated_kg: 200 } },
    },
    band: {
        page: KitPage,
        read: 'GET /api/v1/kit',
        now: (other) => ({ ...kit, bands: [{ ...band('h', 'Heron 44 mm'), ...(other && { width_mm: 30 }) }] }),
        saved: 'PUT /api/v1/bands/h',
        answer: band('h', 'Heron 44 mm'),
        others: {
            ...cautions,
            'GET /api/v1/athletes': () => ({ items: [], next_page: null }),
            'GET /api/v1/bands/h/inspections': () => ({ items: [], next_page: null }),
        },
        field: 'Name or shop tag',
        typed: 'Heron',
        press: ['Save'],
        told: 'Width 30 mm',
        body: { name: 'Heron', width_mm: 30 },
    },
    class: {
        page: ClassesPage,
        read: 'GET /api/v1/classes',
        now: (other) => ({ today: '2026-03-20', items: [{ ...evening, ...(other && { minutes: 90 }) }], held: [], tags: [] }),
        saved: 'PUT /api/v1/classes/c',
        answer: { today: '2026-03-20', items: [evening], held: [], tags: [] },
        open: ['Change'],
        field: 'Name',
        typed: 'Late evening',
        press: ['Save'],
        told: 'Minutes: 90',
        body: { name: 'Late evening', minutes: 90 },
    },
    method: {
        page: EditMethod,
        props: { method: 'ours', own: true, open: false },
        read: 'GET /api/v1/methods/ours',
        now: (other) => ({ key: 'ours', name: 'Ours', idea: other ? 'Slower' : 'Slow', stages: [] }),
        saved: 'PUT /api/v1/methods',
        answer: {},
        others: { 'GET /api/v1/library': () => ({ accessories: [] }), 'POST /api/v1/methods/check': () => ({}) },
        field: 'Name',
        typed: 'Ours too',
        press: ['Save'],
        told: 'Idea: Slower',
        body: { name: 'Ours too', idea: 'Slower' },
    },
};

it.each(Object.entries(forms))(
    'says of the %s what another window saved since, sends nothing over it, and then keeps both',
    async (_, form) => {
        let isOther = false;
        const asked = serve({ [form.read]: () => form.now(isOther), [form.saved]: () => form.answer, ...form.others });
        const sent = () => asked.filter((a) => a.command === form.saved).map((a) => a.body);
        const { press, fill, sees, change, client } = show(
            form.page,
            { ...form.props },
            form.path === undefined ? undefined : await at(form.path),
        );
        await form.before?.();
        if (form.props && 'open' in form.props) {
            await change({ ...form.props, open: true });
        }
        for (const button of form.open ?? []) {
            await press(new RegExp(button));
        }
        await fill(form.field, form.typed);
        isOther = true;
        await client.invalidateQueries(); // as when the window is looked at again
        for (const button of form.press) {
            await press(button);
        }
        await sees('Another window saved this since you began');
        await sees(form.told);
        expect(sent()).toEqual([]);
        await press('Save both');
        await eventually(() =>
            expect(sent()).toEqual([
                expect.objectContaining({
                    ...form.body,
                    ...('figures' in form.body && { figures: expect.objectContaining(form.body.figures) }),
                }),
            ]),
        );
    },
);

it('says of the rules what another window settled since, and takes theirs where that is wanted', async () => {
    let lowering = 'one';
    const list = () => ({ rules: [rule('lowering', 'Lowering', lowering), rule('knee', 'Knee', 'one')] });
    const asked = serve({
        'GET /api/v1/house-rules': list,
        'GET /api/v1/caps': () => ({ ...caps, usual: caps, raised_by: null, raised_at: null }),
        'POST /api/v1/house-rules/effects': () => ({ looked_at: 1, effects: [] }),
        'PUT /api/v1/house-rules': list,
    });
    const { press, sees, text } = show(RulesPage);
    await press('two knee');
    await press('See whom it touches');
    lowering = 'two';
    await press('Save the rules');
    await sees('Lowering: two lowering');
    await press('Take theirs');
    await eventually(() => expect(text()).not.toContain('not saved'));
    expect([...document.querySelectorAll('[aria-pressed="true"]')].map((b) => b.textContent?.trim())).toEqual([
        'two lowering',
        'one knee (default)',
    ]);
    expect(asked.some((a) => a.command.startsWith('PUT'))).toBe(false);
});

it('asks once more where another saved again while the coach was being asked', async () => {
    let mass = 70;
    const asked = serve({
        'GET /api/v1/athletes/jolyon': () => ({ ...jolyon, mass_kg: mass }),
        'PUT /api/v1/athletes/jolyon': () => jolyon,
        ...cautions,
    });
    const { press, fill, sees } = show(EditAthletePage, { id: 'jolyon' }, await at('/people/jolyon/edit'));
    await fill('Bodyweight', '71');
    mass = 74;
    await press('Save');
    await sees('Bodyweight 74 kg ; here: Bodyweight 71 kg');
    mass = 75;
    await press('Save mine');
    await sees('Bodyweight 75 kg ; here: Bodyweight 71 kg');
    await press('Save mine');
    await eventually(() => expect(asked.find((a) => a.command.startsWith('PUT'))?.body).toMatchObject({ mass_kg: 71 }));
});
