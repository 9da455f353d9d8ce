import { expect, it } from 'vitest';
import { tileOf } from '../../../client/domain/floor/tile';
import FloorBar from '../../../client/today/FloorBar.vue';
import { athlete, classDay, timetable } from '../support/floor';
import { show } from '../support/screen';

const held = classDay([]).class;
const tomorrow = { ...held, on: '2026-03-21', starts_at: '2026-03-21T11:30:00Z', ends_at: '2026-03-21T12:45:00Z' };
const at = (time: string): number => Date.parse(`2026-03-20T${time}:00Z`);

const bar = (nowMs: number, changes: Record<string, unknown> = {}) =>
    show(FloorBar, {
        by: 'athlete',
        sound: false,
        buzz: true,
        held,
        list: { today: '2026-03-20', items: [], held: [held, tomorrow], tags: [] },
        tiles: [athlete('Ada'), athlete('Bo', undefined, { coming: false })].map((a) => tileOf(a, nowMs)),
        nowMs,
        isAlone: false,
        timetable: null,
        canBuzz: true,
        awake: { isSupported: { value: false }, isActive: { value: false } },
        ...changes,
    });

it.each([
    ['before it begins', at('11:00'), /1 here · from 11:30/],
    ['while it runs', at('12:00'), /1 here · ends 12:45, 45 min/],
    ['when it is over', at('12:50'), /1 here · ended 12:45/],
])('says how the class stands: %s', (_, now, words) => {
    expect(bar(now).text()).toMatch(words);
});

it('says the day of a class that is not today’s', () => {
    expect(bar(at('12:00'), { held: tomorrow }).text()).toMatch(/1 here · Sat 21 Mar, 11:30/);
});

it('leads to what comes afterwards when little is left', () => {
    const links = (): string[] => [...document.querySelectorAll('.actions > a')].map((a) => a.textContent);
    bar(at('12:00'));
    expect(links()).toEqual([]);
    document.body.innerHTML = '';
    bar(at('12:35'));
    expect(links()).toEqual(['Afterwards']);
});

it('says that the server is away, and only then', () => {
    expect(bar(at('12:00')).text()).not.toContain('No server');
    document.body.innerHTML = '';
    expect(bar(at('12:00'), { isAlone: true }).text()).toContain('No server: kept on this device');
});

it('looks by station, picks another class, opens who is here and the gear, and closes the menu over the panel', async () => {
    const { press, user, emitted } = bar(at('12:00'));
    await press('Stations');
    await press('Who is here');
    const menu = document.querySelector('details')!;
    menu.open = true;
    await user.selectOptions(document.querySelector('select')!, `${tomorrow.id} ${tomorrow.on}`);
    await press('Broken or missing today');
    expect([emitted('update:by'), emitted('pick'), emitted('open'), menu.open]).toEqual([
        [['station']],
        [[`${tomorrow.id} ${tomorrow.on}`]],
        [['who'], ['gear']],
        false,
    ]);
});

it('turns tone and buzz on and off, and offers no buzz where the device has none', async () => {
    const { press, emitted } = bar(at('12:00'));
    await press('Tone at the end of a rest: off');
    await press('Buzz at the end of a rest: on');
    expect([emitted('update:sound'), emitted('update:buzz')]).toEqual([[[true]], [[false]]]);
    document.body.innerHTML = '';
    expect(bar(at('12:00'), { canBuzz: false }).text()).not.toContain('Buzz');
});

it('says when all are done, and of a class that does not fit what to leave out first and what that saves', () => {
    expect(bar(at('12:00'), { timetable: timetable([]) }).text()).toContain('1 here · all done about 12:39 · ends 12:45, 45 min');
    document.body.innerHTML = '';
    const cuts = [
        { athlete_id: 'ada', line: 'trunk:plank', sets: 2, saves_s: 240 },
        { athlete_id: 'ada', line: 'main:bands', sets: 1, saves_s: 60 },
    ];
    const late = timetable([], { ends_at: '2026-03-20T12:49:10Z', fits: false, cuts });
    expect(bar(at('12:00'), { timetable: late }).text()).toContain(
        '5 min longer than the class. Leave out Ada: Plank and 1 more, saves 5 min',
    );
    document.body.innerHTML = '';
    expect(bar(at('12:00'), { timetable: { ...late, cuts: [] } }).text()).toContain('5 min longer than the class.');
});

it('opens the fresh plan from the menu', async () => {
    const { press, emitted } = bar(at('12:00'), { timetable: timetable([]) });
    document.querySelector('details')!.open = true;
    await press('Plan the rest anew');
    expect(emitted('open')).toEqual([['plan']]);
});
