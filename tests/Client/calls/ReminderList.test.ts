import { expect, it } from 'vitest';
import ReminderList from '../../../client/calls/ReminderList.vue';
import type { Schemas } from '../../../client/domain/http';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

const of = (kind: Schemas['Reminder']['kind'], name: string): Schemas['Reminder'] => ({
    kind,
    athlete_id: kind === 'inspection' ? null : name.toLowerCase(),
    band_id: kind === 'inspection' ? name.toLowerCase() : null,
    name,
    text: `About ${name}.`,
    todo: 'See to it',
});

it('leads from each reminder to where it is seen to', async () => {
    serve({
        'GET /api/v1/reminders': () => ({
            items: [of('screen', 'Ada'), of('inspection', 'Rook'), of('away', 'Bo'), of('weighing', 'Cy'), of('goal', 'Di')],
        }),
    });
    const { sees } = show(ReminderList);
    await sees('5 reminders');
    await eventually(() =>
        expect([...document.querySelectorAll('a')].map((a) => a.getAttribute('href'))).toEqual([
            '/people/ada/screens',
            '/kit?band=rook',
            '/people/bo',
            '/people/cy/body',
            '/people/di/trend',
        ]),
    );
    await sees('About Rook.');
    await sees('See to it');
});

it('says nothing where there is nothing', async () => {
    const asked = serve({ 'GET /api/v1/reminders': () => ({ items: [] }) });
    show(ReminderList);
    await eventually(() => expect(asked).toHaveLength(1));
    expect(document.querySelector('details')).toBeNull();
});
