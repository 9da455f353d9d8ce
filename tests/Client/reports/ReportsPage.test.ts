import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import ReportsPage from '../../../client/reports/ReportsPage.vue';
import { portionWords, weeksWords } from '../../../client/reports/words';
import { at, show } from '../support/screen';
import { refuse, serve } from '../support/server';

const portion = (some: number, all: number): Schemas['Portion'] => ({
    some,
    all,
    part: all === 0 ? null : some / all,
    low: 0.1,
    high: 0.55,
});
const season: Schemas['SeasonReport'] = {
    name: 'Ada Marsh',
    range: 'season',
    from: '2025-11-02',
    to: '2026-03-02',
    days: 12,
    sets: 40,
    reps: 260,
    failed: portion(1, 40),
    no_counts: [{ reason: 'swing', reps: 6 }],
    work_kj: 81.4,
    controlled_s: 30,
    capacity_first: { on: '2025-11-02', share: 0.7, low80: 0.64, high80: 0.77 },
    capacity_last: { on: '2026-03-02', share: 0.82, low80: 0.77, high80: 0.88 },
    mass_first_kg: 61,
    mass_last_kg: 60.2,
    strict_reps: 0,
    first_strict_on: null,
    bests: [{ name: 'Heron 44 mm, foot, Beam bar', carried_share: 0.64, clean_reps: 10, hang_s: null, on: '2026-02-20' }],
    stages: [{ method: 'Steady ladder', stage: 'Bands', since: '2025-10-01' }],
    calls: [{ verdict: 'climb', accepted: 2, overridden: 1 }],
    breaks: [{ from: '2025-12-20', to: '2026-01-08' }],
};
const method: Schemas['MethodLine'] = {
    key: 'ladder',
    name: 'Steady ladder',
    got_there: portion(3, 12),
    weeks: 14.2,
    weeks_low: 9,
    weeks_high: null,
    failed: portion(8, 300),
    warning: '12 people, fewer than 20: chance alone moves these figures widely.',
};
const band: Schemas['BandLine'] = {
    id: 'heron',
    name: 'Heron 44 mm',
    retired: false,
    first_on: '2025-08-10',
    last_on: '2026-03-01',
    sets: 479,
    sets_a_week: 25,
    inspected_on: '2026-02-27',
    due: true,
    due_words: 'Never inspected. Look at it before the next set.',
    measure_again: null,
    sets_left: null,
};

async function reports(address: string, answers: Record<string, () => unknown> = {}) {
    const asked = serve({
        'GET /api/v1/athletes': () => ({ items: [{ id: 'ada', name: 'Ada Marsh' }], tags: [], next_page: null }),
        'GET /api/v1/athletes/ada/report': () => season,
        'GET /api/v1/athletes/ada/trend': () => refuse(404, 'not-found', 'Nothing.'),
        ...answers,
    });
    return { asked, ...show(ReportsPage, {}, await at(address)) };
}

it('reports a season of the first athlete, in words and with units, and asks again for another time', async () => {
    const { asked, sees, text, press } = await reports('/reports');
    await sees('Ada Marsh, 2 Nov 2025 to Mon 2 Mar');
    expect(text()).toMatch(/Failed sets\s*1 of 40, 10–55 %/);
    expect(text()).toMatch(/Pull capacity now\s*82 % \(77–88 %\)/);
    expect(text()).toMatch(/Work up\s*81 kJ/);
    expect(text()).toContain('3 × Climb');
    expect(text()).toContain('1 decided otherwise');
    expect(text()).toContain('6 × Swing');
    expect(document.querySelector('a[download]')?.getAttribute('href')).toBe('/api/v1/athletes/ada/report.csv?range=season');
    await press('Year');
    await expect.poll(() => asked.some((a) => a.command === 'GET /api/v1/athletes/ada/report' && a.query['range'] === 'year')).toBe(true);
});

it('says so where nothing was logged, where there is nobody, and where there are no classes', async () => {
    const nothing = await reports('/reports', { 'GET /api/v1/athletes/ada/report': () => ({ ...season, sets: 0 }) });
    await nothing.sees('Nothing was logged in this time.');
    document.body.innerHTML = '';
    const nobody = await reports('/reports', { 'GET /api/v1/athletes': () => ({ items: [], tags: [], next_page: null }) });
    await nobody.sees('There is nobody to report on yet.');
    document.body.innerHTML = '';
    const noClass = await reports('/reports?report=class', {
        'GET /api/v1/classes': () => ({ items: [], held: [], tags: [], today: '2026-03-02' }),
    });
    await noClass.sees('There are no classes yet.');
});

