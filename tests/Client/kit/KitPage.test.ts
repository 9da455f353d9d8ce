import { expect, it } from 'vitest';
import type { Router } from 'vue-router';
import type { Schemas } from '../../../client/domain/http';
import KitPage from '../../../client/kit/KitPage.vue';
import { band, beam, curve, kit } from '../support/samples';
import { at, eventually, show } from '../support/screen';
import { fault, refuse, serve, type Asked } from '../support/server';

const help = {
    attach: 'foot',
    reason: null,
    help_kg: { bottom: 16.6, mean: 13.8, top: 10.6 },
    share: 0.77,
    share_sd: 0.009,
    bottom_m: 2,
    top_m: 1.4,
    why: null,
};
const steady: Schemas['ScaleStream'] = {
    connected: true,
    simulated: false,
    state: 'steady',
    force_n: 100,
    force_kg: 10.2,
    sd_kg: 0.02,
    trace_kg: [10, 10.2],
};

function page(
    answers: Record<string, (asked: Asked) => unknown> = {},
    { gear = kit, router }: { gear?: Schemas['Kit']; router?: Router } = {},
) {
    const asked = serve({
        'GET /api/v1/kit': () => gear,
        'GET /api/v1/cautions': () => ({ items: [{ code: 'band-wear', moment: 'band', text: 'Look for nicks.' }] }),
        'GET /api/v1/athletes': ({ query }) => ({
            items: [query['search'] === 'zo' ? { id: 'zoe', name: 'Zoe', mass_kg: 55 } : { id: 'ada', name: 'Ada', mass_kg: 61 }],
            next_page: null,
        }),
        'GET /api/v1/bands/h/inspections': () => ({
            items: [{ id: 'i', inspected_on: '2026-03-02', finding: 'sound', note: 'Supple' }],
            next_page: null,
        }),
        'GET /api/v1/bands/r/inspections': () => ({ items: [], next_page: null }),
        'POST /api/v1/bench/curve': () => ({ curve, points: [], help: [help] }),
        ...answers,
    });
    return {
        asked,
        sent: (command: string) => asked.filter((a) => a.command === command).map((a) => a.body),
        ...show(KitPage, {}, router),
    };
}

it('puts the first band on the bench with what it takes off an athlete, and its inspections', async () => {
    const { sees, text, sent } = page();
    await sees('at the foot 16.6 kg 13.8 kg 10.6 kg 77 % ± 0.9');
    await sees('Mon 2 Mar Sound Supple');
    expect(text()).toContain('Look for nicks.');
    expect(sent('POST /api/v1/bench/curve').at(-1)).toMatchObject({
        athlete_id: 'ada',
        band: { name: 'Heron 44 mm', hung_length_m: 1, width_mm: 29, thickness_mm: 4.5, points: [] },
    });
});

it('opens the band that a reminder leads to', async () => {
    const { sees } = page({}, { router: await at('/kit?band=r') });
    await sees('Not looked at yet.');
    expect(document.querySelector('[aria-current=true]')!.textContent).toContain('Rook 32 mm');
});

it('looks for an athlete among all of the gym, and keeps the one that is chosen', async () => {
    const { asked, sees, fill, user, sent } = page();
    await sees('Ada, 61.0 kg');
    await user.click(document.querySelector('[aria-label=Athlete] .n-base-selection')!);
    await fill('Athlete', 'zo');
    await sees('Zoe, 55.0 kg');
    await user.click([...document.querySelectorAll('.n-base-select-option__content')].find((o) => o.textContent === 'Zoe, 55.0 kg')!);
    await eventually(() => expect(sent('POST /api/v1/bench/curve').at(-1)).toMatchObject({ athlete_id: 'zoe' }));
    await fill('Athlete', 'ad');
    await fill('Athlete', '');
    await eventually(() => expect(asked.at(-1)).toMatchObject({ command: 'GET /api/v1/athletes', query: {} }));
    await sees('Ada, 61.0 kg');
    expect(document.querySelector('[aria-label=Athlete] .n-base-selection')!.textContent).toContain('Zoe, 55.0 kg');
});

it('adds a band with its readings in the unit they were typed in, and loads the kit anew', async () => {
    const added: unknown[] = [];
    const { press, fill, sees, user, sent } = page({
        'POST /api/v1/bands': ({ body }) => (added.push(body), band('new', 'Wren')),
    });
    await press('Add a band');
    await fill('Name or shop tag', 'Wren');
    await fill('Width', '13');
    await fill('Thickness', '4,5');
    await fill('Hung length', '100');
    await press('Add a reading');
    await fill('Length of point 1 in cm', '130');
    await press('Unit of point 1: kg, change');
    await fill('Force of point 1 in N', '70');
    await user.click(document.querySelector('form [type=submit]')!);
    await eventually(() => expect(added).toHaveLength(1));

    expect(added[0]).toMatchObject({
        name: 'Wren',
        width_mm: 13,
        thickness_mm: 4.5,
        hung_length_m: 1,
        points: [{ length_m: 1.3, force_n: 70 }],
    });
    await sees('Save');
    await eventually(() => expect(sent('GET /api/v1/kit')).toHaveLength(3));
});

