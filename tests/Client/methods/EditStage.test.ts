import { fireEvent, screen } from '@testing-library/vue';
import { h, reactive } from 'vue';
import { expect, it } from 'vitest';
import EditStage from '../../../client/methods/EditStage.vue';
import { workOf, type StageFile } from '../../../client/methods/methodFile';
import { show, type Shown } from '../support/screen';

const rows = (): StageFile => ({
    key: 'rows',
    name: 'Rows',
    weeks: [4, 8],
    lines: [
        { part: 'warm-up', accessory: 'pull-apart', sets: 2, reps: [12], rest_s: 30 },
        { part: 'main', do: [{ kind: 'row' }], sets: 3, reps: [8, 12], rest_s: 60 },
        { part: 'trunk', accessory: 'plank', sets: 2, seconds: [30, 40], rest_s: 45 },
    ],
    gate: { sets: 3, reps: 12, floor: 6, sessions: 2, least_days: 0 },
});
const accessories = [
    { accessory: 'curl', name: 'Curl', line: 'accessory:curl', usual: { measure: 'reps', low: 10, high: 12, words: '10–12' } },
    { accessory: 'plank', name: 'Plank', line: 'trunk:plank', usual: { measure: 'seconds', low: 30, high: 30, words: '30 s' } },
];

function form(stage = reactive(rows()), place = { first: false, last: false }): Shown & { stage: StageFile; told: string[] } {
    const told: string[] = [];
    const on = {
        onUp: () => told.push('up'),
        onDown: () => told.push('down'),
        onDrop: () => told.push('drop'),
        onAdd: () => told.push('add'),
    };
    return { stage, told, ...show({ render: () => h(EditStage, { stage, accessories, ...place, ...on } as never) }) };
}

/** Types into a field and goes on to the next. */
async function type(label: string, value: string): Promise<void> {
    const field = screen.getByLabelText(label, { selector: 'input' });
    await fireEvent.focus(field);
    await fireEvent.update(field, value);
    await fireEvent.blur(field);
}

it('shows the work, its gate and what stands beside it, each with its unit', () => {
    const { value, text } = form();
    expect(
        [
            'Stage',
            'Sets',
            'From, reps',
            'To, reps',
            'Rest, s',
            'Weeks, at the least',
            'Weeks, at the most',
            'Gate, reps',
            'Gate, sets',
            'Sessions',
            'Floor',
            'Days, at the least',
        ].map(value),
    ).toEqual(['Rows', '3', '8', '12', '60', '4', '8', '12', '3', '2', '6', '0']);
    expect(text()).toContain('Plank, 2 × 30–40 s');
    expect(text()).toContain('pull-apart, 2 × 12');
});

it('keeps the amount a range that climbs: a higher lowest takes the highest with it', async () => {
    const shown = form();
    await type('From, reps', '15');
    expect(workOf(shown.stage)?.reps).toEqual([15, 15]);
    await type('To, reps', '20');
    expect(workOf(shown.stage)?.reps).toEqual([15, 20]);
});

it('counts in seconds where the work is held', () => {
    const held = rows();
    held.lines[1] = { part: 'main', do: [{ kind: 'strict', movement: 'hold', at: 'hang' }], sets: 3, seconds: [20, 30], rest_s: 60 };
    held.gate = { sets: 3, seconds: 30, floor: 15, sessions: 2, least_days: 0 };
    const { value } = form(reactive(held));
    expect(['From, s', 'To, s', 'Gate, s'].map(value)).toEqual(['20', '30', '30']);
});

it('changes gate and rests, and takes no figure beyond its bounds', async () => {
    const shown = form();
    await type('Gate, reps', '10');
    await type('Rest, s', '9000');
    expect([shown.stage.gate.reps, workOf(shown.stage)?.rest_s, shown.value('Rest, s')]).toEqual([10, 600, '600']);
});

it('adds work beside it as it is usually done, and drops what stands there', async () => {
    const { stage, choose, press } = form();
    await choose('Add work beside Rows', 'Curl');
    expect(stage.lines.at(-1)).toEqual({ part: 'accessory', accessory: 'curl', sets: 2, reps: [10, 12], rest_s: 60 });
    await press('Drop Plank');
    expect(stage.lines.map((l) => l.accessory ?? 'work')).toEqual(['pull-apart', 'work', 'curl']);
});

it('climbs rung after rung within the stage where that is said', async () => {
    const { stage, user } = form();
    await user.click(document.querySelector('.n-checkbox')!);
    expect(workOf(stage)?.climbs).toBe(true);
    await user.click(document.querySelector('.n-checkbox')!);
    expect(workOf(stage)).not.toHaveProperty('climbs', true);
});

it('moves, adds and leaves out, but not the only stage, and not beyond the ends', async () => {
    const { told, press } = form();
    for (const name of ['Earlier', 'Later', 'New stage before it', 'Leave out']) {
        await press(name);
    }
    expect(told).toEqual(['up', 'down', 'add', 'drop']);
    document.body.innerHTML = '';
    const { text } = form(reactive(rows()), { first: true, last: true });
    expect([text().includes('Earlier'), text().includes('Later'), text().includes('Leave out')]).toEqual([false, false, false]);
});
