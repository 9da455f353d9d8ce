<script setup lang="ts">
import { countWords } from '../../domain/floor/tile';
import type { FloorSet } from '../../domain/floor/overlay';

/** Today's sets, and the one to do: a tap says which the sheet speaks of. */
defineProps<{
    sets: readonly FloorSet[];
    picked: FloorSet | undefined;
    todo: string | undefined;
    coachName: (id: string | null) => string;
}>();
const emit = defineEmits<{ pick: [set: FloorSet | undefined] }>();
</script>

<template>
    <div class="strip" role="group" aria-label="Which set">
        <button
            v-for="set in sets"
            :key="set.performed_at"
            type="button"
            :aria-pressed="picked?.performed_at === set.performed_at"
            :aria-label="`Correct the set of ${countWords(set)}, by ${coachName(set.by)}`"
            @click="emit('pick', set)"
        >
            {{ countWords(set) }}
        </button>
        <button v-if="todo" type="button" class="todo" :aria-pressed="picked === undefined" @click="emit('pick', undefined)">
            {{ todo }}
        </button>
    </div>
</template>

<style scoped>
.strip {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}

button {
    min-width: var(--target);
    height: var(--target);
    padding: 0 10px;
    border: 1px solid var(--color-line);
    border-radius: var(--radius-small);
    background: none;
    color: inherit;
    font: 650 var(--type-base) var(--type-text);
    cursor: pointer;
}

.todo {
    border-style: dashed;
    border-color: var(--color-edge);
}

button[aria-pressed='true'] {
    border-color: var(--color-timber);
    background: var(--color-ply);
}
</style>
