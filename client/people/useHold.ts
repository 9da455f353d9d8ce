import { onScopeDispose, readonly, ref, type Ref } from 'vue';

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
    let timer: ReturnType<typeof setInterval> | undefined;

    const measure = (): number => (elapsedS.value = (performance.now() - beganMs) / 1000);

    function press(): void {
        clearInterval(timer);
        beganMs = performance.now();
        holding.value = true;
        timer = setInterval(measure, tickMs);
    }

    function release(): void {
        if (!holding.value) {
            return;
        }
        clearInterval(timer);
        holding.value = false;
        released(measure());
    }

    onScopeDispose(() => clearInterval(timer));

    return { holding: readonly(holding), elapsedS: readonly(elapsedS), press, release };
}
