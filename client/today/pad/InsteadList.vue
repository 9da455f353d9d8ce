<script setup lang="ts">
import type { LineNow, SheetRung } from '../../domain/floor/tile';
import { likely, percent } from '../../domain/units';

/** What can be done in the place of a line today, nearest first; or again what is written. */
defineProps<{ line: LineNow }>();
const emit = defineEmits<{ put: [rung: SheetRung | undefined] }>();
</script>

<template>
    <ul aria-label="Instead">
        <li v-if="line.rung?.key !== line.line.rung?.key">
            <button type="button" class="key wide" @click="emit('put', undefined)">{{ line.line.rung?.name }}, as written</button>
        </li>
        <li v-for="other in line.line.others.filter((o) => o.key !== line.rung?.key)" :key="other.key">
            <button type="button" class="key wide" @click="emit('put', other)">
                {{ other.name }}
                <span class="dim">{{ percent(other.share) }}{{ other.prediction ? `, ${likely(other.prediction)}` : '' }}</span>
            </button>
        </li>
        <li v-if="line.line.others.length === 0" class="dim">Nothing of this kit lies near it.</li>
    </ul>
</template>

<style scoped src="../keys.css"></style>
<style scoped src="./picks.css"></style>
