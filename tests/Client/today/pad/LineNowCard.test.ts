import { expect, it } from 'vitest';
import { tileOf, type LineNow } from '../../../../client/domain/floor/tile';
import LineNowCard from '../../../../client/today/pad/LineNowCard.vue';
import { athlete, heronRung, line, plank, rookRung } from '../../support/floor';
import { bandView } from '../../support/samples';
import { eventually, show } from '../../support/screen';
import { refuse, serve } from '../../support/server';

const now = (of = line(), switched = {}): LineNow => tileOf(athlete('Ada', [of], { switched }), 0).now!;
const card = (of: LineNow) => show(LineNowCard, { athleteId: 'ada', line: of });

it('says what to do, how much, how long to rest, what it carries and what is likely, each with its unit', () => {
    const { text } = card(now(line({ tempo: 'steady up, two seconds down' })));
    expect(text()).toMatch(/Heron 44 mm, foot, Beam bar 3 × 6–8 · rest 120 s/);
    expect(text()).toContain('67 % of bodyweight · likely 6–10 · steady up, two seconds down');
    expect(text()).toContain('Blades down first.');
});

it('says of work beside the pull no share, and draws nothing', () => {
    const { text } = card(now({ ...plank, per_side: true }));
    expect(text()).toContain('2 × 30–40 s each side');
    expect(text()).not.toContain('of bodyweight');
    expect(text()).not.toContain('drawing');
});

it('shows its cautions where it is done', () => {
    const { text } = card(
        now(line({ cautions: [{ code: 'band-snap', moment: 'band', text: 'Look at the band before it bears anybody.' }] })),
    );
    expect(text()).toContain('Look at the band before it bears anybody.');
});

it('draws what is written from what the device has, without asking', async () => {
    const asked = serve({});
    const { press } = card(now(line({ view: bandView })));
    await press('Show the drawing');
    expect(document.querySelectorAll('svg')).not.toHaveLength(0);
    await press('Hide the drawing');
    expect(document.querySelectorAll('svg')).toHaveLength(0);
    expect(asked).toEqual([]);
});

it('asks for the drawing of what was put in its place, and says where there is no server for it', async () => {
    let away = true;
    const asked = serve({
        'GET /api/v1/athletes/ada/setup': () =>
            away ? refuse(503, 'away', 'The server is away.') : { view: bandView, rung: null, reason: null },
    });
    const { press, sees } = card(now(line(), { 'main:bands': rookRung.key }));
    expect(asked).toEqual([]);
    await press('Show the drawing');
    await sees('The server is away.');
    away = false;
    await press('Try again');
    await eventually(() => expect(document.querySelectorAll('svg')).not.toHaveLength(0));
    expect(JSON.parse(asked[0]!.query['exercise']!)).toEqual(rookRung.exercise);
    expect(rookRung.key).not.toBe(heronRung.key);
});
