import { useIntervalFn } from '@vueuse/core';
import { readonly, ref, type Ref } from 'vue';

/** A stopwatch that runs while it is held. */
export function useHold(
    released: (elapsedS: number) => void,
    { tickMs = 100 }: { tickMs?: number } = {},
): {
    holding: Readonly<Ref<boolean>>;
    elapsedS: Readonly<Ref<number>>;
    press: () => void;
    release: () => void;
} {
    const holding = ref(false);
    const elapsedS = ref(0);
    let beganMs = 0;
    const measure = (): number => (elapsedS.value = (performance.now() - beganMs) / 1000);
    const ticks = useIntervalFn(measure, tickMs, { immediate: false });

    function press(): void {
        beganMs = performance.now();
        holding.value = true;
        ticks.resume();
    }

    function release(): void {
        if (!holding.value) {
            return;
        }
        ticks.pause();
        holding.value = false;
        released(measure());
    }

    return { holding: readonly(holding), elapsedS: readonly(elapsedS), press, release };
}
