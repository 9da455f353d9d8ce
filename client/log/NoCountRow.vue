<script setup lang="ts">
import { computed } from 'vue';
import { useSession } from '../composables/useSession';
import { noCountWordsTo, type NoCountReason } from '../domain/words';

const counts = defineModel<Partial<Record<NoCountReason, number>>>({ required: true });

const session = useSession();
const words = computed(() => noCountWordsTo(session.me?.pull_top));
const total = computed(() => Object.values(counts.value).reduce((sum, n) => sum + n, 0));

function add(reason: NoCountReason): void {
    counts.value = { ...counts.value, [reason]: (counts.value[reason] ?? 0) + 1 };
}
</script>

<template>
    <div class="row" role="group" aria-label="No-counts">
        <button v-for="(word, reason, i) in words" :key="reason" type="button" @click="add(reason)">
            <kbd aria-hidden="true">{{ i + 1 }}</kbd>
            {{ word }}
            <b v-if="counts[reason]">{{ counts[reason] }}</b>
        </button>
        <button v-if="total > 0" type="button" @click="counts = {}">Clear</button>
    </div>
</template>

<style scoped>
button {
    height: var(--target);
    padding: 0 12px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font: inherit;
    cursor: pointer;
}

b {
    padding: 1px 7px;
    border-radius: var(--radius-base);
    background: var(--color-graphite);
    color: var(--color-paper);
}

kbd {
    color: var(--color-dust);
    font: 400 var(--type-small) var(--type-text);
}

@media screen and (max-width: 720px) {
    kbd {
        display: none;
    }
}
</style>
