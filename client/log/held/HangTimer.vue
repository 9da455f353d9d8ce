<script setup lang="ts">
import { NButton } from 'naive-ui';
import { limits } from '../../domain/limits.gen';
import QuantityField from '../../parts/QuantityField.vue';
import { useQuantity } from '../../composables/useQuantity';
import HoldButton from './HoldButton.vue';
import { useHold } from './useHold';

const props = withDefaults(
    defineProps<{ title?: string; noun?: string; verb?: string; busy?: boolean; save: (draft: { hang_s: number }) => Promise<boolean> }>(),
    {
        title: undefined,
        noun: 'hang',
        verb: 'hang',
        busy: false,
    },
);

const range = limits.SetInput.hang_s;
const { text, error, read } = useQuantity('s', range);
const hold = useHold((s) => (text.value = s.toFixed(1)));

async function submit(): Promise<void> {
    const hang_s = read();
    if (hang_s !== undefined && (await props.save({ hang_s }))) {
        text.value = '';
    }
}
</script>

<template>
    <form class="stack" :class="{ card: title }" novalidate @submit.prevent="submit">
        <h2 v-if="title">{{ title }}</h2>
        <div class="pair">
            <HoldButton class="watch" :hold="hold" :rests="`press and hold while they ${verb}`" :runs="`let go when the ${noun} ends`" />
            <QuantityField v-model="text" label="Seconds" unit="s" :limits="range" :error="error" />
        </div>
        <div>
            <NButton attr-type="submit" type="primary" size="large" :loading="busy">Log {{ noun }}</NButton>
        </div>
    </form>
</template>

<style scoped>
.pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: var(--space-base);
}

.watch {
    min-height: 92px;
}
</style>
