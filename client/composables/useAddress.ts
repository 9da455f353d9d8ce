import { reactive, readonly, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';

/** What a page is asked for, kept in its address so that Back and a copied link bring it back; defaults are left out. */
export function useAddress<T extends Record<string, string>>(defaults: T): { value: Readonly<T>; set: (changes: Partial<T>) => void } {
    const route = useRoute();
    const router = useRouter();
    const home = route.path;
    const read = (): T =>
        Object.fromEntries(
            Object.entries(defaults).map(([key, fallback]) => [key, typeof route.query[key] === 'string' ? route.query[key] : fallback]),
        ) as T;
    const value = reactive(read()) as T;

    watch(
        () => route.query,
        () => Object.assign(value, read()),
    );

    function set(changes: Partial<T>): void {
        Object.assign(value, changes);
        if (route.path !== home) {
            return;
        }
        const said = Object.entries(value).filter(([key, now]) => now !== defaults[key]);
        void router.replace({ query: Object.fromEntries(said) });
    }

    return { value: readonly(value) as Readonly<T>, set };
}
