import { useIntervalFn } from '@vueuse/core';
import { readonly, ref, type Ref } from 'vue';

/** A stopwatch that runs while it is held; a tap half way is kept with it. */
export function useHold(
    released: (elapsedS: number, halfS: number | null) => void,
    { tickMs = 100 }: { tickMs?: number } = {},
): {
    holding: Readonly<Ref<boolean>>;
    elapsedS: Readonly<Ref<number>>;
    halfS: Readonly<Ref<number | null>>;
    press: () => void;
    half: () => void;
    release: () => void;
} {
    const holding = ref(false);
    const elapsedS = ref(0);
    const halfS = ref<number | null>(null);
    let beganMs = 0;
    const measure = (): number => (elapsedS.value = (performance.now() - beganMs) / 1000);
    const ticks = useIntervalFn(measure, tickMs, { immediate: false });

    function press(): void {
        beganMs = performance.now();
        holding.value = true;
        halfS.value = null;
        ticks.resume();
    }

    function half(): void {
        halfS.value = holding.value ? (halfS.value ?? measure()) : null;
    }

    function release(): void {
        if (!holding.value) {
            return;
        }
        ticks.pause();
        holding.value = false;
        released(measure(), halfS.value);
    }

    return { holding: readonly(holding), elapsedS: readonly(elapsedS), halfS: readonly(halfS), press, half, release };
}
