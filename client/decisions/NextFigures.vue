<script setup lang="ts">
import type { Schemas } from '../domain/http';
import { likely, mass, percent, signedMass, signedPercent } from '../domain/units';

defineProps<{ call: Schemas['Call']; next: Schemas['Rung'] }>();
</script>

<template>
    <span class="small">
        <slot />
        {{ mass(next.carried.carried_kg.mean) }}, {{ percent(next.carried.share.mean) }}
        <template v-if="next.key !== call.from.key && call.change_kg !== null && call.change_share !== null">
            ({{ signedMass(call.change_kg) }}, {{ signedPercent(call.change_share) }})
        </template>
        <template v-if="next.prediction">· {{ likely(next.prediction) }}</template>
    </span>
</template>
