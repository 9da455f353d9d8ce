import { readonly, ref, shallowRef, watch, type Ref, type ShallowRef, type WatchSource } from 'vue';
import type { Result } from '../domain/http';
import type { Problem } from '../domain/problems';

export interface Load<T> {
    value: Readonly<ShallowRef<T | undefined>>;
    problem: Readonly<ShallowRef<Problem | undefined>>;
    busy: Readonly<Ref<boolean>>;
    reload: () => Promise<void>;
    put: (value: T) => void;
}

/** Loads at once and whenever a source changes; an answer that comes after a later question is dropped. */
export function useLoad<T>(load: () => Promise<Result<T>>, sources: WatchSource[] = []): Load<T> {
    const value = shallowRef<T>();
    const problem = shallowRef<Problem>();
    const busy = ref(false);
    let latest = 0;

    async function reload(): Promise<void> {
        const mine = ++latest;
        busy.value = true;
        const result = await load();
        if (mine !== latest) {
            return;
        }
        busy.value = false;
        problem.value = result.ok ? undefined : result.problem;
        if (result.ok) {
            value.value = result.value;
        }
    }

    function put(next: T): void {
        latest++;
        busy.value = false;
        problem.value = undefined;
        value.value = next;
    }

    watch(sources, reload, { immediate: true });

    return { value, problem, busy: readonly(busy), reload, put };
}
