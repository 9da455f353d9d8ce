import { shallowRef, watch, type ShallowRef } from 'vue';

/** A value that outlives the page, on this device; without a place it does not. */
export function useKept<T>(place: string | undefined): ShallowRef<T | undefined> {
    const text = place === undefined ? null : localStorage.getItem(place);
    const value = shallowRef(text === null ? undefined : (JSON.parse(text) as T));
    if (place !== undefined) {
        watch(value, (now) => (now === undefined ? localStorage.removeItem(place) : localStorage.setItem(place, JSON.stringify(now))), { flush: 'sync' });
    }
    return value;
}
