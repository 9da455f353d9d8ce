import { useLocalStorage } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { useRoute } from 'vue-router';
import { serverTime } from '../domain/clock';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { readIn } from '../domain/units';
import { useRead, type Read } from '../composables/useRead';

export type OwnPage = Schemas['OwnPage'];
type Answer = Promise<{ data?: OwnPage; error?: Schemas['Problem']; response: Response }>;

export interface Own {
    page: Read<OwnPage>;
    hasLink: ComputedRef<boolean>;
    busy: Ref<boolean>;
    problem: ShallowRef<Problem | undefined>;
    logSet: (set: Omit<Schemas['HomeSetInput'], 'id' | 'performed_at'>) => Promise<string | undefined>;
    takeBack: (setId: string) => Promise<boolean>;
    tellSore: (soreness: number) => Promise<boolean>;
    tellPain: (pain: Schemas['Pain']) => Promise<boolean>;
    undoPain: (toldId: string) => Promise<boolean>;
    tellComing: (one: Schemas['OwnClass'], coming: boolean) => Promise<boolean>;
}

/** The page of one athlete by their link: what stands behind the # is sent in a header, and kept on the device. */
export function useOwn(): Own {
    const route = useRoute();
    const kept = useLocalStorage('own-link', '');
    const token = computed(() => route.hash.slice(1) || kept.value);
    watch(token, (now) => (kept.value = now), { immediate: true });
    const headers = (): Record<string, string> => ({ 'Athlete-Link': token.value });

    const page = useRead(
        () => ['own', token.value],
        () => outcome(api.GET('/api/v1/my', { headers: headers() })),
        { kept: false, enabled: () => token.value !== '' },
    );
    watch(page.value, (now) => now && readIn(now), { immediate: true, flush: 'sync' });
    const busy = ref(false);
    const problem = shallowRef<Problem>();
    /** What was sent and not answered is sent again under the same id, so that it counts once. */
    const unsent = new Map<string, string>();

    async function tell(what: string, send: (id: string) => Answer): Promise<string | undefined> {
        const id = unsent.get(what) ?? uuidv7();
        unsent.set(what, id);
        busy.value = true;
        const result: Result<OwnPage> = await outcome(send(id));
        busy.value = false;
        problem.value = result.ok ? undefined : result.problem;
        if (!result.ok) {
            return undefined;
        }
        unsent.delete(what);
        page.put(result.value);
        return id;
    }

    const now = (): string => serverTime.now().toISOString();

    return {
        page,
        hasLink: computed(() => token.value !== ''),
        busy,
        problem,
        logSet: (set) =>
            tell(`set ${JSON.stringify(set)}`, (id) =>
                api.POST('/api/v1/my/sets', { headers: headers(), body: { id, performed_at: now(), ...set } }),
            ),
        takeBack: async (set) =>
            (await tell(`back ${set}`, (id) =>
                api.POST('/api/v1/my/sets/{set}/withdrawal', { headers: headers(), params: { path: { set } }, body: { id } }),
            )) !== undefined,
        tellSore: async (soreness) =>
            (await tell(`sore ${soreness}`, (id) =>
                api.POST('/api/v1/my/soreness', { headers: headers(), body: { id, on: page.value.value?.today ?? '', soreness } }),
            )) !== undefined,
        tellPain: async (pain) =>
            (await tell(`pain ${JSON.stringify(pain)}`, (id) =>
                api.POST('/api/v1/my/pain', { headers: headers(), body: { id, pain } }),
            )) !== undefined,
        undoPain: async (told_id) =>
            (await tell(`undo ${told_id}`, (id) => api.POST('/api/v1/my/pain/undoing', { headers: headers(), body: { id, told_id } }))) !==
            undefined,
        tellComing: async ({ class_id, on }, coming) =>
            (await tell(`coming ${class_id} ${on} ${coming}`, (id) =>
                api.POST('/api/v1/my/coming', { headers: headers(), body: { id, class_id, on, coming, told_at: now() } }),
            )) !== undefined,
    };
}
