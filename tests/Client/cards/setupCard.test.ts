import { expect, it } from 'vitest';
import SetupCard from '../../../client/cards/SetupCard.vue';
import type { Schemas } from '../../../client/domain/http';
import { markup, words } from '../support/render';
import { bandView, heron, jolyon, practice } from '../support/samples';

const setup: Schemas['SetupAnswer'] = {
    name: heron.name,
    lane: 'pull',
    exercise: heron.exercise,
    chosen: true,
    reason: null,
    rung: heron,
    view: bandView,
    why: null,
    safer: null,
    practice,
};
const cautions = [{ code: 'band-wear', moment: 'band' as const, text: 'Look for nicks.' }];
const card = async (changes: { athlete?: object; setup?: object } = {}): Promise<string> =>
    words(
        await markup(SetupCard, {
            athlete: { ...jolyon, ...changes.athlete },
            setup: { ...setup, ...changes.setup },
            cautions,
            on: 'Mon 2 Mar',
            gym: 'The Mill',
        }),
    );

it('says who, on what, how it is measured, how much and with what care', async () => {
    const text = await card();
    for (const part of [
        'Jolyon Thatch',
        'Heron 44 mm, foot, Beam bar',
        'The Mill',
        'Mon 2 Mar',
        'bar 240 cm',
        '3 × 8',
        'carries 46.9 kg of 70.0 kg',
        'likely 6–10',
        'steady up, two seconds down · rest 2–3 min',
        'Shoulder blades down first.',
        'Look for nicks.',
    ]) {
        expect(text).toContain(part);
    }
});

it('gives an interval where there is no figure, and promises no reps from it', async () => {
    const hop = { ...heron, carried: { ...heron.carried, share_range: [0.6, 1] } };
    const text = await card({ setup: { rung: { ...hop, prediction: null } } });
    expect(text).toContain('carries 60–100 %, nobody knows how much');
    expect(text).not.toContain('likely');
});

it('asks for seconds where seconds count', async () => {
    expect(await card({ setup: { exercise: { setup: { kind: 'strict' }, movement: 'lowering', seconds: 5 } } })).toContain(
        '3 × 8 likely 6–10 · 5 s each',
    );
    expect(await card({ setup: { exercise: { setup: { kind: 'strict' }, movement: 'hold', at: 'top', seconds: 20 } } })).toContain(
        '3 × 20 s',
    );
});

it('says that pulling is paused before anything is asked, and why a set-up does not fit', async () => {
    expect(await card({ athlete: { paused_on: '2026-03-02' } })).toContain(
        'Pulling is paused for pain. A licensed clinician looks at it first.',
    );
    const misfit = await card({ setup: { reason: 'The bar is too low.', rung: null, view: null } });
    expect(misfit).toContain('The bar is too low.');
    expect(misfit).not.toContain('3 × 8');
});
