<script setup lang="ts">
import { NButton } from 'naive-ui';
import { ref, watch } from 'vue';
import { readQuantity } from '../domain/fields';
import { limits } from '../domain/limits.gen';
import QuantityField from '../parts/QuantityField.vue';

/** How long something was held, typed otherwise than it was timed. */
const props = defineProps<{ seconds: number }>();
const emit = defineEmits<{ keep: [seconds: number] }>();

const range = limits.SetInput.hang_s;
const text = ref('');
const error = ref<string>();

watch(
    () => props.seconds,
    (s) => (text.value = String(Number(s.toFixed(1)))),
    { immediate: true },
);

function submit(): void {
    const reading = readQuantity(text.value, 's', range, true);
    error.value = reading.error;
    if (reading.error === undefined && reading.value !== undefined) {
        emit('keep', reading.value);
    }
}
</script>

<template>
    <form class="stack" novalidate @submit.prevent="submit">
        <QuantityField v-model="text" label="Seconds held" unit="s" :limits="range" :error="error" />
        <div><NButton attr-type="submit" type="primary">Correct it</NButton></div>
    </form>
</template>
