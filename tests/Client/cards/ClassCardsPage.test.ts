import { expect, it } from 'vitest';
import CardPage from '../../../client/cards/CardPage.vue';
import ClassCardsPage from '../../../client/cards/ClassCardsPage.vue';
import type { Schemas } from '../../../client/domain/http';
import { bandView, heron, jolyon, rook, practice } from '../support/samples';
import { at, eventually, show } from '../support/screen';
import { refuse, serve } from '../support/server';

const setup = (rung: Schemas['Rung']): Schemas['SetupAnswer'] => ({
    name: rung.name,
    lane: 'pull',
    exercise: rung.exercise,
    safer: null,
    practice,
    chosen: true,
    reason: null,
    rung,
    view: bandView,
    why: null,
});
const cautions = { items: [{ code: 'band-wear', moment: 'band', text: 'Look for nicks.' }] };
const entry = (id: string, setup_name: string | null) => ({ id, name: id, setup_name });

function answers(more: Record<string, () => unknown> = {}) {
    return serve({
        'GET /api/v1/cautions': () => cautions,
        'GET /api/v1/athletes': ({ query }) =>
            query['page'] === '2'
                ? { items: [entry('cody', 'Rook')], next_page: null }
                : { items: [entry('ada', 'Heron'), entry('brae', null)], next_page: 2 },
        'GET /api/v1/athletes/ada': () => ({ ...jolyon, id: 'ada', name: 'Ada', rung: heron }),
        'GET /api/v1/athletes/cody': () => ({ ...jolyon, id: 'cody', name: 'Cody', rung: rook }),
        'GET /api/v1/athletes/ada/setup': () => setup(heron),
        'GET /api/v1/athletes/cody/setup': () => setup(rook),
        ...more,
    });
}

it('draws a card for everybody who is on a set-up, of every page of names, and leaves out whom it is told to', async () => {
    const asked = answers();
    const { press, sees } = show(ClassCardsPage);
    await sees('carries 46.9 kg of 70.0 kg');
    await sees('carries 49.7 kg of 70.0 kg');
    expect(asked.some((a) => a.command === 'GET /api/v1/athletes/brae')).toBe(false);
    expect(document.querySelectorAll('article')).toHaveLength(2);
    await press('Ada');
    await eventually(() => expect(document.querySelectorAll('article')).toHaveLength(1));
});

it('says when a card could not be drawn, and draws them all when told to try again', async () => {
    let broken = true;
    answers({ 'GET /api/v1/athletes/cody/setup': () => (broken ? refuse(500, 'fault', 'Something went wrong.') : setup(rook)) });
    const { sees, press } = show(ClassCardsPage);
    await sees('Something went wrong.');
    await sees('carries 46.9 kg of 70.0 kg');
    broken = false;
    await press('Try again');
    await sees('carries 49.7 kg of 70.0 kg');
});

it('prints the cards of a class alone, and nothing prescribed for somebody paused', async () => {
    const asked = answers({
        'GET /api/v1/athletes/ada': () => ({ ...jolyon, id: 'ada', name: 'Ada', rung: heron, paused_on: '2026-03-02' }),
    });
    const { sees, text } = show(ClassCardsPage, {}, await at('/cards?tag=Tuesday'));
    await sees('Pulling is paused for pain.');
    await sees('carries 49.7 kg of 70.0 kg');
    expect(asked.filter((a) => a.command === 'GET /api/v1/athletes').map((a) => a.query['tag'])).toEqual(['Tuesday', 'Tuesday']);
    expect(text().match(/3 × 8/g)).toHaveLength(1);
});

it('draws the card of one athlete, of the set-up in use or of another', async () => {
    const asked = answers();
    const { sees } = show(
        CardPage,
        { id: 'ada' },
        await at(`/people/ada/card?exercise=${encodeURIComponent(JSON.stringify(rook.exercise))}`),
    );
    await sees('Look for nicks.');
    expect(JSON.parse(asked.find((a) => a.command === 'GET /api/v1/athletes/ada/setup')!.query['exercise']!)).toEqual(rook.exercise);
});

it('prints the codes of their own pages only when asked to, of those who have one, and says when that fails', async () => {
    let broken = true;
    const asked = answers({
        'GET /api/v1/athletes/ada/link': () =>
            broken ? refuse(500, 'fault', 'Something went wrong.') : { path: '/my#ada', last_on: '2026-04-01', looks: [] },
        'GET /api/v1/athletes/cody/link': () => ({ path: null, last_on: null, looks: [] }),
    });
    const { sees, press } = show(ClassCardsPage);
    await sees('carries 49.7 kg of 70.0 kg');
    expect(asked.some((a) => a.command.endsWith('/link'))).toBe(false);
    await press('QR codes of their pages');
    await sees('Something went wrong.');
    broken = false;
    await press('QR codes of their pages');
    await eventually(() => expect(document.querySelectorAll('figure.own')).toHaveLength(1));
    await press('QR codes of their pages');
    await eventually(() => expect(document.querySelectorAll('figure.own')).toHaveLength(0));
});
