import { expect, it } from 'vitest';
import PlaceLine from '../../../client/athlete/PlaceLine.vue';
import { jolyon } from '../support/samples';
import { at, show } from '../support/screen';
import { serve } from '../support/server';

const line = async (changes: Partial<typeof jolyon> = {}) => {
    serve({
        'GET /api/v1/methods': () => ({ methods: [] }),
        'GET /api/v1/library': () => ({ builders: [] }),
        'GET /api/v1/athletes/jolyon/place': () => ({ moves: [] }),
    });
    return show(PlaceLine, { open: false, athlete: { ...jolyon, ...changes } }, await at('/people/jolyon'));
};

it('says the stage, and behind it the method, since when, and what leads on', async () => {
    const { press, sees } = await line();
    await press('The ladder');
    await sees(/Steady ladder , stage 1 of 2, The ladder since Sun 1 Feb\. Gate: 3 × 8 in 2 sessions\./);
    await sees('Put on this stage');
    expect(document.querySelector('.now a')?.getAttribute('href')).toBe('/methods/steady-ladder');
});

it('counts the stages for whoever cannot see them', async () => {
    await line({ place: { ...jolyon.place, number: 2, of: 4 } });
    expect(document.querySelector('[role="img"]')?.getAttribute('aria-label')).toBe('Stage 2 of 4');
    expect([...document.querySelectorAll('.steps i')].map((i) => i.className)).toEqual(['past', 'now', '', '']);
});

it('names what stands in the place of strict work', async () => {
    const { text } = await line({ builder: { key: 'one-more', name: 'One more', idea: '', weeks: [3, 6], lines: [] } as never });
    expect(text()).toContain('with one more');
});
