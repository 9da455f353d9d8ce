import { shallowRef, toValue, watch, type MaybeRefOrGetter, type ShallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { BandDraft } from './useBandDraft';

type Bench = Schemas['Bench'];

/** The curve through what is typed and kept so far, asked anew shortly after each change; late answers never win. */
export function useBench(
    draft: BandDraft,
    helped: MaybeRefOrGetter<{ athlete: string | null; bar: string | null }>,
    { settleMs = 250 }: { settleMs?: number } = {},
): { bench: Readonly<ShallowRef<Bench | undefined>> } {
    const bench = shallowRef<Bench>();
    let latest = 0;

    async function ask(band: Schemas['BandInput'], athlete: string | null, bar: string | null): Promise<void> {
        const mine = ++latest;
        const result = await outcome(api.POST('/api/v1/bench/curve', { body: { band, athlete_id: athlete, bar_id: bar } }));
        if (mine !== latest) {
            return;
        }
        if (result.ok) {
            bench.value = result.value;
            draft.blame([]);
        } else {
            draft.blame(result.problem.faults.map((f) => ({ ...f, pointer: f.pointer.replace(/^\/band/, '') })));
        }
    }

    watch(
        () => JSON.stringify([draft.value(), toValue(helped)]),
        (_now, _before, onCleanup) => {
            const band = draft.value();
            const { athlete, bar } = toValue(helped);
            if (band !== undefined) {
                const timer = setTimeout(() => void ask(band, athlete, bar), settleMs);
                onCleanup(() => clearTimeout(timer));
            }
        },
        { immediate: true },
    );

    return { bench };
}
