<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { verdictWord } from '../domain/words';

defineProps<{ call: Schemas['Call']; changed?: string | null }>();
</script>

<template>
    <ul>
        <li v-if="changed" class="changed">{{ changed }}</li>
        <li v-for="reason in call.reasons" :key="reason.text">{{ reason.text }}</li>
        <li v-for="near in call.nearly" :key="near.rule" class="nearly">
            <b>Nearly {{ verdictWord(near.verdict).toLowerCase() }}:</b>
            <template v-for="one in near.evidence" :key="one.text">{{ ` ${one.text}` }}</template>
        </li>
        <li v-for="line in call.missing" :key="line" class="missing">
            <b>Would change it:</b>
            {{ line }}
        </li>
        <li v-for="caution in call.cautions" :key="caution.code" class="caution">{{ caution.text }}</li>
        <li v-if="call.mixed">
            <b>Mixed set:</b>
            {{ call.mixed.first_reps }} on {{ call.mixed.first_name }}, then {{ call.mixed.then_reps }} on {{ call.mixed.then_name }}.
        </li>
    </ul>
</template>

<style scoped>
ul {
    padding-left: 18px;
}

.changed {
    color: var(--color-bark);
    font-weight: 600;
}

.nearly,
.missing {
    color: var(--color-slate);
}

.caution {
    color: var(--color-refer);
    font-weight: 600;
}
</style>
