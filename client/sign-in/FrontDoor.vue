<script setup lang="ts">
const emit = defineEmits<{ submit: [] }>();
</script>

<template>
    <main class="door">
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
</style>
