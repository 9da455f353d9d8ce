import { computed, ref } from 'vue';
import { expect, it } from 'vitest';
import ScaleCard from '../../../client/ladder/ScaleCard.vue';
import { ALL_BANDS, LADDER } from '../../../client/composables/useAthlete';
import { heron, jolyon, kit } from '../support/samples';
import { show } from '../support/screen';

const read = (value: unknown) => ({
    value: computed(() => value),
    problem: computed(() => undefined),
    busy: computed(() => false),
    reload: async () => {},
    put: () => {},
});

function card(shown: string, of = kit) {
    const page = {
        shown: ref(shown),
        mostRungs: ref(8),
        ladders: {},
        scale: read({ rungs: [{ rung: heron, bars: ['Beam bar'], chosen: true }], misfits: [] }),
    };
    return show(ScaleCard, { page, athlete: jolyon, kit: of });
}

it('shows the set-ups of one band, of all bands, or the ladder, as asked', async () => {
    const { choose, emitted, text } = card('h');
    expect(text()).toContain('This band is estimated from its size');
    await choose('Shown', 'All single bands');
    await choose('Shown', 'Steady ladder');
    await choose('Shown', 'Rook 32 mm (estimated)');
    expect(emitted('show')).toEqual([[ALL_BANDS], [LADDER], ['r']]);
});

it('asks how long the ladder may be only where a ladder is shown', () => {
    card(ALL_BANDS);
    expect(document.querySelector('[aria-label="Length of the ladder"]')).toBeNull();
});

it('says where to add bands where the kit has none, and leads to any other set-up', () => {
    const { text } = card(ALL_BANDS, { ...kit, bands: [] });
    expect(text()).toContain('No bands in the kit yet.');
    expect(document.querySelector('a[href="/people/jolyon/setups"]')).not.toBeNull();
});

it('hands on the line that was opened', async () => {
    const { press, emitted } = card('h');
    await press(/^67 %/);
    expect(emitted<[{ key: string }]>('open')[0]?.[0].key).toBe(heron.key);
});
