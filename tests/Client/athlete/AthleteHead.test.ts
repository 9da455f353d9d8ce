import { screen } from '@testing-library/vue';
import { expect, it } from 'vitest';
import AthleteHead from '../../../client/athlete/AthleteHead.vue';
import type { Schemas } from '../../../client/domain/http';
import { jolyon } from '../support/samples';
import { at, eventually, show } from '../support/screen';

const capacity = (low80: number, high80: number) => ({ share: (low80 + high80) / 2, low80, high80 }) as unknown as Schemas['Capacity'];
const head = async (changes: Partial<Schemas['Athlete']> = {}) =>
    show(AthleteHead, { athlete: { ...jolyon, ...changes } }, await at('/people/jolyon'));
const inMenu = (label: string): Promise<HTMLElement> => screen.findByText(label, { selector: '.n-dropdown-option-body__label' });

it('says who it is, of what size, and that nothing is known yet', async () => {
    const { text } = await head({ tags: ['youth', 'tuesday'] });
    expect(text()).toMatch(/Jolyon Thatch 70\.0 kg no baseline yet 175 cm · reach 210 cm · Climbing · youth · tuesday/);
});

it('says that a reach is estimated, and that an athlete is archived', async () => {
    const { text } = await head({ reach_source: 'estimated', archived: true });
    expect(text()).toContain('reach 210 cm, estimated');
    expect(text()).toContain('archived');
});

it('gives each capacity as a range, and answers its why', async () => {
    const { text, press, emitted } = await head({ capacity: capacity(0.75, 0.86), row_capacity: capacity(0.5, 0.62) });
    expect(text()).toContain('one rep at 75–86 % one row at 50–62 %');
    expect(text()).not.toContain('no baseline yet');
    await press('row capacity, 50–62 %: why?');
    await press('pull capacity, 75–86 %: why?');
    expect(emitted('why')).toEqual([['row'], ['pull']]);
});

it.each<[string, Partial<Schemas['Athlete']>, boolean]>([
    ['cleared', {}, true],
    ['limited', { screen: { ...jolyon.screen, outcome: 'limited' } }, true],
    ['paused', { paused_on: '2026-03-19' }, false],
    ['referred', { screen: { ...jolyon.screen, outcome: 'refer' } }, false],
    ['not yet cleared', { screen: { ...jolyon.screen, outcome: 'not-yet' } }, false],
])('offers a baseline to who may be loaded, and to nobody else: %s', async (_, changes, may) => {
    const { press, user, emitted } = await head(changes);
    await press('More');
    await user.click(await inMenu('Baseline'));
    expect(emitted('baseline') ?? []).toHaveLength(may ? 1 : 0);
});

it('leads to session, trend and card, and to the rest from one menu', async () => {
    const { press, path } = await head();
    for (const [name, to] of [
        ['Session', 'session'],
        ['Trend', 'trend'],
        ['Card', 'card'],
    ] as const) {
        await press(name);
        await eventually(() => expect(path()).toBe(`/people/jolyon/${to}`));
    }
});

it('changes, archives and brings back from the menu', async () => {
    const { press, user, emitted, path } = await head();
    const pick = async (label: string): Promise<void> => {
        await press('More');
        await user.click(await inMenu(label));
    };
    await pick('Change');
    await pick('Stage and method');
    await pick('Archive');
    await pick('Body');
    await eventually(() =>
        expect([emitted('edit').length, emitted('place').length, emitted('archive'), path()]).toEqual([
            1,
            1,
            [[true]],
            '/people/jolyon/body',
        ]),
    );
});
