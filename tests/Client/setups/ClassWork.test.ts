import { expect, it } from 'vitest';
import ClassWork from '../../../client/setups/ClassWork.vue';
import { heron } from '../support/samples';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

it('asks by the reps a set wants, and shows what suits with its figures and where nothing does', async () => {
    const asked = serve({
        'GET /api/v1/athletes/jolyon/class-work': ({ query }) => ({
            reps: Number(query.reps),
            items:
                query.reps === '12'
                    ? [
                          { key: 'band-reps', name: 'Strict band reps', reps: [5, 12], note: 'Never in high-rep swinging.', rung: heron },
                          { key: 'light-dumbbell-row', name: 'Light dumbbell row', reps: [10, 30], note: null, rung: null },
                      ]
                    : [],
        }),
    });
    const { fill, press, sees, text } = show(ClassWork, { athleteId: 'jolyon' });
    await sees('Never in high-rep swinging.');
    expect(text()).toContain('46.9 kg, 67 %');
    expect(text()).toContain('Light dumbbell row');
    await fill('Reps a set', '31');
    await press('Show it');
    await sees('31 reps is outside 1–30 reps.');
    await fill('Reps a set', '30');
    await press('Show it');
    await sees('is likely for 30 reps.');
    await eventually(() => expect(asked.map((a) => a.query.reps)).toEqual(['12', '30']));
});
