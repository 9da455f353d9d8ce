import { reactive } from 'vue';
import { expect, it } from 'vitest';
import ScreenPanel from '../../../client/screening/ScreenPanel.vue';
import ScreensPage from '../../../client/athlete/ScreensPage.vue';
import type { Schemas } from '../../../client/domain/http';
import { jolyon } from '../support/samples';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

type Input = Schemas['ScreeningInput'];

function panel(screen: Partial<Schemas['ScreenStanding']> = {}) {
    serve({ 'GET /api/v1/cautions': () => ({ items: [] }) });
    const kept: Input[] = [];
    const athlete = reactive({ ...jolyon, screen: { ...jolyon.screen } });
    const shown = show(ScreenPanel, {
        open: true,
        athlete,
        screen: async (found: Input) => {
            kept.push(found);
            Object.assign(athlete.screen, screen);
            return Promise.resolve({ ok: true, value: athlete });
        },
    });
    return { kept, ...shown };
}

it('needs an answer to each question, of which none was given beforehand, and takes "none of these" in one tap', async () => {
    const { press, sees, kept } = panel();
    await press('Save the screen');
    await sees('Needed: how far the arms come overhead.');
    await press('Level with the ears');
    await press('Save the screen');
    await sees('Needed: an answer to each question.');
    expect(kept).toEqual([]);
    await press('None of these');
    await press('Save the screen');
    await eventually(() => expect(kept).toHaveLength(1));
    expect(kept[0]).toMatchObject({
        overhead: 'level',
        pain: null,
        numb: false,
        injured: false,
        uneasy: false,
        under_18: 'no',
        conditions: [],
    });
    await sees('Go on to the baseline');
});

/** Of a practised hand, one tap: pointing 1.1 s and the thought before it 1.35 s. Card, Moran and Newell 1983, The Psychology of Human-Computer Interaction, chapter 8. */
const TAP_S = 1.1 + 1.35;

it.each<[string, [string, string?][], number]>([
    ['all is well', [['Level with the ears'], ['None of these'], ['Save the screen']], 10],
    [
        'everything is told',
        [
            ['Short of the ears'],
            ['Pain', 'Pain'],
            ['Shoulder'],
            ['3', 'Level of 10'],
            ['Yes', 'Numbness'],
            ['Yes', 'Recent injury'],
            ['Yes', 'Uneasy at height?'],
            ['Yes, local rules met', 'Under 18'],
            ['Osteoporosis'],
            ['Yes', 'Cleared by a clinician'],
            ['Save the screen'],
        ],
        30,
    ],
])('takes the taps of half a minute at the most where %s', async (_, taps, mostS) => {
    const { press, kept } = panel();
    for (const [name, inside] of taps) {
        await press(name, inside);
    }
    await eventually(() => expect(kept).toHaveLength(1));
    expect(taps.length * TAP_S).toBeLessThan(mostS);
});

it('keeps what was answered, asks where it hurts, and says what is left to do', async () => {
    const { press, sees, kept } = panel({
        outcome: 'refer',
        mobility: [{ name: 'Wall slide', dose: '2 × 8', cue: 'Stop where the ribs flare.' }],
    });
    await press('Short of the ears');
    await press('Yes', 'Numbness');
    await press('Osteoporosis');
    await press('Pain', 'Pain');
    await press('None of these');
    await press('Save the screen');
    await sees('Needed: where it hurts, and how much.');
    await press('Shoulder');
    await press('3', 'Level of 10');
    await press('Save the screen');
    await eventually(() => expect(kept).toHaveLength(1));
    expect(kept[0]).toMatchObject({
        overhead: 'short',
        numb: true,
        injured: false,
        pain: { place: 'shoulder', level: 3 },
        conditions: ['osteoporosis'],
        cleared: false,
    });
    await sees('To a clinician first');
    await sees('Until then nothing is loaded.');
    await sees('Wall slide');
});

it('shows the history without answers, and says that each look is kept', async () => {
    const entry = { id: 's1', on: '2026-03-01', by: 'Coach at the Mill', outcome: 'limited' as const, limits: ['no-lowering'], looks: 2 };
    const asked = serve({
        'GET /api/v1/athletes/jolyon': () => jolyon,
        'GET /api/v1/athletes/jolyon/screenings': () => ({ items: [entry] }),
        'GET /api/v1/athletes/jolyon/screenings/s1': () => ({
            screen: entry,
            answers: { id: 's1', overhead: 'level', injured: true, conditions: ['pregnancy'], cleared: true, note: 'Week 30' },
            reasons: ['A recent injury.'],
            looks: [{ by: 'Coach at the Mill', at: '2026-03-02T10:00:00Z' }],
        }),
    });
    const { press, sees } = show(ScreensPage, { id: 'jolyon' });
    await sees('Answers seen 2 times');
    expect(asked.some((a) => a.command.endsWith('/s1'))).toBe(false);
    await press('See the answers');
    for (const words of ['A recent injury.', 'Pregnancy, or the months after', 'Week 30', 'Who looked']) {
        await sees(words);
    }
});
