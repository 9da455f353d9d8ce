import { ref, toValue, watch, type MaybeRefOrGetter, type Ref } from 'vue';

/** Whether something was ever so: what is opened seldom is loaded when it is opened first. */
export function useEver(now: MaybeRefOrGetter<boolean>): Readonly<Ref<boolean>> {
    const ever = ref(toValue(now));
    watch(
        () => toValue(now),
        (is) => (ever.value ||= is),
    );
    return ever;
}
