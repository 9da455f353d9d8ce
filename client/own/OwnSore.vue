<script setup lang="ts">
import { limits } from '../domain/limits.gen';
import ChipRow from '../parts/ChipRow.vue';

defineProps<{ soreness: number | null }>();
const emit = defineEmits<{ tell: [soreness: number] }>();

const MOST = limits.SorenessInput.soreness.high;
const chips = Array.from({ length: MOST + 1 }, (_, value) => ({ value, label: String(value) }));
</script>

<template>
    <section class="card stack" aria-label="How sore">
        <h2>How sore are you today?</h2>
        <ChipRow label="Soreness" :chips="chips" :value="soreness" @pick="emit('tell', $event)" />
        <p class="small dim">
            0 is not at all, {{ MOST }} is hardly able to lift the arms. Pain in a joint is no soreness: say that it hurts.
        </p>
    </section>
</template>
