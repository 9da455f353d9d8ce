import { screen } from '@testing-library/vue';
import { expect, it } from 'vitest';
import TrendPage from '../../../client/athlete/TrendPage.vue';
import type { Schemas } from '../../../client/domain/http';
import { show } from '../support/screen';
import { serve } from '../support/server';

const forecast = (reps: number, changes: Partial<Schemas['Forecast']> = {}): Schemas['Forecast'] => ({
    reps,
    verdict: 'dated',
    within_4: 0.1,
    within_8: 0.26,
    within_12: 0.5,
    within_26: 0.9,
    soonest_on: null,
    median_on: '2026-06-12',
    latest_on: null,
    limit: null,
    ...changes,
});
const trend: Schemas['Trend'] = {
    name: 'Jolyon Thatch',
    pattern: 'pull',
    patterns: ['pull', 'row'],
    range: 'season',
    from: '2025-12-01',
    today: '2026-03-20',
    points: [
        { on: '2026-03-02', share: 0.8, low80: 0.74, high80: 0.86 },
        { on: '2026-03-20', share: 0.84, low80: 0.8, high80: 0.9 },
    ],
    marks: [{ on: '2026-03-02', kind: 'baseline', share: 0.81, text: '7 clean at 67 %, 1 left' }],
    breaks: [],
    ahead: [
        { weeks: 0, share: 0.84, low80: 0.8, high80: 0.9 },
        { weeks: 4, share: 0.88, low80: 0.8, high80: 0.97 },
    ],
    first_rep_on: null,
    masses: [],
    seconds: { hang: [{ on: '2026-03-02', figure: 31 }], hold: [], lowering: [] },
    work: [{ from: '2026-03-16', kj: 6.24, controlled_s: 0 }],
    work_each: 'week',
    taught: 'As expected: capacity 84 % of bodyweight, as before.',
    forecasts: [forecast(1), forecast(3, { verdict: 'not-foreseeable', median_on: null, within_26: 0.2 })],
    scores: [{ weeks: 8, chance: 0.25, said: 21, came: 5 }],
    bests: [{ name: 'Jay 29 mm, foot', carried_share: 0.83, clean_reps: 11, hang_s: null, on: '2026-03-05' }],
};

function page(changes: Partial<Schemas['Trend']> = {}) {
    const asked = serve({
        'GET /api/v1/athletes/jolyon/trend': ({ query }) => ({
            ...trend,
            ...(query['range'] ? { range: query['range'] as 'year' } : {}),
            ...changes,
        }),
    });
    return { asked, ...show(TrendPage, { id: 'jolyon' }) };
}

it('shows the best on each set-up, and nothing where nothing was done', async () => {
    await page().sees(/Best on each set-up Thu 5 Mar Jay 29 mm, foot 83 % 11/);
    const { sees, text } = page({ bests: [], name: 'Nobody Yet' });
    await sees('Nobody Yet');
    expect(text().match(/Best on each set-up/g)).toHaveLength(1);
});

it('says the chances of the next rep in words, what further ones need, and how forecasts came out', async () => {
    const { sees } = page();
    await sees('First strict rep');
    for (const words of [
        '4 weeks 1 in 10',
        '8 weeks 1 in 4',
        '12 weeks 1 in 2',
        '26 weeks 9 in 10',
        '3 reps 1 in 5 in 26 weeks',
        '“1 in 4 within 8 weeks”: 5 of 21 came.',
        'As expected: capacity 84 %',
        '6.2 kJ',
        'Once so far',
    ]) {
        await sees(words);
    }
});

it('goes through the sessions by the arrow keys, and says each', async () => {
    const { user } = page();
    const plot = await screen.findByRole('slider');
    expect(plot.getAttribute('aria-valuetext')).toContain('84 % (80–90 %)');
    plot.focus();
    await user.keyboard('{ArrowLeft}{ArrowLeft}');
    expect(plot.getAttribute('aria-valuetext')).toContain('80 % (74–86 %). 7 clean at 67 %, 1 left');
    await user.keyboard('{End}');
    expect(plot.getAttribute('aria-valuenow')).toBe('1');
});

it('asks for another range and another movement', async () => {
    const { press, user, asked } = page();
    await press('Year');
    await user.click(screen.getByRole('tab', { name: 'Row' }));
    expect(asked.at(-1)!.query).toMatchObject({ range: 'year', pattern: 'row' });
});

it('tells to test now, what stands in the way, and where to begin', async () => {
    const { sees } = page({ points: [], marks: [], ahead: [], forecasts: [forecast(1, { verdict: 'test-now' })], scores: [] });
    await sees('Test it now, fresh');
    await sees('Take a baseline');
    await sees('No first rep was foretold long enough ago');
});

it('says why no date can be given', async () => {
    const { sees } = page({
        forecasts: [forecast(1, { verdict: 'not-foreseeable', median_on: null, limit: 'Capacity is 75 % of bodyweight.' })],
    });
    await sees('Not foreseeable within a year.');
    await sees('Capacity is 75 % of bodyweight.');
});
