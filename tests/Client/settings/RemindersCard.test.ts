import { expect, it } from 'vitest';
import RemindersCard from '../../../client/settings/RemindersCard.vue';
import { me } from '../support/samples';
import { show } from '../support/screen';
import { refuse, serve } from '../support/server';

it('chooses when reminders come by mail, and keeps what stood where that fails', async () => {
    let away = true;
    const asked = serve({
        'PUT /api/v1/me/reminders': ({ body }) => (away ? refuse(503, 'away', 'The server is away.') : { ...me, ...(body as object) }),
    });
    const { press, sees } = show(RemindersCard);
    const picked = () => document.querySelector('[aria-pressed=true]')?.textContent.trim();
    await press('On Mondays');
    await sees('The server is away.');
    expect(picked()).toBe('Never');
    away = false;
    await press('Every morning');
    await expect.poll(picked).toBe('Every morning');
    expect(asked.at(-1)?.body).toEqual({ reminders: 'every-day' });
});
