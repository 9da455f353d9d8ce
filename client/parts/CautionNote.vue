<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { useCautions } from '../composables/useCautions';
import CautionBox from './CautionBox.vue';

const props = defineProps<{ moments: Schemas['Caution']['moment'][] }>();

const cautions = useCautions();
void cautions.load();
const shown = computed(() => cautions.items.filter((c) => props.moments.includes(c.moment)));
</script>

<template>
    <CautionBox v-if="shown.length > 0" class="small" role="note" aria-label="Cautions">
        <ul>
            <li v-for="caution in shown" :key="caution.code">{{ caution.text }}</li>
        </ul>
    </CautionBox>
</template>
