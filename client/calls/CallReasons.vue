<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { mass, percent } from '../domain/units';

const props = defineProps<{ call: Schemas['Call'] }>();

const between = computed(() => props.call.between.filter((r) => r.key !== props.call.next?.key));
</script>

<template>
    <ul>
        <li v-for="reason in call.reasons" :key="reason">{{ reason }}</li>
        <li v-for="line in call.missing" :key="line" class="missing">
            <b>Would change it:</b>
            {{ line }}
        </li>
        <li v-for="caution in call.cautions" :key="caution.code" class="caution">{{ caution.text }}</li>
        <li v-if="between.length > 0">
            <b>In between:</b>
            <ul>
                <li v-for="rung in between" :key="rung.key">{{ rung.name }}: {{ mass(rung.carried.carried_kg.mean) }}, {{ percent(rung.carried.share.mean) }}</li>
            </ul>
        </li>
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

.missing {
    color: var(--color-slate);
}

.caution {
    color: var(--color-refer);
    font-weight: 600;
}
</style>
