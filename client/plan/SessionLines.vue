<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { partWords } from '../domain/words';
import SessionLine from './SessionLine.vue';

const props = defineProps<{ id: string; blocks: readonly Schemas['Block'][] }>();

/** In parts, each under its own word. */
const parts = computed(() => {
    const made: { part: Schemas['Block']['part']; lines: Schemas['Block'][] }[] = [];
    for (const block of props.blocks) {
        const last = made.at(-1);
        if (last?.part === block.part) {
            last.lines.push(block);
        } else {
            made.push({ part: block.part, lines: [block] });
        }
    }
    return made;
});
</script>

<template>
    <div class="card lines">
        <section v-for="(part, i) in parts" :key="i" :aria-label="partWords[part.part]">
            <h2>{{ partWords[part.part] }}</h2>
            <ul>
                <SessionLine v-for="(block, n) in part.lines" :id="id" :key="n" :block="block" />
            </ul>
        </section>
    </div>
</template>

<style scoped>
.lines {
    padding: 0;
}

section {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    padding: 0 var(--space-wide);
    break-inside: avoid;
}

section + section {
    border-top: 1px solid var(--color-line);
}

h2 {
    padding-top: 15px;
    color: var(--color-bark);
    font-size: var(--type-base);
}

ul {
    list-style: none;
}

@media (max-width: 720px) {
    section {
        grid-template-columns: minmax(0, 1fr);
        padding: 0 var(--space-base);
    }

    h2 {
        padding-top: var(--space-base);
    }
}
</style>
