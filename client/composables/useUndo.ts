import { useTimeoutFn } from '@vueuse/core';
import { onScopeDispose, readonly, shallowRef, type ShallowRef } from 'vue';

export interface Undoable {
    text: string;
    undo: () => Promise<void>;
}

/** Offers the latest deed for taking back, for so long. */
export function useUndo({ offerMs = 10_000 }: { offerMs?: number } = {}): {
    offered: Readonly<ShallowRef<Undoable | undefined>>;
    offer: (deed: Undoable) => void;
    take: () => Promise<void>;
} {
    const offered = shallowRef<Undoable>();
    const timer = useTimeoutFn(() => (offered.value = undefined), offerMs, { immediate: false });

    function offer(deed: Undoable): void {
        offered.value = deed;
        timer.start();
    }

    async function take(): Promise<void> {
        const deed = offered.value;
        timer.stop();
        offered.value = undefined;
        await deed?.undo();
    }

    onScopeDispose(() => (offered.value = undefined));

    return { offered: readonly(offered) as Readonly<ShallowRef<Undoable | undefined>>, offer, take };
}
