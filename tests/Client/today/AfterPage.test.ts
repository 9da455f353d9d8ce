import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import { useCommandQueue } from '../../../client/composables/useCommandQueue';
import { useSession } from '../../../client/composables/useSession';
import AfterPage from '../../../client/today/AfterPage.vue';
import { athlete, classDay, done, line, plank, sheet } from '../support/floor';
import { call, COACH, me } from '../support/samples';
import { eventually, show } from '../support/screen';
import { sentCommands, serve } from '../support/server';

it('says who did what and what was left, notes what gave out, and has the calls of those who came', async () => {
    const ada = athlete('Ada', [line(), plank], { sets: [done(8, '2026-03-20T11:40:00Z'), done(7, '2026-03-20T11:44:00Z')] });
    const asked = serve({
        'GET /api/v1/classes/c/days/2026-03-20': () => classDay([ada, athlete('Bo')]),
        'GET /api/v1/calls': () => ({
            items: [call({}, { athlete_id: 'ada', athlete_name: 'Ada Marsh' })],
            next_page: null,
            waiting: {},
            damaged: [],
        }),
        'POST /api/v1/commands': ({ body }) => ({
            outcomes: (body as Schemas['QueueInput']).commands.map((d) => ({ id: d.signal!.id, stored: null, problem: null })),
        }),
    });
    const { sees, press, text } = show(AfterPage, { class: 'c', on: '2026-03-20' });
    useSession().change({ ...me });
    useCommandQueue().serve(COACH);
    await sees('Heron 44 mm, foot, Beam bar: 8 7');
    await sees('Calls of this class');
    expect(text()).toContain('left: Heron 44 mm, foot, Beam bar, 1 of 3 sets; Plank');
    expect(text()).toContain('1 did not train');
    expect(text()).toContain('What failed first, and how hard?');
    expect(asked.find((a) => a.command === 'GET /api/v1/calls')?.query).toEqual({ athletes: 'ada' });

    await press('Grip', 'What failed first?');
    await press('9', 'How hard, out of 10');
    await eventually(() =>
        expect(sentCommands(asked).map((d) => [d.athlete_id, d.signal?.gave_out ?? d.signal?.effort])).toEqual(
            expect.arrayContaining([
                ['ada', 'grip'],
                ['ada', 9],
            ]),
        ),
    );
});

it('says what somebody did of whom nothing was written, and why others could not train', async () => {
    const free = athlete('Cy', [], {
        sets: [done(5, '2026-03-20T11:40:00Z', { line: null, setup_key: 'x', setup_name: 'Jay 29 mm, foot' })],
        gave_out: 'grip',
        effort: 8,
    });
    const unready = athlete('Di', [], { sheet: sheet([], { concern: { kind: 'set-up', text: 'No set-up yet.' } }) });
    serve({
        'GET /api/v1/classes/c/days/2026-03-20': () => classDay([free, unready, athlete('Eve', [], { paused: true })]),
        'GET /api/v1/calls': () => ({ items: [], next_page: null, waiting: {}, damaged: [] }),
    });
    const { sees, text } = show(AfterPage, { class: 'c', on: '2026-03-20' });
    await sees('Cy Marsh Jay 29 mm, foot: 5');
    expect(text()).toContain('Grip failed first, 8 of 10');
    expect(text()).toContain('Di Marsh (No set-up yet), Eve Marsh (pulling is paused)');
});
