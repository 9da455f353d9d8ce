import { expect, it } from 'vitest';
import EditAthletePage from '../../../client/athlete/EditAthletePage.vue';
import NewAthletePage from '../../../client/roster/NewAthletePage.vue';
import { jolyon } from '../support/samples';
import { at, eventually, show } from '../support/screen';
import { refuse, serve } from '../support/server';

it('fills the form with what is known, and changes only what was changed', async () => {
    const asked = serve({
        'GET /api/v1/athletes/jolyon': () => ({ ...jolyon, tags: ['youth'] }),
        'PUT /api/v1/athletes/jolyon': () => jolyon,
        'GET /api/v1/cautions': () => ({ items: [] }),
    });
    const { value, fill, press, path, sees } = show(EditAthletePage, { id: 'jolyon' }, await at('/people/jolyon/edit'));
    await sees('‹ Jolyon Thatch · change');
    await eventually(() =>
        expect([value('Name'), value('Bodyweight'), value('Height'), value(/Measured reach/)]).toEqual([
            'Jolyon Thatch',
            '70',
            '175',
            '210',
        ]),
    );
    await fill('Bodyweight', '72,5');
    await press('Save');
    await eventually(() => expect(path()).toBe('/people/jolyon'));
    expect(asked.find((a) => a.command.startsWith('PUT'))?.body).toEqual({
        name: 'Jolyon Thatch',
        kind: 'climbing',
        mass_kg: 72.5,
        stature_m: 1.75,
        reach_m: 2.1,
        tags: ['youth'],
    });
});

it('leaves an estimated reach empty, so that it is not stored as measured', async () => {
    serve({
        'GET /api/v1/athletes/jolyon': () => ({ ...jolyon, reach_source: 'estimated' }),
        'GET /api/v1/cautions': () => ({ items: [] }),
    });
    const { value } = show(EditAthletePage, { id: 'jolyon' }, await at('/people/jolyon/edit'));
    await eventually(() => expect([value('Name'), value(/Measured reach/)]).toEqual(['Jolyon Thatch', '']));
});

it('adds an athlete once however many times it is sent, and opens the page', async () => {
    const ids: string[] = [];
    serve({
        'GET /api/v1/cautions': () => ({ items: [] }),
        'POST /api/v1/athletes': ({ body }) => (
            ids.push((body as { id: string }).id),
            ids.length === 1 ? refuse(503, 'away', 'The database is starting.') : jolyon
        ),
    });
    const { fill, press, path, sees } = show(NewAthletePage, {}, await at('/people/new'));
    await fill('Name', 'Nesta Wray');
    await fill('Bodyweight', '61');
    await fill('Height', '168');
    await press('Add athlete');
    await sees('The database is starting.');
    await press('Add athlete');
    await eventually(() => expect(path()).toBe(`/people/${ids[0]}`));
    expect(new Set(ids).size).toBe(1);
});

it('goes back without asking where nothing was typed', async () => {
    serve({ 'GET /api/v1/cautions': () => ({ items: [] }) });
    const { press, path } = show(NewAthletePage, {}, await at('/people/new'));
    await press('Cancel');
    await eventually(() => expect(path()).toBe('/people'));
});
