import { onScopeDispose, readonly, ref, shallowRef, type Ref, type ShallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';

export type Stream = Schemas['ScaleStream'];

export interface ScaleStream {
    stream: Readonly<ShallowRef<Stream | undefined>>;
    listening: Readonly<Ref<boolean>>;
    listen: () => void;
    stop: () => void;
}

/** Asks the hanging scale again and again while somebody listens. */
export function useScaleStream({ everyMs = 300 }: { everyMs?: number } = {}): ScaleStream {
    const stream = shallowRef<Stream>();
    const listening = ref(false);
    let timer: ReturnType<typeof setTimeout> | undefined;
    let turn = 0;

    async function ask(mine: number): Promise<void> {
        const result = await outcome(api.GET('/api/v1/bench/scale'));
        if (mine !== turn) {
            return;
        }
        stream.value = result.ok ? result.value : undefined;
        timer = setTimeout(() => void ask(mine), everyMs);
    }

    function listen(): void {
        stop();
        listening.value = true;
        void ask(++turn);
    }

    function stop(): void {
        turn++;
        clearTimeout(timer);
        listening.value = false;
        stream.value = undefined;
    }

    onScopeDispose(stop);

    return { stream, listening: readonly(listening), listen, stop };
}
