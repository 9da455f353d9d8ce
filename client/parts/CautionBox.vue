<script setup lang="ts">
/** Something to heed; where it stops what was begun, the triangle is red. */
defineProps<{ stops?: boolean }>();
</script>

<template>
    <div class="caution">
        <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true" :class="{ stops }">
            <path d="M10 2 19 18H1Z" />
            <path d="M10 8v5M10 15v1.4" />
        </svg>
        <div class="words"><slot /></div>
    </div>
</template>

<style scoped>
.caution {
    display: grid;
    grid-template-columns: 20px minmax(0, 1fr);
    gap: var(--space-base);
    padding: 10px var(--space-base);
    border-radius: var(--radius-small);
    background: var(--color-sunk);
}

svg {
    margin-top: 1px;
    fill: none;
    stroke: var(--color-down);
    stroke-width: 2;
    stroke-linejoin: round;
}

.stops {
    stroke: var(--color-refer);
}

.words {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-hair) var(--space-small);
}

.words :deep(ul) {
    display: grid;
    gap: var(--space-hair);
    padding: 0;
    list-style: none;
}
</style>
