import { useIntervalFn } from '@vueuse/core';
import { readonly, ref, type Ref } from 'vue';
import { serverTime } from '../domain/clock';

/** The moment it is, in milliseconds, so often. */
export function useTick(everyMs: number): Readonly<Ref<number>> {
    const now = ref(serverTime.nowMs());
    useIntervalFn(() => (now.value = serverTime.nowMs()), everyMs);
    return readonly(now);
}
