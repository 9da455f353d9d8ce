import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import { monday, weeksOf } from '../../../client/sessions/weeks';
import WeeksPage from '../../../client/sessions/WeeksPage.vue';
import { foretold, jolyon } from '../support/samples';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

const weeks = (changes: Partial<Schemas['Weeks']> = {}): Schemas['Weeks'] => ({
    today: '2026-11-27',
    trained: ['2026-11-24'],
    time_off: [],
    calendar: {
        sessions: ['2026-11-27', '2026-11-30', '2027-01-04'],
        stages: [
            { name: 'The ladder', gate: '3 × 8', from: '2026-11-27', to: '2027-01-08', soonest: '2026-12-18', latest: '2027-02-12' },
            { name: 'Strict pull-ups', gate: '3 × 5', from: '2027-01-08', to: null, soonest: '2027-03-05', latest: null },
        ],
        comebacks: [{ on: '2027-01-04', days_away: 35, needs_baselines: true }],
        next: foretold(1, { median_on: '2027-01-15', soonest_on: '2026-12-04', latest_on: '2027-04-09' }),
    },
    ...changes,
});
const holiday: Schemas['TimeOff'] = { id: 'off', from: '2026-12-19', to: '2027-01-03', why: 'Mill closed', of_gym: true };

it('lays days out from the Monday before last, with what is done, planned and off, and where a stage begins', () => {
    const rows = weeksOf(weeks({ time_off: [holiday] }));
    const at = (on: string) => rows.flatMap((r) => r.days).find((d) => d.on === on);
    expect(monday('2026-11-29')).toBe('2026-11-23');
    expect(rows[0]?.from).toBe('2026-11-09');
    expect(at('2026-11-24')?.isTrained).toBe(true);
    expect(at('2026-11-27')).toMatchObject({ isToday: true, isPlanned: true });
    expect(at('2026-12-25')?.off?.why).toBe('Mill closed');
    expect(rows.find((r) => r.from === '2027-01-04')).toMatchObject({
        stages: ['Strict pull-ups'],
        notes: ['The ladder, gate about 8 Jan 2027', 'Back after 35 days: screen and baselines first'],
    });
    expect(rows.find((r) => r.from === '2027-01-11')?.notes).toEqual(['First strict rep, about 15 Jan 2027']);
    expect(rows.find((r) => r.from === '2026-12-14')?.notes).toEqual(['Mill closed']);
});

it('notes time off with what is missing said, and takes it back', async () => {
    const asked = serve({
        'GET /api/v1/athletes/jolyon': () => jolyon,
        'GET /api/v1/athletes/jolyon/weeks': () => weeks(),
        'POST /api/v1/athletes/jolyon/time-off': () => weeks({ time_off: [holiday] }),
        'DELETE /api/v1/athletes/jolyon/time-off/off': () => weeks(),
    });
    const { fill, press, sees, text } = show(WeeksPage, { id: 'jolyon' });
    await press('Note time off');
    await sees('Needed: the first day.');
    await fill('From', '2026-12-19');
    await fill('To', '2026-12-01');
    await fill('What for', 'Mill closed');
    await press('Note time off');
    await sees('The last day is before the first.');
    await fill('To', '2027-01-03');
    await press('The whole gym');
    await press('Note time off');
    await sees('Mill closed Sat 19 Dec – 3 Jan 2027, the whole gym');
    expect(asked.find((a) => a.command.startsWith('POST'))?.body).toMatchObject({
        from: '2026-12-19',
        to: '2027-01-03',
        why: 'Mill closed',
        of_gym: true,
    });
    await press(/^Take back/);
    await eventually(() => expect(text()).toContain('None noted.'));
});

it('says when the next strict rep and each gate are to be expected, with their spread', async () => {
    serve({ 'GET /api/v1/athletes/jolyon': () => jolyon, 'GET /api/v1/athletes/jolyon/weeks': () => weeks() });
    const { sees } = show(WeeksPage, { id: 'jolyon' });
    await sees('First strict rep about 15 Jan 2027 Fri 4 Dec – 9 Apr 2027');
    await sees('The ladder, gate about 8 Jan 2027 Fri 18 Dec – 12 Feb 2027');
    await sees('Strict pull-ups, gate not foreseeable yet from 5 Mar 2027 on, or beyond a year');
});