it('marks the reading the server refuses, and loses nothing of what was typed', async () => {
    const { press, fill, value, sees, user } = page({
        'PUT /api/v1/bands/h': () => refuse(422, 'invalid', '', [fault('/points/1', 'Point 2 at 180 cm pulls less than point 1.')]),
        'POST /api/v1/bench/curve': () =>
            refuse(422, 'invalid', '', [fault('/band/points/1', 'Point 2 at 180 cm pulls less than point 1.')]),
    });
    await press('Add a reading');
    await press('Add a reading');
    for (const [label, text] of Object.entries({
        'Length of point 1 in cm': '130',
        'Force of point 1 in kg': '7',
        'Length of point 2 in cm': '180',
        'Force of point 2 in kg': '1,3',
    })) {
        await fill(label, text);
    }
    await user.click(document.querySelector('form [type=submit]')!);
    await sees('Point 2 at 180 cm pulls less than point 1.');
    expect(value('Force of point 2 in kg')).toBe('1,3');
    await press('Remove point 2');
    expect(document.body.textContent).not.toContain('pulls less');
});

it('keeps a steady reading of the scale as a point, and none while it is not steady', async () => {
    let stream = { ...steady, state: 'settling' as Schemas['ScaleStream']['state'] };
    const { press, fill, sees, value } = page({ 'GET /api/v1/bench/scale': () => stream });
    await press('Listen to the scale');
    await sees('Settling…');
    await fill('Length in use', '140');
    const keep = [...document.querySelectorAll('button')].find((b) => b.textContent?.includes('Keep this reading'))!;
    expect(keep.disabled).toBe(true);
    stream = steady;
    await sees('Steady');
    await press('Keep this reading');
    expect([value('Length of point 1 in cm'), value('Force of point 1 in kg')]).toEqual(['140', '10.2']);
    await press('Stop');
    await sees('or type the readings below');
});

it.each([
    [{ ...steady, state: 'silent' as const, force_kg: null }, 'Silent: no reading for over a second.'],
    [{ ...steady, state: 'repeating' as const }, 'Stuck: it repeats the same reading.'],
    [{ ...steady, state: 'jumping' as const }, 'Jumping: hold the band still'],
    [{ ...steady, connected: false, state: 'silent' as const, force_kg: null }, 'No scale answers. Type the readings below.'],
])('says what is the matter with the scale, and leaves typing as it is: %#', async (stream, words) => {
    const { press, sees, fill, value } = page({ 'GET /api/v1/bench/scale': () => stream });
    await press('Listen to the scale');
    await sees(words);
    await press('Add a reading');
    await fill('Length of point 1 in cm', '130');
    expect(value('Length of point 1 in cm')).toBe('130');
});

it('notes an inspection under one id until it is stored, warns of a fault, and loads the kit anew', async () => {
    let there = false;
    const command = 'POST /api/v1/bands/h/inspections';
    const { press, fill, sees, sent, text } = page({
        [command]: () => (there ? { id: 'x' } : refuse(503, 'away', 'The database is away.')),
    });
    await press('Sound');
    expect(text()).not.toContain('out of use');
    await press('Nick');
    await sees('A fault takes the band out of use at once.');
    await fill('Note (optional)', 'At the hitch');
    await press('Note the inspection');
    await sees('The database is away.');
    there = true;
    const loads = sent('GET /api/v1/kit').length;
    await press('Note the inspection');
    await eventually(() => expect(sent('GET /api/v1/kit')).toHaveLength(loads + 1));
    const [first, second] = sent(command) as { id: string }[];
    expect(second).toEqual(first);
    expect(first).toMatchObject({ finding: 'nick', note: 'At the hitch' });
});

it('turns the pages of a long log of inspections, and comes back to the newest after another', async () => {
    const pages: (string | undefined)[] = [];
    const item = (id: string, note: string) => ({ id, inspected_on: '2026-03-02', finding: 'sound', note });
    const { press, sees } = page({
        'GET /api/v1/bands/h/inspections': ({ query }) => {
            pages.push(query['page']);
            return query['page'] === '2'
                ? { items: [item('old', 'Long ago')], next_page: null }
                : { items: [item('new', 'Lately')], next_page: 2 };
        },
        'POST /api/v1/bands/h/inspections': () => ({ id: 'x' }),
    });
    await sees('Lately');
    await press('Earlier');
    await sees('Long ago');
    await press('Sound');
    await press('Note the inspection');
    await sees('Lately');
    expect(pages.at(-1)).toBe('1');
});

