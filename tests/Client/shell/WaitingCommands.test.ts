import { expect, it } from 'vitest';
import WaitingCommands from '../../../client/shell/WaitingCommands.vue';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { athlete, classDay } from '../support/floor';
import { COACH, set } from '../support/samples';
import { eventually, show } from '../support/screen';
import { refuse, serve, setsIn } from '../support/server';

/** A server that is away at first, and then refuses sets of thirteen. */
function waiting() {
    const server = { away: true };
    serve({
        'POST /api/v1/commands': ({ body }) =>
            server.away
                ? refuse(503, 'away', 'The server is away.')
                : {
                      outcomes: setsIn(body).map(({ id, clean_reps }) =>
                          clean_reps === 13
                              ? { id, stored: null, problem: refuse(409, 'pulling-paused', 'Pulling is paused.').problem }
                              : { id, stored: set({ id }), problem: null },
                      ),
                  },
    });
    const shown = show(WaitingCommands);
    const queue = useCommandQueue();
    queue.serve(COACH);
    return { server, queue, ...shown };
}

it('says quietly how many sets wait, sends them when asked, and then is gone', async () => {
    const { server, queue, sees, press, text } = waiting();
    expect(text()).toBe('');
    await queue.add('jolyon', { purpose: 'work', clean_reps: 8 });
    await sees('1 set waits');
    await queue.add('merrin', { purpose: 'work', clean_reps: 7 });
    await sees('2 sets wait');
    await press('2 sets wait');
    await sees('8 clean');
    server.away = false;
    await press('Send now');
    await sees('Nothing waits.');
});

it('names whose each is, as far as that was read here', async () => {
    const { queue, client, sees, press } = waiting();
    client.setQueryData(['class-day', 'c', '2026-03-20'], classDay([athlete('Ada')]));
    await queue.add('ada', { purpose: 'work', clean_reps: 8 });
    await queue.tellGym({ gear: { id: 'g', gear_id: 'h', out: true, told_at: '2026-03-20T12:00:00Z' } });
    await queue.tell('nobody-known', { taken_back: { id: 't', set_id: 's' } });
    await press('3 notes wait');
    await sees(/8 clean Ada Marsh · /);
    await sees(/Gear out of use today Heron 44 mm · /);
    await sees('A set taken back');
});

it('keeps a refused set with its reason until it is dropped', async () => {
    const { server, queue, sees, press } = waiting();
    server.away = false;
    await queue.add('jolyon', { purpose: 'work', clean_reps: 13 });
    await sees('1 refused');
    await press('1 refused');
    await sees('Pulling is paused.');
    await press('Send again');
    await sees('Pulling is paused.');
    await press('Drop it');
    await eventually(() => expect(queue.waiting).toEqual([]));
});
