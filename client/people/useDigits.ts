import { onScopeDispose, readonly, ref, type Ref } from 'vue';

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
    let joining = false;
    let timer: ReturnType<typeof setTimeout> | undefined;

    function type(digit: number): void {
        const joined = (value.value ?? 0) * 10 + digit;
        value.value = joining && joined <= most ? joined : digit;
        joining = true;
        clearTimeout(timer);
        timer = setTimeout(() => (joining = false), joinWithinMs);
    }

    function set(next: number | null): void {
        joining = false;
        value.value = next;
    }

    onScopeDispose(() => clearTimeout(timer));

    return { value: readonly(value), type, set, clear: () => set(null) };
}
