<script setup lang="ts">
import { NButton } from 'naive-ui';
import { watch } from 'vue';
import { limits } from '../../domain/limits.gen';
import QuantityField from '../../parts/QuantityField.vue';
import { useQuantity } from '../../composables/useQuantity';

/** How long something was held, typed otherwise than it was timed. */
const props = defineProps<{ seconds: number }>();
const emit = defineEmits<{ keep: [seconds: number] }>();

const range = limits.SetInput.hang_s;
const { text, error, read } = useQuantity('s', range);

watch(
    () => props.seconds,
    (s) => (text.value = String(Number(s.toFixed(1)))),
    { immediate: true },
);

function submit(): void {
    const seconds = read();
    if (seconds !== undefined) {
        emit('keep', seconds);
    }
}
</script>

<template>
    <form class="stack" novalidate @submit.prevent="submit">
        <QuantityField v-model="text" label="Seconds held" unit="s" :limits="range" :error="error" />
        <div><NButton attr-type="submit" type="primary">Correct it</NButton></div>
    </form>
</template>
