<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed, ref, watch } from 'vue';
import { api, outcome } from '../domain/http';
import { useRead } from '../composables/useRead';

const props = defineProps<{ label: string; name?: string | undefined; not?: string }>();
/** Empty until somebody is picked; then the first there is, but for one. */
const picked = defineModel<string>({ required: true });
const emit = defineEmits<{ nobody: [] }>();

const search = ref('');
const people = useRead(
    () => ['athletes', 'to report', search.value],
    () => outcome(api.GET('/api/v1/athletes', { params: { query: search.value ? { search: search.value } : {} } })),
    { previous: true },
);
const options = computed(() => (people.value.value?.items ?? []).map((a) => ({ value: a.id, label: a.name })));
const named = (value: string | number): { value: string | number; label: string } => ({ value, label: props.name ?? '' });
watch(
    () => people.value.value,
    (found) => {
        if (found && picked.value === '' && search.value === '') {
            const first = options.value.find((one) => one.value !== props.not)?.value;
            if (first === undefined) {
                emit('nobody');
            } else {
                picked.value = first;
            }
        }
    },
    { immediate: true },
);
</script>

<template>
    <NSelect
        class="pick"
        filterable
        remote
        :value="picked || null"
        :options="options"
        :fallback-option="named"
        :loading="people.busy.value"
        placeholder="Name"
        :aria-label="label"
        :input-props="{ 'aria-label': label }"
        :virtual-scroll="false"
        @search="search = $event.trim()"
        @update:value="picked = $event"
    />
</template>

<style scoped>
.pick {
    width: 220px;
}
</style>
