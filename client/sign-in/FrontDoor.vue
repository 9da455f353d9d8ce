<script setup lang="ts">
/** Above what somebody was at, which stays in sight; else it is all there is. */
defineProps<{ above?: boolean }>();
const emit = defineEmits<{ submit: [] }>();
</script>

<template>
    <main class="door" :class="{ above }">
        <form class="card stack" novalidate @submit.prevent="emit('submit')"><slot /></form>
    </main>
</template>

<style scoped>
.door {
    position: fixed;
    inset: 0;
    z-index: 40;
    display: grid;
    place-items: center;
    padding: var(--space-wide);
    overflow: auto;
    background: linear-gradient(var(--color-sunk), var(--color-ply));
}

form {
    width: min(400px, 100%);
    gap: var(--space-wide);
    padding: var(--space-broad);
}

/* A small sheet at the lower edge, where the thumb is. */
.above {
    inset: auto 0 0;
    padding: 0 var(--space-small) var(--space-small);
    background: none;
}

.above form {
    gap: var(--space-small);
    padding: var(--space-base) var(--space-wide);
    box-shadow: 0 -8px 24px var(--shade-deep);
}
</style>
