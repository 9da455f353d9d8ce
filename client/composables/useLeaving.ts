import { useEventListener } from '@vueuse/core';
import { toValue, type MaybeRefOrGetter } from 'vue';
import { onBeforeRouteLeave } from 'vue-router';

const QUESTION = 'What was typed here is not saved. Leave it?';

/** Asks before a page is left on which something typed would be lost; the answer to give once it was saved is in `free`. */
export function useLeaving(dirty: MaybeRefOrGetter<boolean>): { free: () => void } {
    let saved = false;
    const wouldLose = (): boolean => !saved && toValue(dirty);

    onBeforeRouteLeave(() => !wouldLose() || window.confirm(QUESTION));
    useEventListener(window, 'beforeunload', (event: BeforeUnloadEvent) => {
        if (wouldLose()) {
            event.preventDefault();
        }
    });

    return { free: () => (saved = true) };
}