it('puts two athletes side by side, on one scale and figure by figure', async () => {
    const point = (on: string, share: number): Schemas['TrendPoint'] => ({ on, share, low80: share - 0.05, high80: share + 0.05 });
    const trend = (name: string, ...points: Schemas['TrendPoint'][]) => ({
        name,
        pattern: 'pull',
        from: '2025-11-02',
        today: '2026-03-02',
        points,
    });
    const { sees, text } = await reports('/reports?report=beside', {
        'GET /api/v1/athletes': () => ({
            items: [
                { id: 'ada', name: 'Ada Marsh' },
                { id: 'bo', name: 'Bo Reed' },
            ],
            tags: [],
            next_page: null,
        }),
        'GET /api/v1/athletes/bo/report': () => ({ ...season, name: 'Bo Reed', days: 30, failed: portion(0, 0) }),
        'GET /api/v1/athletes/ada/trend': () => trend('Ada Marsh', point('2025-11-02', 0.7), point('2026-03-01', 0.82)),
        'GET /api/v1/athletes/bo/trend': () => trend('Bo Reed', point('2025-12-02', 0.81), point('2026-03-01', 0.83)),
    });
    await sees(/Days trained\s*12\s*30/);
    expect(text()).toMatch(/Failed sets\s*1 of 40, 10–55 %\s*–/);
    await expect
        .poll(() => document.querySelector('figure svg')?.getAttribute('aria-label'))
        .toBe('Ada Marsh: 70 % to 82 %. Bo Reed: 81 % to 83 %');
    const names = [...document.querySelectorAll('figure .name')].map((e) => Number(e.getAttribute('y')));
    expect(Math.abs(names[0]! - names[1]!)).toBeGreaterThanOrEqual(18); // neither hides the other
    expect(document.querySelectorAll('figure .middle')).toHaveLength(2);
});

it('reports bands: the next to replace, what is due, and their life only where it is known', async () => {
    let life: number | null = null;
    const { sees, text } = await reports('/reports?report=bands', {
        'GET /api/v1/reports/bands': () => ({ on: '2026-03-02', bands: [band], worn_out: 0, life, life_low: null, life_high: null }),
    });
    await sees('No band was put out with a fault so far');
    expect(text()).toContain('Due. Never inspected.');
    expect(text()).not.toContain('Sets left');
    expect(text()).toContain('A count is no inspection');
    document.body.innerHTML = '';
    life = 900;
    const known = await reports('/reports?report=bands', {
        'GET /api/v1/reports/bands': () => ({
            on: '2026-03-02',
            bands: [{ ...band, sets_left: 421 }],
            worn_out: 4,
            life,
            life_low: 700,
            life_high: null,
        }),
    });
    await known.sees('put out with a fault by 900 sets (8 in 10: 700 or more)');
    expect(known.text()).toContain('about 421');
});

it('reports methods and calls with their ranges, and warns of few people', async () => {
    const line: Schemas['CallLine'] = {
        verdict: 'climb',
        open: 1,
        accepted: 30,
        overridden: 2,
        accepted_then_down: portion(3, 30),
        overridden_then_down: portion(0, 0),
        warning: null,
    };
    const { sees, text } = await reports('/reports?report=methods', {
        'GET /api/v1/reports/methods': () => ({
            athletes: 12,
            calls_from: '2025-09-01',
            to: '2026-03-02',
            methods: [method],
            calls: [line],
        }),
    });
    await sees('3 of 12, 10–55 %');
    expect(text()).toContain('14 (9 or more)');
    expect(text()).toContain('fewer than 20');
    expect(text()).toMatch(/Climb\s*1\s*30\s*2\s*3 of 30, 10–55 %\s*–/);
});

it('reports a class: who came, on how many of its days, and what became of them', async () => {
    const { sees, text } = await reports('/reports?report=class', {
        'GET /api/v1/classes': () => ({ items: [{ id: 'eve', name: 'Evening' }], held: [], tags: [], today: '2026-03-02' }),
        'GET /api/v1/classes/eve/report': () => ({
            name: 'Evening',
            from: '2026-02-09',
            to: '2026-03-02',
            days: [
                { on: '2026-03-02', came: 0, sets: 0, reps: 0 },
                { on: '2026-02-23', came: 1, sets: 5, reps: 40 },
            ],
            comers: [
                {
                    athlete_id: 'ada',
                    name: 'Ada Marsh',
                    days: 1,
                    sets: 5,
                    reps: 40,
                    failed: portion(1, 5),
                    capacity_first: 0.7,
                    capacity_last: 0.74,
                    first_strict_on: '2026-02-23',
                },
            ],
            failed: portion(1, 5),
            warning: 'One person: this is their story and no rule.',
        }),
    });
    await sees('Days of 2');
    expect(text()).toMatch(/Ada Marsh\s*1\s*5\s*40\s*1 of 5\s*70 % → 74 %\s*Mon 23 Feb/);
    expect(text()).toContain('this is their story');
});

it.each([
    [{ weeks: null, weeks_low: null, weeks_high: null }, 'not known yet'],
    [{ weeks: null, weeks_low: 12, weeks_high: null }, '12 or more'],
    [{ weeks: 14.2, weeks_low: 9, weeks_high: 26 }, '14 (9 to 26)'],
])('says how many weeks it takes: %j', (weeks, words) => {
    expect(weeksWords({ ...method, ...weeks })).toBe(words);
    expect(portionWords(portion(0, 0))).toBe('–');
});
