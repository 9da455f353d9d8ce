import { fireEvent, screen } from '@testing-library/vue';
import { expect, it, vi } from 'vitest';
import SimulatedPull from '../../../client/kit/SimulatedPull.vue';
import { useBandDraft } from '../../../client/kit/useBandDraft';
import { band } from '../support/samples';
import { eventually, show } from '../support/screen';
import { serve } from '../support/server';

function bench(of = useBandDraft(band('h', 'Heron 44 mm'))) {
    const asked = serve({ 'PUT /api/v1/bench/scale/hang': () => null });
    return { asked, draft: of, ...show(SimulatedPull, { draft: of }) };
}
const slider = (): HTMLInputElement => screen.getByLabelText('Pull to');

it('begins at the length the band hangs at, and pulls to 2.6 times that', () => {
    const { text } = bench();
    expect(text()).toContain('Simulated: pull to 100 cm');
    expect([slider().min, Number(slider().max)]).toEqual(['1', 2.6]);
});

it('tells the scale once the slider rests, not on the way', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const { asked, emitted } = bench();
    for (const m of ['1.3', '1.5', '1.8']) {
        await fireEvent.update(slider(), m);
        vi.advanceTimersByTime(60);
    }
    expect(asked).toEqual([]);
    vi.advanceTimersByTime(120);
    vi.useRealTimers();
    await eventually(() => expect(asked.map((a) => (a.body as { length_m: number }).length_m)).toEqual([1.8]));
    expect(emitted('pulled')).toEqual([[1.3], [1.5], [1.8]]);
});

it('lets the scale fail as scales do', async () => {
    const { asked, choose } = bench();
    await choose('The scale', 'falls silent');
    await eventually(() => expect(asked[0]?.body).toMatchObject({ fault: 'silent', length_m: 1 }));
});

it('pulls nothing while the band is not described yet', () => {
    bench(useBandDraft(undefined));
    expect(screen.queryByLabelText('Pull to')).toBeNull();
});
