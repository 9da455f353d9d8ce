import { useIntervalFn } from '@vueuse/core';
import { readonly, ref, type Ref } from 'vue';

/** The moment it is, in milliseconds, so often. */
export function useTick(everyMs: number): Readonly<Ref<number>> {
    const now = ref(Date.now());
    useIntervalFn(() => (now.value = Date.now()), everyMs);
    return readonly(now);
}
