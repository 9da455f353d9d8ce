import { screen } from '@testing-library/vue';
import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import MethodPage from '../../../client/methods/MethodPage.vue';
import MethodsPage from '../../../client/methods/MethodsPage.vue';
import { move, workOf, type StageFile, pickMeans, type MethodFile } from '../../../client/methods/methodFile';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve } from '../support/server';

const stage = (key: string, changes: Partial<Schemas['StageStrip']> = {}): Schemas['StageStrip'] => ({
    key,
    name: `Stage ${key}`,
    kind: 'row',
    weeks: [4, 8],
    ends_at_share: 0.6,
    lines: ['Row 3 × 8–12'],
    gate: '3 × 12 in 2 sessions',
    lowerings: 0,
    ours: [],
    note: null,
    ...changes,
});
const taper: Schemas['MethodStrip'] = {
    key: 'taper',
    name: 'Taper',
    idea: 'Help fades.',
    per_week: [2, 3],
    stages: [
        stage('rows'),
        stage('lowering', { kind: 'timed', lowerings: 60, ours: ['The step of 55.'] }),
        stage('strict', { kind: 'strict' }),
    ],
    says: [
        { rule: 'bands', point: 'Bands as the usual help', words: 'the usual help' },
        { rule: 'trunk', point: 'Trunk work', words: 'alongside' },
    ],
    own: false,
    athletes: 3,
    lacks: ['Stage rows'],
    ordered_by: 'After bands',
};
const file = {
    key: 'taper',
    name: 'Taper',
    idea: 'Help fades.',
    per_week: [2, 3],
    says: {},
    stages: ['rows', 'strict'].map((key) => ({
        key,
        name: `Stage ${key}`,
        weeks: [4, 8],
        ends_at_share: 0.6,
        lines: [{ part: 'main', do: [{ kind: 'row' }], sets: 3, reps: [8, 12], rest_s: 60 }],
        gate: { sets: 3, reps: 12, floor: 6, sessions: 2, least_days: 0 },
    })),
};

it('stands the methods side by side: stages in order, times a week, the disputed points, who is on it, what gear is missing', async () => {
    serve({ 'GET /api/v1/methods': () => ({ methods: [taper] }) });
    const { sees, text } = show(MethodsPage);
    await sees('Taper');
    expect(text()).toContain('2–3 a week');
    expect(text()).toContain('bands: the usual help');
    expect(text()).toContain('3 on it');
    expect(text()).toContain('no gear for Stage rows');
    expect([...document.querySelectorAll('.strip span')].map((one) => [one.className, one.textContent.trim()])).toEqual([
        ['row-kind', '1'],
        ['timed', '2'],
        ['strict-kind', '3'],
    ]);
    expect(text()).toMatch(/1 Stage \w+.* 2 Stage \w+.* 3 Stage \w+/);
});

it('brings a method in from a file, and keeps nothing of one that is wrong', async () => {
    let answer: unknown = refuse(422, 'invalid', 'This cannot be kept.', [fault('/stages/0/gate', 'The gate asks more than its work.')]);
    serve({ 'GET /api/v1/methods': () => ({ methods: [] }), 'PUT /api/v1/methods': () => answer });
    const { press, user, sees } = show(MethodsPage);
    await press('Import');
    const bring = async (text: string): Promise<void> =>
        user.upload(
            document.querySelector<HTMLInputElement>('input[type=file]')!,
            new File([text], 'm.json', { type: 'application/json' }),
        );
    await bring('{oh');
    await sees('This is not readable JSON. Nothing was kept. m.json');
    await bring('{}');
    await sees('The gate asks more than its work. /stages/0/gate');
    answer = { methods: [taper] };
    await bring(JSON.stringify(file));
    await sees('Taper');
});

it('shows one method whole, with what is ours and what the caps stretch', async () => {
    serve({
        'GET /api/v1/methods': () => ({ methods: [taper] }),
        'GET /api/v1/cautions': () => ({ items: [] }),
        'GET /api/v1/caps': () => ({ lowerings_a_session: 15, lowerings_a_week: 30 }),
    });
    const { sees, text } = show(MethodPage, { method: 'taper' });
    await sees('3 × 12 in 2 sessions');
    await sees('60 lowerings a session; the caps stretch it');
    expect(text()).toContain('Ours: The step of 55.');
    expect(text()).toContain('Trunk work alongside');
});

