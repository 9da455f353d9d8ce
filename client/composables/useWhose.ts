import { useTitle } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { api, outcome } from '../domain/http';
import { useRead } from './useRead';

/** The name of the athlete a page is about, in its title too. */
export function useWhose(id: () => string, about: string): ComputedRef<string> {
    const athlete = useRead(
        () => ['athlete', id()],
        () => outcome(api.GET('/api/v1/athletes/{athlete}', { params: { path: { athlete: id() } } })),
    );
    const name = computed(() => athlete.value.value?.name ?? '');
    useTitle(() => `${name.value} · ${about} · Steady Rung`);
    return name;
}
