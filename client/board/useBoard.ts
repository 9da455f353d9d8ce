import { StorageSerializers, useIntervalFn, useLocalStorage } from '@vueuse/core';
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { useRoute } from 'vue-router';
import { serverTime } from '../domain/clock';
import { api, outcome, type Schemas } from '../domain/http';
import { askPulse, NEWS_EVERY_MS, oneAtATime, TIMED_EVERY_MS } from '../domain/floor/pulse';
import type { Problem } from '../domain/problems';
import { readIn } from '../domain/units';

export type Board = Schemas['Board'];

const PATIENCE_MS = 5000;

export interface Wall {
    /** As it was told last; it stays while the network is away. */
    board: Ref<Board | null>;
    hasCode: ComputedRef<boolean>;
    isAlone: Ref<boolean>;
    /** Why no board opens. */
    problem: ShallowRef<Problem | undefined>;
    enter: (code: string) => void;
}

/** A class as a screen on the wall knows it, by a code that is kept until the board ends. */
export function useBoard(): Wall {
    const route = useRoute();
    const code = useLocalStorage('steady-rung.board-code', '');
    const board = useLocalStorage<Board | null>('steady-rung.board', null, { serializer: StorageSerializers.object, shallow: true });
    const problem = shallowRef<Problem>();
    const isAlone = ref(false);
    let askedAtMs = 0;

    const ask = oneAtATime(async () => {
        if (code.value !== '' && (board.value === null || (await hasNews(board.value)))) {
            await read();
        }
    });

    watch(
        () => route.hash.slice(1),
        (given) => given !== '' && given !== code.value && enter(given),
        { immediate: true },
    );
    watch(board, (now) => now && readIn(now), { immediate: true, flush: 'sync' });

    function enter(given: string): void {
        board.value = null;
        problem.value = undefined;
        code.value = given;
        void ask();
    }

    async function hasNews(known: Board): Promise<boolean> {
        if (serverTime.nowMs() - askedAtMs >= TIMED_EVERY_MS) {
            return true;
        }
        const pulse = await askPulse(known);
        isAlone.value = pulse === 'away';
        return pulse === 'news';
    }

    async function read(): Promise<void> {
        const asked = code.value;
        const read = await outcome(
            api.GET('/api/v1/board', { headers: { 'Board-Code': asked }, signal: AbortSignal.timeout(PATIENCE_MS) }),
        );
        isAlone.value = false;
        if (asked !== code.value) {
            return;
        }
        if (read.ok) {
            askedAtMs = serverTime.nowMs();
            problem.value = undefined;
            board.value = read.value;
        } else if (read.problem.code === 'link-ended') {
            problem.value = read.problem;
            board.value = null;
            code.value = '';
        } else {
            isAlone.value = true; // whatever keeps it away, what was told last stays
        }
    }

    useIntervalFn(() => void ask(), NEWS_EVERY_MS, { immediateCallback: true });

    return { board, hasCode: computed(() => code.value !== ''), isAlone, problem, enter };
}
