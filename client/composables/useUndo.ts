import { useTimeoutFn } from '@vueuse/core';
import { onScopeDispose, readonly, shallowRef, type ShallowRef } from 'vue';

export interface Undoable {
    text: string;
    undo: () => Promise<void>;
}

/** Offers the latest action for taking back, for so long. */
export function useUndo({ offerMs = 10_000 }: { offerMs?: number } = {}): {
    offered: Readonly<ShallowRef<Undoable | undefined>>;
    offer: (action: Undoable) => void;
    take: () => Promise<void>;
} {
    const offered = shallowRef<Undoable>();
    const timer = useTimeoutFn(() => (offered.value = undefined), offerMs, { immediate: false });

    function offer(action: Undoable): void {
        offered.value = action;
        timer.start();
    }

    async function take(): Promise<void> {
        const action = offered.value;
        timer.stop();
        offered.value = undefined;
        await action?.undo();
    }

    onScopeDispose(() => (offered.value = undefined));

    return { offered: readonly(offered) as Readonly<ShallowRef<Undoable | undefined>>, offer, take };
}
