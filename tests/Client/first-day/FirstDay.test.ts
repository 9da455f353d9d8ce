import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import FirstDay from '../../../client/first-day/FirstDay.vue';
import { eventually, show } from '../support/screen';
import { refuse, serve, type Asked } from '../support/server';

const none: Schemas['FirstSteps'] = {
    gear: false,
    athlete: null,
    screened: false,
    baseline: false,
    session: false,
    bars_m: [2.4],
    boxes_m: [0.45],
    bands: [{ width_mm: 22, thickness_mm: 4.5, hung_length_m: 1 }],
};
const ada = { id: 'ada', name: 'Ada' };

function day(state: () => Partial<Schemas['FirstSteps']>, answers: Record<string, (asked: Asked) => unknown> = {}) {
    const asked = serve({ 'GET /api/v1/first-steps': () => ({ ...none, ...state() }), ...answers });
    return { asked, ...show(FirstDay) };
}

it('adds gear of usual sizes with one tap each, and goes on to the next step when there is enough', async () => {
    let gear = false;
    let isAway = true;
    const { asked, press, sees } = day(() => ({ gear }), {
        'POST /api/v1/gear': () => (isAway ? refuse(503, 'away', 'The database is starting.') : {}),
        'POST /api/v1/bands': () => ((gear = true), {}),
    });
    await press('Add Bar 240 cm');
    await sees('The database is starting.');
    isAway = false;
    await press('Add Bar 240 cm');
    await eventually(() => expect(document.querySelector('[aria-label="Bar 240 cm is in the kit"]')).not.toBeNull());
    await press('Add Band 22 mm');
    await sees(/Gear : done.*An athlete.*Add an athlete/);
    const bodies = asked.filter((a) => a.command.startsWith('POST')).map((a) => a.body as { id: string });
    expect(bodies[1]).toEqual({ id: bodies[0]!.id, name: 'Bar 240 cm', figures: { kind: 'bar', height_m: 2.4 } });
    expect(bodies[2]).toMatchObject({ name: 'Band 22 mm', width_mm: 22, thickness_mm: 4.5, hung_length_m: 1 });
});

it.each([
    ['an athlete', { gear: true }, 'Add an athlete', '/people/new'],
    ['the screen', { gear: true, athlete: ada }, 'Begin with the screen', '/people/ada'],
    ['the baseline', { gear: true, athlete: ada, screened: true }, 'Log the baseline', '/people/ada'],
    ['the session', { gear: true, athlete: ada, screened: true, baseline: true }, 'See the session', '/people/ada/session'],
])('opens the next step: %s', async (_step, state, verb, place) => {
    const { press, path } = day(() => state);
    await press(verb);
    await eventually(() => expect(path()).toBe(place));
});

it('is not there once a session was logged', async () => {
    const { asked, text } = day(() => ({ gear: true, athlete: ada, screened: true, baseline: true, session: true }));
    await eventually(() => expect(asked).toHaveLength(1));
    expect(text()).toBe('');
});
