import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import BodyPage from '../../../client/athlete/BodyPage.vue';
import { eventually, show } from '../support/screen';
import { refuse, serve } from '../support/server';

const weighing = (id: string, on: string, kg: number): Schemas['Body']['weighings'][number] => ({ id, weighed_on: on, mass_kg: kg });

const body = (changes: Partial<Schemas['Body']> = {}): Schemas['Body'] => ({
    athlete_id: 'jolyon',
    name: 'Jolyon Thatch',
    mass_kg: 70.4,
    stature_m: 1.75,
    reach_m: 2.12,
    reach_sd_m: 0.04,
    reach_source: 'estimated',
    proportions: [
        { name: 'Upper arm', length_m: 0.326, per_stature: 0.186, source: 'Drillis and Contini 1966' },
        { name: 'Pull distance', length_m: 0.58, per_stature: null, source: 'computed' },
    ],
    weighings: [weighing('first', '2026-03-01', 71.2)],
    ...changes,
});

it('says what everything is computed from, with its source, and asks for the reach to be measured', async () => {
    serve({ 'GET /api/v1/athletes/jolyon/body': () => body() });
    const { sees, text } = show(BodyPage, { id: 'jolyon' });
    await sees('Mass: 70.4 kg');
    await sees('The reach is estimated from height, ± 4 cm.');
    expect(text()).toMatch(/Upper arm 32\.6 cm 0\.186 Drillis and Contini 1966/);
    expect(text()).toMatch(/Pull distance 58 cm\s+computed/);
    expect(text()).toContain('One weighing so far.');
    expect(text()).not.toContain('×');
});

it('asks for no measuring where the reach was measured', async () => {
    serve({ 'GET /api/v1/athletes/jolyon/body': () => body({ reach_source: 'measured' }) });
    const { sees, text } = show(BodyPage, { id: 'jolyon' });
    await sees('Upper arm');
    expect(text()).not.toContain('is estimated');
});

it('takes a weighing back with one tap, and says why where it cannot', async () => {
    const two = body({ weighings: [weighing('second', '2026-03-10', 70.4), weighing('first', '2026-03-01', 71.2)] });
    let tries = 0;
    const asked = serve({
        'GET /api/v1/athletes/jolyon/body': () => two,
        'POST /api/v1/athletes/jolyon/weighings/second/withdrawal': () =>
            (tries += 1) === 1 ? refuse(503, 'away', 'The database is starting.') : body({ mass_kg: 71.2 }),
    });
    const { press, sees, text } = show(BodyPage, { id: 'jolyon' });
    await press(/^Take back 70\.4 kg of/);
    await sees('The database is starting.');
    expect(text()).toContain('70.4 kg');
    await press(/^Take back 70\.4 kg of/);
    await sees('Mass: 71.2 kg');
    await eventually(() => expect(text()).not.toContain('The database is starting.'));
    expect(asked.filter((a) => a.command.startsWith('POST')).map((a) => Object.keys(a.body as object))).toEqual([['id'], ['id']]);
});

it('draws the mass over time from the second weighing on, and shows a new one at once', async () => {
    const two = body({ mass_kg: 69.8, weighings: [weighing('second', '2026-03-20', 69.8), weighing('first', '2026-03-01', 71.2)] });
    serve({ 'GET /api/v1/athletes/jolyon/body': () => body(), 'POST /api/v1/athletes/jolyon/weighings': () => two });
    const { fill, press, sees } = show(BodyPage, { id: 'jolyon' });
    await sees('One weighing so far.');
    await fill('Weighed today', '69.8');
    await press('Note it');
    await sees('Mass: 69.8 kg');
    await eventually(() => expect(document.querySelectorAll('[aria-label="Mass over time"] svg')).toHaveLength(1));
});
