import { computed } from 'vue';
import { expect, it } from 'vitest';
import type { Schemas } from '../../../client/domain/http';
import SingleBands from '../../../client/ladder/SingleBands.vue';
import { band, call, heron, rook, rung } from '../support/samples';
import { show } from '../support/screen';

const strict = rung('strict', 'Unassisted pull-up', 1, { kind: 'strict' });
const read = (scale: Partial<Schemas['Scale']>) => ({
    value: computed(() => ({ rungs: [], misfits: [], ...scale }) as Schemas['Scale']),
    problem: computed(() => undefined),
    busy: computed(() => false),
    reload: async () => {},
    put: () => {},
});
const capacity = { share: 0.8, low80: 0.75, high80: 0.86, kg: 56 } as unknown as Schemas['Capacity'];
const rows = (): string[] => [...document.querySelectorAll('[data-rung]')].map((e) => e.getAttribute('data-rung')!);

it('lists the set-ups from the most carried to the least, the present and the next among them', () => {
    const scale = read({
        rungs: [
            { rung: heron, bars: ['Beam bar'], chosen: true },
            { rung: strict, bars: [], chosen: false },
        ],
    });
    const { text } = show(SingleBands, { scale, band: band('h', 'Heron 44 mm'), capacity, call: call().call });
    expect(rows()).toEqual(['strict', rook.key, heron.key]);
    expect(document.querySelector(`[data-rung="${heron.key}"]`)?.textContent).toMatch(/67\s*%.*· now.*8 reps/s);
    expect(document.querySelector(`[data-rung="${rook.key}"]`)?.textContent).toContain('· next');
    expect(document.querySelector('[data-rung="strict"]')?.textContent).toMatch(/the same from bottom to top.*no baseline/s);
    expect(text()).toContain('This band is estimated from its size, ± 30 %.');
});

it('says nothing of an estimate where the band was measured, and what does not fit with its reason', () => {
    const measured = band('h', 'Heron 44 mm', { curve: { ...band('h', '').curve, status: 'measured' } });
    const misfits = [{ name: 'Wren 13 mm, knee', reason: 'The band would be slack at the top.' }] as unknown as Schemas['Scale']['misfits'];
    const { text } = show(SingleBands, {
        scale: read({ rungs: [{ rung: heron, bars: ['Beam bar', 'Loft bar'], chosen: false }], misfits }),
        band: measured,
        capacity: null,
        call: undefined,
    });
    expect(text()).not.toContain('is estimated');
    expect(text()).toContain('One set-up does not fit');
    expect(text()).toContain('The band would be slack at the top.');
    expect(text()).toContain('2 bars');
    expect(document.querySelector('rect.capacity')).toBeNull();
});

it('opens a line for its why', async () => {
    const { press, emitted } = show(SingleBands, {
        scale: read({ rungs: [{ rung: heron, bars: ['Beam bar'], chosen: false }] }),
        band: undefined,
        capacity,
        call: undefined,
    });
    await press(/^67 %/);
    expect(emitted<[Schemas['Rung']]>('open')[0]?.[0].key).toBe(heron.key);
});
