import { ref, toValue, type MaybeRefOrGetter, type Ref } from 'vue';
import { readQuantity, usable, type Limits } from '../domain/fields';
import type { TypedUnit } from '../domain/units';

export interface Quantity {
    text: Ref<string>;
    error: Ref<string | undefined>;
    /** What is typed, if it can be used; what is wrong with it stands beside the field from then on. */
    read: () => number | undefined;
}

/** One figure that a form needs: as it is typed, and as it is read when the form is sent. */
export function useQuantity(unit: MaybeRefOrGetter<TypedUnit>, limits: MaybeRefOrGetter<Limits>, typed = ''): Quantity {
    const text = ref(typed);
    const error = ref<string>();

    function read(): number | undefined {
        const reading = readQuantity(text.value, toValue(unit), toValue(limits), true);
        error.value = reading.error;
        return usable(reading);
    }

    return { text, error, read };
}
