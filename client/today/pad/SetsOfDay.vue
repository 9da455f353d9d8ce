<script setup lang="ts">
import { computed } from 'vue';
import type { FloorSet } from '../../domain/floor/overlay';
import { countWords, type Tile } from '../../domain/floor/tile';

/** Everything of today, line by line; a tap on a set corrects it. */
const props = defineProps<{ tile: Tile; coachName: (id: string | null) => string }>();
const emit = defineEmits<{ correct: [set: FloorSet] }>();

const lines = computed(() => [
    ...props.tile.lines.map((l) => ({
        key: l.line.line,
        name: l.rung?.name ?? l.line.name,
        sets: l.sets,
        beside: l.beside.length,
        of: l.line.sets,
    })),
    ...(props.tile.extra.length > 0
        ? [{ key: 'extra', name: 'Beside what was written', sets: props.tile.extra, beside: 0, of: props.tile.extra.length }]
        : []),
]);
const coaches = computed(() => new Set(props.tile.athlete.sets.map((s) => s.by)));
</script>

<template>
    <section class="card" aria-label="Today">
        <p v-if="tile.athlete.sheet.refused" class="small">{{ tile.athlete.sheet.refused.text }}</p>
        <ul>
            <li v-for="line in lines" :key="line.key">
                <span class="name">{{ line.name }}</span>
                <span class="sets">
                    <button
                        v-for="set in line.sets"
                        :key="set.id"
                        type="button"
                        :aria-label="`Correct the set of ${countWords(set)}, by ${coachName(set.by)}`"
                        @click="emit('correct', set)"
                    >
                        {{ countWords(set) }}
                        <small v-if="coaches.size > 1">{{ coachName(set.by).slice(0, 1) }}</small>
                    </button>
                    <span v-if="line.sets.length === 0" class="dim">{{ line.beside }} of {{ line.of }}</span>
                </span>
            </li>
        </ul>
        <p v-for="remark in tile.athlete.sheet.remarks" :key="remark" class="small dim">{{ remark }}</p>
    </section>
</template>

<style scoped>
ul {
    list-style: none;
}

li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 8px;
    min-height: 44px;
    border-bottom: 1px solid var(--color-line);
}

.name {
    min-width: 0;
    font-size: var(--type-base);
}

.sets {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    justify-content: flex-end;
}

button {
    min-width: 44px;
    height: 44px;
    padding: 0 8px;
    border: 1px solid var(--color-line);
    border-radius: var(--radius-small);
    background: none;
    color: inherit;
    font: 650 var(--type-base) var(--type-text);
    cursor: pointer;
}
</style>
