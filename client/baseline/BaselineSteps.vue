<script setup lang="ts">
import type { Schemas } from '../domain/http';

defineProps<{ steps: readonly Schemas['BaselineLine'][] }>();

const MARKS: Record<Schemas['BaselineLine']['state'], string> = { done: '✓', next: '▸', later: '·', 'passed-over': '–' };
const WORDS: Record<Schemas['BaselineLine']['state'], string> = {
    done: 'done',
    next: 'next',
    later: 'to come',
    'passed-over': 'passed over',
};
</script>

<template>
    <ol class="steps small">
        <li v-for="s in steps" :key="s.step" :class="s.state">
            <i aria-hidden="true">{{ MARKS[s.state] }}</i>
            <span>
                {{ s.title }}
                <span class="unseen">, {{ WORDS[s.state] }}</span>
            </span>
            <span class="said">{{ s.said }}</span>
        </li>
    </ol>
</template>

<style scoped>
.steps {
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: 18px minmax(120px, auto) 1fr;
    gap: 6px;
    padding: 3px 0;
}

i {
    font-style: normal;
    font-weight: 700;
    text-align: center;
}

.said {
    text-align: right;
}

.done .said,
.next {
    font-weight: 700;
}

.later,
.passed-over {
    color: var(--color-dust);
}
</style>
