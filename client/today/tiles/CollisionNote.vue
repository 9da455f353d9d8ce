<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Collision, Way } from '../../domain/floor/collisions';

/** Two who will need one thing: what is best, and the other ways behind it. */
const props = defineProps<{ collision: Collision; hour: (ms: number) => string }>();
const emit = defineEmits<{ take: [way: Way] }>();

const isOpen = ref(false);
const best = computed(() => props.collision.ways[0]);
const others = computed(() => props.collision.ways.slice(1));
</script>

<template>
    <div class="collision" role="status">
        <p>
            <b>{{ collision.what }}</b>
            at {{ hour(collision.atMs) }}.
            <template v-if="best">{{ best.isAsTold ? 'As it is, ' : 'Best: ' }}{{ best.words }}.</template>
        </p>
        <div class="row">
            <button v-if="best && !best.isAsTold" type="button" class="key best" @click="emit('take', best)">
                {{ best.instead ? 'Switch' : best.words.split(':')[0] }}
            </button>
            <button v-if="others.length > 0" type="button" class="quiet" :aria-expanded="isOpen" @click="isOpen = !isOpen">
                Other ways
            </button>
        </div>
        <ul v-if="isOpen">
            <li v-for="way in others" :key="way.key">
                <span v-if="way.isAsTold">As it is: {{ way.words }}</span>
                <button v-else type="button" class="key" @click="emit('take', way)">{{ way.words }}</button>
            </li>
        </ul>
    </div>
</template>

<style scoped src="../keys.css"></style>
<style scoped>
.collision {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    align-items: center;
    justify-content: space-between;
    padding: 6px 12px;
    border: 1px solid var(--color-timber);
    border-radius: var(--radius-small);
    background: var(--color-card);
}

ul {
    display: grid;
    flex-basis: 100%;
    gap: 6px;
    list-style: none;
}
</style>
