<script setup lang="ts">
import type { Mark } from './marks';

defineProps<{ mark: Mark | undefined; fallback: string }>();
</script>

<template>
    <div class="marks small">
        <span v-if="mark && mark.dots.length > 0" class="dots" aria-hidden="true">
            <i v-for="(full, i) in mark.dots" :key="i" :class="{ full }" />
        </span>
        <b v-else-if="mark">{{ mark.words }}</b>
        <span class="text">{{ mark?.text ?? fallback }}</span>
    </div>
</template>

<style scoped>
.marks {
    display: flex;
    align-items: center;
    gap: var(--space-small);
}

.dots {
    display: flex;
    flex: none;
    gap: 5px;
}

i {
    width: 11px;
    height: 11px;
    border: 2px solid var(--color-graphite);
    border-radius: 50%;
}

.full {
    background: var(--color-graphite);
}

b {
    flex: none;
}

.text {
    display: -webkit-box;
    overflow: hidden;
    -webkit-box-orient: vertical;
    -webkit-line-clamp: 2;
    color: var(--color-slate);
}
</style>
