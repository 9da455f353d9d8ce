import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { api, onSignedOut, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';

/** Who is signed in. Losing the session keeps the page and what was typed in it. */
export const useSession = defineStore('session', () => {
    const me = shallowRef<Schemas['Me']>();
    const asked = shallowRef(false);
    const seen = shallowRef(false);

    onSignedOut(() => (me.value = undefined));

    /** Asking while nobody is signed in would be answered with a refusal, so the device remembers whether it is worth asking. */
    const SIGNED_IN = 'steady-rung.signed-in';

    function enter(who: Schemas['Me']): void {
        me.value = who;
        seen.value = true;
        localStorage.setItem(SIGNED_IN, 'yes');
    }

    async function ask(): Promise<void> {
        if (localStorage.getItem(SIGNED_IN) !== null) {
            const result = await outcome(api.GET('/api/me'));
            if (result.ok) {
                enter(result.value);
            } else if (result.problem.code === 'signed-out') {
                localStorage.removeItem(SIGNED_IN);
            }
        }
        asked.value = true;
    }

    async function signIn(email: string, password: string): Promise<Problem | undefined> {
        const result = await outcome(api.POST('/api/sign-in', { body: { email, password } }));
        if (!result.ok) {
            return result.problem;
        }
        enter(result.value);
        return undefined;
    }

    async function signOut(): Promise<void> {
        await outcome(api.POST('/api/sign-out'));
        me.value = undefined;
        seen.value = false;
        localStorage.removeItem(SIGNED_IN);
    }

    return { me, asked, seen, signedIn: computed(() => me.value !== undefined), ask, signIn, signOut };
});
