<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import ChipRow from '../parts/ChipRow.vue';

defineProps<{ classes: readonly Schemas['OwnClass'][]; free: boolean }>();
const emit = defineEmits<{ tell: [one: Schemas['OwnClass'], coming: boolean] }>();

const answers = [
    { value: 'yes' as const, label: 'I come' },
    { value: 'no' as const, label: 'Not this time' },
];
</script>

<template>
    <section class="card stack" aria-label="Classes">
        <h2>Your classes</h2>
        <div v-for="one in classes" :key="`${one.class_id} ${one.on}`" class="one">
            <span>
                <b>{{ day(one.on) }}, {{ one.at }}</b>
                {{ one.name }}
            </span>
            <ChipRow
                v-if="free"
                :label="`${one.name} on ${day(one.on)}`"
                :chips="answers"
                :value="one.coming ? 'yes' : 'no'"
                usual="yes"
                @pick="emit('tell', one, $event === 'yes')"
            />
            <span v-else class="dim">{{ one.coming ? 'you are expected' : 'you said you stay away' }}</span>
        </div>
    </section>
</template>

<style scoped>
.one {
    display: grid;
    gap: var(--space-hair);
}
</style>
