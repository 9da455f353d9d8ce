import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { useRouter } from 'vue-router';

/**
 * A newer program that is on this device already. It takes over when the coach says so, or on the way from one place to another
 * where nothing is open: never between the tap and the log, and what waits in the queue stays where it is.
 */
export const useNewVersion = defineStore('new-version', () => {
    const router = useRouter();
    const takeOver = shallowRef<() => Promise<void>>();

    function offer(take: () => Promise<void>): void {
        let taken: Promise<void> | undefined;
        takeOver.value = () => (taken ??= take());
        router.afterEach((to, from) => {
            const isBetween = to.path.split('/')[1] !== from.path.split('/')[1] && to.query['panel'] === undefined;
            if (isBetween && from.meta['floor'] !== true) {
                void takeOver.value?.();
            }
        });
    }

    return { offer, waits: computed(() => takeOver.value !== undefined), take: () => takeOver.value?.() };
});
