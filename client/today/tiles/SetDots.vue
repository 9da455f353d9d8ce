<script setup lang="ts">
import { computed } from 'vue';
import { countWords, type LineNow } from '../../domain/floor/tile';

/** Sets of a line done, with what was counted, and those that are left. */
const props = defineProps<{ line: LineNow }>();

const MOST = 5;

const done = computed(() => (props.line.line.rung ? props.line.sets.map(countWords) : props.line.beside.map(() => '✓')));
const isMany = computed(() => done.value.length + props.line.left > MOST);
const words = computed(
    () => `${done.value.length} of ${props.line.line.sets} sets done${done.value.length > 0 ? `: ${done.value.join(', ')}` : ''}`,
);
</script>

<template>
    <span class="dots" role="img" :aria-label="words">
        <template v-if="isMany">
            <i v-if="done.length > 0">{{ done.at(-1) }}</i>
            <small>{{ done.length }} of {{ line.line.sets }}</small>
        </template>
        <template v-else>
            <i v-for="(count, i) in done" :key="i">{{ count }}</i>
            <i v-for="n in line.left" :key="`left-${n}`" class="left" />
        </template>
    </span>
</template>

<style scoped>
.dots {
    display: flex;
    flex: none;
    align-items: center;
    gap: 4px;
}

i {
    min-width: 22px;
    height: 22px;
    padding: 0 4px;
    border-radius: 50%;
    background: var(--color-ply);
    font: 650 var(--type-small) / 1.7 var(--type-text);
    text-align: center;
}

.left {
    border: 2px solid var(--color-edge);
    background: none;
}

small {
    color: var(--color-slate);
    font-weight: 600;
}
</style>
