import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import SetupsPage from '../../../client/setups/SetupsPage.vue';
import { bandView, beam, heron, jolyon, kit, rook, rung, practice } from '../support/samples';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve, type Asked } from '../support/server';

const A = '/api/v1/athletes/jolyon';
const rings: Schemas['Gear'] = {
    id: 'n',
    name: 'North rings',
    figures: { kind: 'rings', anchor_height_m: 2.45, straps_m: [1.2, 1.6] },
    retired: false,
};
const box: Schemas['Gear'] = { id: 'x', name: 'Mid box', figures: { kind: 'box', height_m: 0.45 }, retired: false };
const machine: Schemas['Gear'] = {
    id: 'm',
    name: 'Hoist',
    figures: { kind: 'machine', use: 'counterweight', step_kg: 5, most_kg: 80, leverage: 1 },
    retired: false,
};
const level = rung('row', 'Row, North rings 160 cm, mark +30 cm', 0.55, { kind: 'row', ring_id: 'n', strap_m: 1.6, heel_mark_m: 0.3 }, 6);
const row = { ...level, carried: { ...level.carried, friction: 0.4 } };

const sheetOf = (exercise: Schemas['Exercise']): Schemas['SetupAnswer'] => ({
    name: `A ${exercise.movement === 'full' ? exercise.setup.kind : exercise.movement}`,
    lane: 'pull',
    exercise,
    chosen: false,
    reason: null,
    rung: { ...heron, exercise },
    view: bandView,
    why: null,
    safer: null,
    practice,
});

function page(answers: Record<string, (asked: Asked) => unknown> = {}) {
    const asked = serve({
        'GET /api/v1/kit': () => ({
            bands: kit.bands,
            gear: [beam, rings, box, machine],
            damaged: [],
            floor: 'unknown',
            doable: kit.doable,
        }),
        'GET /api/v1/cautions': () => ({ items: [] }),
        [`GET ${A}`]: () => ({ ...jolyon, rung: heron }),
        [`GET ${A}/setup`]: ({ query }) => sheetOf(JSON.parse(query['exercise']!) as Schemas['Exercise']),
        ...answers,
    });
    const exercises = (): Schemas['Exercise'][] =>
        asked.filter((a) => a.command === `GET ${A}/setup`).map((a) => JSON.parse(a.query['exercise']!) as Schemas['Exercise']);
    return { asked, exercises, ...show(SetupsPage, { id: 'jolyon' }) };
}

it('begins with the set-up in use, and asks anew for each kind once its gear is chosen', async () => {
    const { press, sees, exercises, fill } = page();
    await sees('A band');
    expect(exercises()[0]).toMatchObject(heron.exercise);
    await press('Row');
    await fill('Heel mark', '30');
    await sees('A row');
    await eventually(() => expect(exercises().at(-1)).toMatchObject({ setup: { kind: 'row', ring_id: 'n', heel_mark_m: 0.3 } }));
    await press('Counterweight');
    await fill('Stack', '25');
    await eventually(() => expect(exercises().at(-1)?.setup).toEqual({ kind: 'counterweight', machine_id: 'm', stack_kg: 25 }));
});

it('asks once for what is typed quickly, and nothing while something is missing', async () => {
    const { press, sees, exercises, fill } = page();
    await sees('A band');
    await press('Lowering');
    await fill('Seconds', '');
    await sees('Something is missing on the left');
    const before = exercises().length;
    await fill('Seconds', '1');
    await fill('Seconds', '12');
    await sees('A lowering');
    expect(exercises().slice(before)).toMatchObject([{ setup: { kind: 'band' }, movement: 'lowering', seconds: 12 }]);
});

it('says why a set-up cannot be, and what does not fit', async () => {
    const { press, sees, fill } = page({
        [`GET ${A}/setup`]: ({ query }) =>
            query['exercise']!.includes('row')
                ? refuse(422, 'invalid', '', [fault('/heel_mark_m', 'The heels would be under the floor.')])
                : sheetOf(heron.exercise),
    });
    await press('Row');
    await fill('Heel mark', '900');
    await sees('Cannot be. The heels would be under the floor.');
});

it('lists the rows of a share on all the gear, and takes the one that is picked', async () => {
    const { press, sees, fill, asked, value } = page({ [`GET ${A}/heel-mark`]: () => ({ items: [row], reason: null }) });
    await press('Row');
    await fill('Heel mark', '0');
    await fill('Or: which heel mark for a carried share of', '55');
    await press('Find it');
    expect(value('Heel mark')).toBe('0');
    await press(/mark \+30 cm 55 % , grip 0\.4/);
    await eventually(() => expect(value('Heel mark')).toBe('30'));
    expect(asked.find((a) => a.command === `GET ${A}/heel-mark`)?.query).toEqual({ share: '0.55' });
    await sees('A row');
});

it('says why there is no answer, keeps the question, and refuses one that is no number', async () => {
    const { press, sees, fill, value } = page({ [`GET ${A}/heel-mark`]: () => ({ items: [], reason: 'No heel mark gives 99 %.' }) });
    await press('Row');
    await fill('Or: which heel mark for a carried share of', 'half');
    await press('Find it');
    await sees('“half” is not a number.');
    await fill('Or: which heel mark for a carried share of', '99');
    await press('Find it');
    await sees('No heel mark gives 99 %.');
    expect(value('Or: which heel mark for a carried share of')).toBe('99');
});

it('asks for the gear first where the question needs it', async () => {
    const { press, sees } = page({ 'GET /api/v1/kit': () => ({ ...kit, bands: [], gear: [] }), [`GET ${A}`]: () => jolyon });
    await press('Foot help');
    await press('Find it');
    await sees('Choose the gear above first.');
});

it('lists the bands for a number of reps, and takes the one that is picked', async () => {
    const { press, sees, fill, exercises } = page({ [`GET ${A}/for-reps`]: () => ({ items: [rook, heron], reason: null }) });
    await fill('Or: which band for', '7');
    await press('Find it');
    await sees('Rook 32 mm foot · Beam bar 71 % , 7 reps');
    await press(/Rook 32 mm/);
    await eventually(() => expect(exercises().at(-1)).toEqual(rook.exercise));
});

it('puts the athlete on what was put together, and says when it is in use', async () => {
    let chosen = false;
    const { press, sees, asked } = page({
        [`GET ${A}/setup`]: ({ query }) => ({ ...sheetOf(JSON.parse(query['exercise']!) as Schemas['Exercise']), chosen }),
        [`PUT ${A}/setup`]: () => ((chosen = true), { ...jolyon, rung: heron }),
    });
    await press('Put on this set-up');
    await sees('In use');
    expect(asked.find((a) => a.command === `PUT ${A}/setup`)?.body).toEqual(heron.exercise);
});

it('gives only bounds where there is no figure, and no set-up to put on for a hold', async () => {
    const bounded = { ...heron, carried: { ...heron.carried, share_range: [0.6, 1] } };
    const { press, sees, text } = page({
        [`GET ${A}/setup`]: ({ query }) => ({ ...sheetOf(JSON.parse(query['exercise']!) as Schemas['Exercise']), rung: bounded }),
    });
    await press('Hop');
    await sees('Bounded, not measured: the arms carry anything from 60 % to 100 %. Likely 6–10 clean.');
    await press('Unassisted');
    await press('Hold');
    await sees('A hold');
    expect(text()).not.toContain('Put on this set-up');
});
