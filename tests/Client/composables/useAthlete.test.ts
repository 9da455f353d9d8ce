import { VueQueryPlugin, QueryClient } from '@tanstack/vue-query';
import { render } from '@testing-library/vue';
import { createPinia } from 'pinia';
import { expect, it } from 'vitest';
import { ALL_BANDS, useAthlete, type AthletePage } from '../../../client/composables/useAthlete';
import { heron, jolyon, set } from '../support/samples';
import { eventually } from '../support/screen';
import { refuse, serve, type Asked } from '../support/server';

const A = '/api/v1/athletes/ada';

function athlete(answers: Record<string, (asked: Asked) => unknown> = {}) {
    const asked = serve({
        [`GET ${A}`]: () => ({ ...jolyon, rung: heron }),
        [`GET ${A}/sets`]: ({ query }) =>
            query['page'] === '1' ? { items: [set({ id: '1' })], next_page: 2 } : { items: [set({ id: '2' })], next_page: null },
        [`GET ${A}/ladder`]: ({ query }) => ({ lane: query['lane'], rungs: [] }),
        [`GET ${A}/scale`]: () => ({ rungs: [], misfits: [] }),
        ...answers,
    });
    let page!: AthletePage;
    render(
        {
            setup() {
                page = useAthlete('ada');
                return () => null;
            },
        },
        { global: { plugins: [[VueQueryPlugin, { queryClient: new QueryClient() }], createPinia()] } },
    );
    const queries = (path: string) => asked.filter((a) => a.command === `GET ${A}${path}`).map((a) => a.query);
    return { page, asked, queries };
}

it('asks for the athlete and the log at once, then for every lane, and for no band while the ladder is shown', async () => {
    const { page, queries } = athlete();
    await eventually(() => expect(page.ladders.value.value?.row).toMatchObject({ lane: 'row' }));
    expect([queries('').length, queries('/sets').length]).toEqual([1, 1]);
    expect(queries('/scale')).toEqual([{ lane: 'seconds' }]);
});

it('has ladders once all lanes have answered, and a problem if one of them fails, with the last ladders still there', async () => {
    let broken = false;
    const { page } = athlete({
        [`GET ${A}/ladder`]: ({ query }) => (broken ? refuse(500, 'fault', 'Broken.') : { lane: query['lane'], rungs: [] }),
    });
    await eventually(() => expect(page.ladders.value.value).toBeDefined());
    broken = true;
    await page.ladders.reload();
    expect([page.ladders.problem.value?.code, page.ladders.value.value?.row]).toMatchObject(['fault', { lane: 'row' }]);
});

it('asks for one band, or for all of them, when they are to be shown', async () => {
    const { page, queries } = athlete();
    page.shown.value = 'rook';
    await eventually(() => expect(queries('/scale').at(-1)).toEqual({ band: 'rook' }));
    page.shown.value = ALL_BANDS;
    await eventually(() => expect(queries('/scale').at(-1)).toEqual({}));
});

it('adds older pages of the log below the newer ones, and begins anew when the log changes', async () => {
    let newest = '1';
    const { page } = athlete({
        [`GET ${A}/sets`]: ({ query }) =>
            query['page'] === '1' ? { items: [set({ id: newest })], next_page: 2 } : { items: [set({ id: '2' })], next_page: null },
    });
    await eventually(() => expect(page.older.value).toBe(true));
    await page.loadOlder();
    expect([page.sets.value.map((s) => s.id), page.older.value]).toEqual([['1', '2'], false]);
    newest = '3';
    await page.reload();
    await eventually(() => expect(page.sets.value.map((s) => s.id)).toEqual(['3']));
});

it('freshens nothing after a command that was refused', async () => {
    const { page, asked } = athlete({ [`PUT ${A}/setup`]: () => refuse(422, 'does-not-fit', 'Too low.') });
    await eventually(() => expect(page.ladders.value.value).toBeDefined());
    const before = asked.length;
    expect((await page.choose(heron.exercise)).ok).toBe(false);
    expect(asked.length).toBe(before + 1);
});
