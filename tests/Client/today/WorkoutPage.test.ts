import { expect, it } from 'vitest';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { useSession } from '../../../client/composables/useSession';
import type { Schemas } from '../../../client/domain/http';
import WorkoutPage from '../../../client/today/WorkoutPage.vue';
import { COACH, heron, me } from '../support/samples';
import { eventually, show } from '../support/screen';
import { fault, refuse, sentCommands, serve } from '../support/server';

const part = (changes: Partial<Schemas['WorkoutPart']> = {}): Schemas['WorkoutPart'] => ({
    athlete_id: 'ada',
    name: 'Ada Marsh',
    variation: 'Strict band reps',
    setup_name: heron.name,
    exercise: heron.exercise,
    share: 0.67,
    rounds: [[7, 7, 7], [8, 7], [9]],
    lasts_s: 280,
    partners: ['Bo Reed'],
    sets_done: 1,
    note: null,
    ...changes,
});
const workout: Schemas['Workout'] = {
    task: '21-15-9 pulls',
    rounds: [21, 15, 9],
    set: 10,
    line: 'workout',
    parts: [
        part(),
        part({
            athlete_id: 'cy',
            name: 'Cy',
            variation: null,
            setup_name: null,
            exercise: null,
            rounds: [],
            lasts_s: null,
            partners: [],
            note: 'Pain: elbow.',
        }),
    ],
};

it('splits what is typed for everybody, logs the next set with one tap, and takes it back', async () => {
    const asked = serve({
        'GET /api/v1/classes/c/days/2026-03-20/workout': ({ query }) =>
            query['task'] === 'thrusters'
                ? refuse(422, 'invalid', 'Not right', [fault('/task', 'Type the pulls of the workout.')])
                : workout,
        'POST /api/v1/commands': ({ body }) => ({
            outcomes: (body as Schemas['QueueInput']).commands.map((d) => ({
                id: (Object.values(d).find((v) => typeof v === 'object') as { id: string }).id,
                stored: null,
                problem: null,
            })),
        }),
    });
    const { sees, press, fill, text } = show(WorkoutPage, { class: 'c', on: '2026-03-20' });
    useSession().change({ ...me });
    useCommandQueue().serve(COACH);
    await press('Split it');
    await sees('Type the pulls of the workout first.');
    await fill('Pulls of the workout', 'thrusters');
    await press('Split it');
    await sees('Type the pulls of the workout.');
    await fill('Pulls of the workout', '21-15-9 pull-ups');
    await press('Split it');
    await sees('in turn with Bo Reed');
    expect(text()).toContain('about 4:40 min');
    expect(text()).toContain('No pulls today Pain: elbow.');
    await press('Round 1, set 2: 7 pulls');
    await sees('Ada Marsh: 7 logged');
    await eventually(() =>
        expect(sentCommands(asked).map((d) => [d.athlete_id, d.set?.clean_reps, d.set?.line])).toEqual([['ada', 7, 'workout']]),
    );
    await eventually(() => expect(document.querySelectorAll('.rounds .done')).toHaveLength(2));
    await press('Undo');
    await eventually(() => expect(sentCommands(asked).at(-1)).toHaveProperty('taken_back'));
    expect(document.querySelectorAll('.rounds .done')).toHaveLength(1);
    await press('Whole rounds');
    await eventually(() => expect(asked.at(-1)?.query).toEqual({ task: '21-15-9 pull-ups', set: '30' }));
});
