import { expect, it } from 'vitest';
import AfterPanel from '../../../client/athlete/AfterPanel.vue';
import PlacePanel from '../../../client/athlete/PlacePanel.vue';
import type { Schemas } from '../../../client/domain/http';
import { jolyon } from '../support/samples';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve, type Asked } from '../support/server';

const placed = (asked: readonly Asked[]): unknown => asked.find((a) => /^POST .*\/place$/.test(a.command))?.body;

const oneMore = {
    key: 'one-more',
    name: 'One more a week',
    idea: 'The same sets.',
    weeks: [4, 12],
    from_reps: 1,
    lines: ['Pull-up 3 × 1–10'],
    tires: false,
};
const stage = (key: string, name: string) => ({
    key,
    name,
    kind: key === 'strict' ? 'strict' : 'help',
    weeks: [4, 8],
    ends_at_share: 1,
    lines: [],
    gate: '',
    lowerings: 0,
    ours: [],
    note: null,
});
const method = (key: string, name: string, stages: ReturnType<typeof stage>[]) => ({
    key,
    name,
    idea: `The idea of ${name}.`,
    per_week: [2, 3],
    stages,
    says: [],
    own: false,
    athletes: 0,
    lacks: [],
});
const methods = {
    methods: [
        method('steady-ladder', 'Steady ladder', [stage('ladder', 'The ladder'), stage('strict', 'Strict pull-ups')]),
        method('taper', 'Taper', [stage('rows', 'Rows')]),
    ],
};

function place(answer: unknown = jolyon) {
    const asked = serve({
        'GET /api/v1/methods': () => methods,
        'GET /api/v1/library': () => ({ builders: [oneMore], variations: [], grip: [], trunk: [], accessories: [] }),
        'GET /api/v1/athletes/jolyon/place': () => ({
            moves: [{ method_name: 'Taper', stage_name: 'Rows', since: '2026-01-05', by_call: true, coach: 'Coach', reason: null }],
        }),
        'POST /api/v1/athletes/jolyon/place': () => answer,
    });
    return { asked, ...show(PlacePanel, { open: true, athlete: jolyon }) };
}

it('asks why a stage is skipped, and keeps the place with its reason', async () => {
    const { press, fill, sees, asked, emitted } = place();
    await sees('Taper, Rows by an accepted call');
    await press('2 Strict pull-ups');
    await press('Put on this stage');
    await sees('Needed: why the stage is skipped or set back.');
    await fill('Reason', 'Did three at the weekend');
    await press('2', 'A week');
    await press('Put on this stage');
    await eventually(() => expect(emitted('placed')).toHaveLength(1));
    expect(placed(asked)).toMatchObject({
        method: 'steady-ladder',
        stage: 'strict',
        reason: 'Did three at the weekend',
        sessions_a_week: 2,
    });
});

it('offers a builder where the work is strict, and says what it takes', async () => {
    const { press, fill, choose, sees, text, asked } = place(
        refuse(422, 'invalid', 'Not so.', [fault('/builder', 'It takes 1 strict rep; the most logged is 0.')]),
    );
    await sees('The idea of Steady ladder.');
    expect(text()).not.toContain('In the place of the strict work');
    await press('2 Strict pull-ups');
    await choose('In the place of the strict work', 'One more a week, from 1 strict');
    await sees('The same sets. Pull-up 3 × 1–10, for 4–12 weeks.');
    await fill('Reason', 'Strong already');
    await press('Put on this stage');
    await sees('It takes 1 strict rep; the most logged is 0.');
    expect(placed(asked)).toMatchObject({ stage: 'strict', builder: 'one-more' });
});

it('begins another method at its first stage without asking why, and says what the server refuses', async () => {
    const { press, choose, sees, asked } = place(
        refuse(422, 'invalid', 'There is no such stage.', [fault('/stage', 'There is no such stage.')]),
    );
    await sees('The idea of Steady ladder.');
    await choose('Method', 'Taper');
    await sees('The idea of Taper.');
    await press('Put on this stage');
    await sees('There is no such stage.');
    expect(placed(asked)).toMatchObject({ method: 'taper', stage: 'rows', reason: null });
});

it('takes down what was told, one tap each, none of it needed, with cautions where they matter', async () => {
    serve({ 'GET /api/v1/cautions': () => ({ items: [{ code: 'emergency', moment: 'pain', text: 'Emergency care now.' }] }) });
    const told: Schemas['SignalInput'][] = [];
    const { press, sees } = show(AfterPanel, {
        open: true,
        athlete: jolyon,
        tell: (one: Schemas['SignalInput']) => (told.push(one), Promise.resolve({ ok: true, value: jolyon })),
    });
    await press('Grip');
    await press('No', 'Felt in the right place?');
    await press('4', 'Soreness of 5');
    await press('Dark urine');
    await sees('Emergency care now.');
    await press('Note it');
    await eventually(() => expect(told).toHaveLength(1));
    expect(told[0]).toMatchObject({ gave_out: 'grip', takes_hold: false, soreness: 4, symptoms: ['dark-urine'], effort: null });
});
