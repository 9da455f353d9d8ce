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
    let timer: ReturnType<typeof setTimeout> | undefined;

    function drop(): void {
        clearTimeout(timer);
        offered.value = undefined;
    }

    function offer(deed: Undoable): void {
        drop();
        offered.value = deed;
        timer = setTimeout(drop, offerMs);
    }

    async function take(): Promise<void> {
        const deed = offered.value;
        drop();
        await deed?.undo();
    }

    onScopeDispose(drop);

    return { offered: readonly(offered) as Readonly<ShallowRef<Undoable | undefined>>, offer, take };
}
