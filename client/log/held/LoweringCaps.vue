<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../../domain/http';
import CautionNote from '../../parts/CautionNote.vue';

/** The reps of the next set, as it would be logged. */
const props = defineProps<{ left: Schemas['LoweringLeft']; next: number }>();

/** Said before it is done, not after. */
const beyond = computed(() => props.next > props.left.today);
</script>

<template>
    <div role="status" class="stack">
        <p class="small" :class="{ beyond }">
            <template v-if="beyond">
                {{ next }} more is beyond the cap of {{ left.a_session }} lowerings a session, {{ left.a_week }} a week.
            </template>
            <template v-if="left.full">None today: {{ left.full }}.</template>
            <template v-else>{{ left.today }} left today, {{ left.this_week }} this week.</template>
        </p>
        <CautionNote v-if="beyond" :moments="['lowering']" />
    </div>
</template>

<style scoped>
.beyond {
    color: var(--color-refer);
    font-weight: 600;
}
</style>
