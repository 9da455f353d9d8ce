import { useTimeoutFn } from '@vueuse/core';
import { readonly, ref, type Ref } from 'vue';

/** A count typed digit by digit: a second digit soon after the first makes one number of both. */
export function useDigits(
    most: number,
    { joinWithinMs = 900 }: { joinWithinMs?: number } = {},
): {
    value: Readonly<Ref<number | null>>;
    type: (digit: number) => void;
    set: (value: number | null) => void;
    clear: () => void;
} {
    const value = ref<number | null>(null);
    const joining = useTimeoutFn(() => undefined, joinWithinMs, { immediate: false });

    function type(digit: number): void {
        const joined = (value.value ?? 0) * 10 + digit;
        value.value = joining.isPending.value && joined <= most ? joined : digit;
        joining.start();
    }

    function set(next: number | null): void {
        joining.stop();
        value.value = next;
    }

    return { value: readonly(value), type, set, clear: () => set(null) };
}