it('copies a method under a key of its own, checks it while it is typed, and keeps it only when nothing is wrong', async () => {
    let verdict: unknown = null;
    const asked = serve({
        'GET /api/v1/methods': () => ({ methods: [taper] }),
        'GET /api/v1/cautions': () => ({ items: [] }),
        'GET /api/v1/methods/taper': () => structuredClone(file),
        'POST /api/v1/methods/check': () => verdict,
        'PUT /api/v1/methods': () => ({ methods: [taper] }),
    });
    const { press, fill, sees, value } = show(MethodPage, { method: 'taper' });
    await press('Copy and change');
    await sees('Save');
    expect(value('Key')).toBe('taper-ours');
    verdict = refuse(422, 'invalid', 'Not so.', [fault('', 'The stage cannot be finished: its gate asks 3 × 99.')]);
    await fill(/^Name/, 'Ours');
    await sees('The stage cannot be finished');
    verdict = null;
    await fill(/^Name/, 'Our taper');
    await eventually(() => expect(document.body.textContent).not.toContain('cannot be finished'));
    await press('Save');
    await eventually(() =>
        expect(asked.find((a) => a.command === 'PUT /api/v1/methods')?.body).toMatchObject({ key: 'taper-ours', name: 'Our taper' }),
    );
});

it('moves stages, and finds the work of one', () => {
    const stages = file.stages as unknown as StageFile[];
    const order = [...stages];
    move(order, 0, 1);
    expect(order.map((s) => s.key)).toEqual(['strict', 'rows']);
    move(order, 1, -1);
    expect(order.map((s) => s.key)).toEqual(['rows', 'strict']);
    expect(workOf(stages[0]!)?.sets).toBe(3);
});

it('changes what a stage is done on, its amount and the work beside it, and adds a stage', async () => {
    const asked = serve({
        'GET /api/v1/methods': () => ({ methods: [taper] }),
        'GET /api/v1/cautions': () => ({ items: [] }),
        'GET /api/v1/methods/taper': () => structuredClone(file),
        'GET /api/v1/library': () => ({
            builders: [],
            variations: [],
            grip: [],
            trunk: [],
            accessories: [
                { accessory: 'curl', name: 'Curl', line: 'accessory:curl', usual: { measure: 'reps', low: 10, high: 10, words: '10' } },
            ],
        }),
        'POST /api/v1/methods/check': () => null,
        'PUT /api/v1/methods': () => ({ methods: [taper] }),
    });
    const { press, choose, user, sees } = show(MethodPage, { method: 'taper' });
    await press('Copy and change');
    await sees('Save');
    await choose('Done on, in Stage rows', 'Low bar');
    await choose('Add work beside Stage rows', 'Curl');
    await sees('Accessory Curl, 2 × 10');
    await user.click(screen.getAllByRole('button', { name: 'New stage before it' })[1]!);
    await press('Save');
    const kept = (): MethodFile => asked.find((a) => a.command === 'PUT /api/v1/methods')?.body as MethodFile;
    await eventually(() => expect(kept()).toBeDefined());
    expect(kept().stages.map((s) => s.key)).toEqual(['rows', 'stage-3', 'strict']);
    expect(kept().stages[0]?.lines[0]?.do?.map((m) => m.kind)).toEqual(['row', 'low-bar']);
    expect(kept().stages[0]?.lines[1]).toEqual({ part: 'accessory', accessory: 'curl', sets: 2, reps: [10, 10], rest_s: 60 });
});

it('turns amount and gate to seconds where a hold takes the place of reps, and keeps what it knows of a means', () => {
    const stage = structuredClone(file.stages[0]) as unknown as StageFile;
    const work = stage.lines[0]!;
    work.do = [{ kind: 'band', to_share: 0.8 }];
    pickMeans(stage, work, ['band|full||over', 'row|full||over']);
    expect(work.do).toEqual([{ kind: 'band', to_share: 0.8 }, { kind: 'row' }]);
    expect(work.reps).toEqual([8, 12]);
    pickMeans(stage, work, ['strict|hold|top|over']);
    expect(work).toMatchObject({ do: [{ kind: 'strict', movement: 'hold', at: 'top', seconds: 10 }], seconds: [10, 20] });
    expect(work.reps).toBeUndefined();
    expect(stage.gate).toEqual({ sets: 3, sessions: 2, least_days: 0, seconds: 20, floor: 5 });
});
