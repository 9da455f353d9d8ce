import { tryOnScopeDispose } from '@vueuse/core';
import { ref, shallowRef, type Ref } from 'vue';
import { marks } from '../domain/device';

export interface Kept<T> {
    /** Nothing while it is not read yet, or where nothing was kept. */
    value: Readonly<Ref<T | undefined>>;
    isRead: Readonly<Ref<boolean>>;
    set: (value: T) => void;
}

/** Something small that this device keeps where the commands stand: every tab sees it, and a browser that falls does not lose it. */
export function useKept<T>(key: string): Kept<T> {
    const value = shallowRef<T>();
    const isRead = ref(false);
    let writing = 0;
    tryOnScopeDispose(
        marks.watch(key, (text) => {
            if (writing === 0) {
                // what comes while this page writes is an echo of its own
                value.value = text === undefined ? undefined : (JSON.parse(text) as T);
            }
            isRead.value = true;
        }),
    );
    return {
        value,
        isRead,
        set: (next) => {
            value.value = next;
            writing += 1;
            void marks
                .put(key, JSON.stringify(next))
                .catch(() => undefined)
                .finally(() => (writing -= 1));
        },
    };
}
