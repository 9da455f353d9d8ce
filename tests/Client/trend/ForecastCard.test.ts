import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import BaselineSteps from '../../../client/baseline/BaselineSteps.vue';
import ForecastCard from '../../../client/trend/ForecastCard.vue';
import ManyChips from '../../../client/parts/ManyChips.vue';
import ScoreCard from '../../../client/trend/ScoreCard.vue';
import ScreenCard from '../../../client/screening/ScreenCard.vue';
import { foretold, jolyon } from '../support/samples';
import { show } from '../support/screen';

it('asks for the first reps that are still to come, and says what was done already', async () => {
    const { sees, text } = show(ForecastCard, {
        movement: ', chin-up',
        forecasts: [
            foretold(1),
            foretold(3),
            foretold(5, {
                verdict: 'dated',
                within_4: 0.05,
                within_8: 0.2,
                within_12: 0.33,
                within_26: 0.75,
                soonest_on: '2026-06-05',
                median_on: '2026-08-01',
                latest_on: null,
            }),
            foretold(8, { verdict: 'test-now' }),
        ],
    });
    await sees('5 strict reps, chin-up');
    await sees('3 done already.');
    await sees('As likely as not by Sat 1 Aug; eight times in ten from Fri 5 Jun on, or beyond a year.');
    await sees('12 weeks 1 in 3');
    expect(text()).toContain('8 reps test now');
    expect(text()).not.toContain('First strict rep');
});

it('is silent without forecasts, and says of reached ones only that', () => {
    expect(show(ForecastCard, { movement: '', forecasts: [] }).text()).toBe('');
    expect(show(ForecastCard, { movement: '', forecasts: [foretold(1), foretold(10)] }).text()).toContain('10 done already.');
});

it('holds what was said against what came, in the words it was said in', async () => {
    const { sees } = show(ScoreCard, {
        scores: [
            { weeks: 8, chance: 0.1, said: 30, came: 2 },
            { weeks: 8, chance: 0.76, said: 8, came: 6 },
        ],
    });
    await sees('“1 in 10 within 8 weeks”: 2 of 30 came.');
    await sees('“3 in 4 within 8 weeks”: 6 of 8 came.');
});

it('marks each step of a baseline as done, next, to come or passed over, with what was seen', () => {
    const line = (state: Schemas['BaselineLine']['state'], title: string, said: string | null = null): Schemas['BaselineLine'] => ({
        step: 'hang',
        state,
        title,
        how: '',
        timed: true,
        rest_s: 0,
        said,
        rung: null,
    });
    const { text } = show(BaselineSteps, {
        steps: [
            line('done', 'Dead hang', '31 s'),
            line('next', 'Active hang'),
            line('later', 'Rows'),
            line('passed-over', 'Lowering', 'Control is not predicted yet.'),
        ],
    });
    expect(text()).toContain('Dead hang , done 31 s');
    expect(text()).toContain('Active hang , next');
    expect(text()).toContain('Rows , to come');
    expect(text()).toContain('Lowering , passed over Control is not predicted yet.');
});

it('picks several of many, and lets go of one again', async () => {
    const { press, emitted, change } = show(ManyChips, {
        label: 'Limits',
        words: { a: 'No hanging', b: 'No lowering' },
        modelValue: ['a'],
    });
    await press('No lowering');
    expect(emitted('update:modelValue')[0]).toEqual([['a', 'b']]);
    await change({ modelValue: ['a', 'b'] });
    await press('No hanging');
    expect(emitted('update:modelValue')[1]).toEqual([['b']]);
});

it('speaks of the screen only where it limits or is due', async () => {
    expect(show(ScreenCard, { athlete: jolyon }).text()).toBe('');
    const limited = {
        ...jolyon,
        screen: {
            ...jolyon.screen,
            outcome: 'limited' as const,
            limits: ['no-lowering'],
            most_share: 0.7,
            due: 'Pain since the last screen. Screen again.',
        },
    };
    const { sees, press, emitted } = show(ScreenCard, { athlete: limited });
    await sees('Cleared with limits : no lowering, at most 70 % of bodyweight.');
    await sees('Pain since the last screen');
    await press('Screen again');
    expect(emitted('screen')).toHaveLength(1);
});