it('keeps gear of each kind with its own fields, and takes it out of use and back', async () => {
    const retired: unknown[] = [];
    const gear = {
        bands: [],
        gear: [beam, { id: 'o', name: 'Old box', figures: { kind: 'box' as const, height_m: 0.4 }, retired: true }],
        damaged: [],
        floor: 'unknown' as const,
        doable: [],
    };
    const { press, fill, sees, sent, text } = page(
        {
            'POST /api/v1/gear': () => ({ ...beam, id: 'new' }),
            'PUT /api/v1/gear/b/retirement': ({ body }) => (retired.push(body), beam),
            'PUT /api/v1/gear/o/retirement': ({ body }) => (retired.push(body), beam),
        },
        { gear },
    );
    await press('Add a ring pair');
    await fill('Name', 'North rings');
    await fill('Height of the anchor', '245');
    await fill('Strap marks, anchor to ring', '100, 120; 140');
    await press('Add ring pair');
    await eventually(() =>
        expect(sent('POST /api/v1/gear')[0]).toMatchObject({
            name: 'North rings',
            figures: { kind: 'rings', anchor_height_m: 2.45, straps_m: [1, 1.2, 1.4] },
        }),
    );

    await press(/Beam bar/);
    await press('Retire');
    await sees('Beam bar is retired.');
    await press('Undo');
    await eventually(() => expect(retired).toEqual([{ retired: true }, { retired: false }]));
    await press(/Old box/);
    await press('Take back into use');
    await eventually(() => expect(retired).toHaveLength(3));
    expect(text()).toContain('No bands yet.');
    await sees('Old box Retired');
});

it('stays with the piece that is chosen while another is being added, and lists that one all the same', async () => {
    let stored = (): void => undefined;
    const { press, fill, sees, sent, asked, value } = page({
        'POST /api/v1/gear': () => new Promise((come) => (stored = () => come({ ...beam, id: 'new' }))),
    });
    await press('Add a ring pair');
    await fill('Name', 'North rings');
    await fill('Height of the anchor', '245');
    await fill('Strap marks, anchor to ring', '100');
    await press('Add ring pair');
    await eventually(() => expect(sent('POST /api/v1/gear')).toHaveLength(1));
    await press(/Beam bar/);
    stored();
    await eventually(() => expect(asked.filter((a) => a.command === 'GET /api/v1/kit')).toHaveLength(3));
    await sees('Retire');
    expect(value('Name')).toBe('Beam bar');
});

it('says what is doubtful of readings, and keeps them once somebody is sure', async () => {
    const doubts: Schemas['BandCurve']['doubts'] = [{ code: 'pounds', text: 'The readings look like pounds.' }];
    const { press, sees, user, sent } = page({
        'POST /api/v1/bench/curve': () => ({ curve: { ...curve, doubts }, points: [], help: [help] }),
        'PUT /api/v1/bands/h': ({ body }) =>
            (body as { sure: boolean }).sure
                ? band('h', 'Heron 44 mm')
                : refuse(422, 'invalid', '', [fault('/sure', 'Be sure of it first.')]),
    });
    await sees('The readings look like pounds.');
    await press('Save');
    await sees('Be sure of it first.');
    await user.click(document.querySelector('.n-checkbox')!);
    await press('Save');
    await eventually(() => expect(sent('PUT /api/v1/bands/h').at(-1)).toMatchObject({ sure: true }));
    await eventually(() => expect(document.body.textContent).not.toContain('Be sure of it first.'));
});

it('says when a band is to be measured again', async () => {
    const old = {
        ...kit,
        bands: [band('h', 'Heron 44 mm', { measured_on: '2025-11-02', measure_again: 'Measured over 90 days ago: measure it again.' })],
    };
    const { sees } = page({}, { gear: old });
    await sees('Measured over 90 days ago: measure it again.');
});

it('keeps what the floor is of, and says so where it could not', async () => {
    let floor: Schemas['Kit']['floor'] = 'unknown';
    let away = true;
    const { press, sees, sent } = page({
        'GET /api/v1/kit': () => ({ ...kit, floor }),
        'PUT /api/v1/kit/floor': ({ body }) =>
            away ? refuse(503, 'away', 'The database is away.') : ((floor = (body as Schemas['FloorInput']).floor), { ...kit, floor }),
    });
    await press('Vinyl', 'What the floor is of');
    await sees('The database is away.');
    away = false;
    const pressed = (): string | undefined =>
        document.querySelector('[aria-label="What the floor is of"] [aria-pressed=true]')?.textContent?.trim();
    await press('Wood', 'What the floor is of');
    await eventually(() => expect(pressed()).toBe('Wood'));
    expect(sent('PUT /api/v1/kit/floor')).toEqual([{ floor: 'vinyl' }, { floor: 'wood' }]);
});
