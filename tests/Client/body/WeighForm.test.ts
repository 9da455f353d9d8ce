import { expect, it } from 'vitest';
import WeighForm from '../../../client/body/WeighForm.vue';
import { eventually, show } from '../support/screen';
import { fault, refuse, serve } from '../support/server';

it('notes a weighing under one id until it is stored, and says beside the field what is wrong', async () => {
    const bodies: { id: string; mass_kg: number }[] = [];
    const answers: unknown[] = [
        refuse(422, 'invalid', '', [fault('/mass_kg', 'mass_kg must be …', { value: 90, low: 60, high: 80, unit: 'kg' })]),
        refuse(503, 'away', 'The database is away.'),
        { athlete_id: 'jolyon', weighings: [] },
    ];
    serve({ 'POST /api/v1/athletes/jolyon/weighings': ({ body }) => (bodies.push(body as never), answers[bodies.length - 1]) });
    const { fill, press, sees, value, emitted } = show(WeighForm, { athleteId: 'jolyon' });
    await fill('Weighed today', 'heavy');
    await press('Note it');
    await sees('“heavy” is not a number.');
    await fill('Weighed today', '90');
    await press('Note it');
    await sees('90 kg is outside 60–80 kg.');
    await fill('Weighed today', '70,4');
    await press('Note it');
    await sees('The database is away.');
    expect(value('Weighed today')).toBe('70,4');
    await press('Note it');
    await eventually(() => expect(emitted('weighed')).toHaveLength(1));
    expect(bodies.map((b) => b.mass_kg)).toEqual([90, 70.4, 70.4]);
    expect(new Set(bodies.map((b) => b.id)).size).toBe(1);
});
