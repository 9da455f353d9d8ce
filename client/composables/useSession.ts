import { useQueryClient } from '@tanstack/vue-query';
import { useEventListener } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { keptReads, lastCoach, unsaidGoodbye } from '../domain/device';
import { api, onSignedOut, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { coachOf } from '../domain/queue';
import { readIn } from '../domain/units';
import { keepReads } from './reads';
import { useCommandQueue } from './useCommandQueue';

type Me = Schemas['Me'];

/** A page opens without the server where it does not answer so soon, as it does where it is away. */
const ANSWERED_WITHIN_MS = 10_000;
const soon = (): { signal: AbortSignal } => ({ signal: AbortSignal.timeout(ANSWERED_WITHIN_MS) });

export type Right = Me['rights'][number];

/** Who is signed in. Losing the session keeps the page and what was typed in it. */
export const useSession = defineStore('session', () => {
    const client = useQueryClient();
    const queue = useCommandQueue();
    const me = shallowRef<Me>();
    const asked = shallowRef(false);
    const seen = shallowRef(false);
    const founded = shallowRef(true);
    let stopKeeping = (): void => {};

    onSignedOut(() => (me.value = undefined));
    readIn({
        get mass_unit() {
            return me.value?.mass_unit ?? 'kg';
        },
        get length_unit() {
            return me.value?.length_unit ?? 'cm';
        },
    });

    async function enter(who: Me, last: Me | null): Promise<void> {
        if (last !== null && last.key !== who.key) {
            await forget();
        }
        await lastCoach.keep(who);
        stopKeeping();
        stopKeeping = await keepReads(client, who.key);
        me.value = who;
        seen.value = true;
        queue.serve(who.key);
    }

    /** Nothing that was read stays on the device; sets that wait stay for their owner. */
    async function forget(): Promise<void> {
        stopKeeping();
        stopKeeping = () => {};
        client.clear();
        await keptReads.wipe().catch(() => undefined);
    }

    /** The session on the server ends as soon as it answers, whoever opens the page next. */
    async function sayGoodbye(): Promise<boolean> {
        const result = await outcome(api.POST('/api/v1/sign-out', soon()));
        const isSaid = result.ok || result.problem.code === 'signed-out';
        await (isSaid ? unsaidGoodbye.forget() : unsaidGoodbye.keep());
        return isSaid;
    }

    useEventListener('online', () => void unsaidGoodbye.read().then((waits) => waits && sayGoodbye()));

    /** While the server is away the page goes on with who was here last; without one nobody is asked for. */
    async function ask(): Promise<void> {
        if (await unsaidGoodbye.read()) {
            await sayGoodbye();
        }
        const last = await lastCoach.read();
        if (last === null) {
            const health = await outcome(api.GET('/api/v1/health', soon()));
            founded.value = !health.ok || health.value.founded;
        } else {
            const result = await outcome(api.GET('/api/v1/me', soon()));
            if (result.ok) {
                await enter(result.value, last);
            } else if (result.problem.code === 'signed-out') {
                await forget();
                await lastCoach.forget();
            } else {
                await enter(last, last);
            }
        }
        asked.value = true;
    }

    async function begin(result: Awaited<ReturnType<typeof outcome<Me>>>): Promise<Problem | undefined> {
        if (!result.ok) {
            return result.problem;
        }
        await unsaidGoodbye.forget(); // a new session took the place of the old one
        await enter(result.value, await lastCoach.read());
        founded.value = true;
        return undefined;
    }

    const signIn = async (body: Schemas['SignInInput']): Promise<Problem | undefined> =>
        begin(await outcome(api.POST('/api/v1/sign-in', { body })));
    const found = async (body: Schemas['FoundingInput']): Promise<Problem | undefined> =>
        begin(await outcome(api.POST('/api/v1/gym', { body })));

    async function signOut(): Promise<void> {
        await sayGoodbye();
        queue.serve(undefined);
        await forget();
        me.value = undefined;
        seen.value = false;
        await lastCoach.forget();
    }

    /** After something that everybody is told was changed. */
    async function reload(): Promise<void> {
        const result = await outcome(api.GET('/api/v1/me'));
        if (result.ok) {
            change(result.value);
        }
    }

    function change(who: Me): void {
        me.value = who;
        void lastCoach.keep(who);
    }

    /** Whether the role of who is signed in includes it; whom an earlier program remembered may look until the server tells. */
    const may = (right: Right): boolean => (me.value as Partial<Me> | undefined)?.rights?.includes(right) ?? false;

    return {
        me,
        may,
        coachId: computed(() => coachOf(me.value?.key ?? '')),
        asked,
        seen,
        founded,
        signedIn: computed(() => me.value !== undefined),
        ask,
        signIn,
        found,
        signOut,
        change,
        reload,
    };
});
