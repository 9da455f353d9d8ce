<script setup lang="ts">
defineProps<{ number: number; of: number }>();
</script>

<template>
    <div class="steps" role="img" :aria-label="`Stage ${number} of ${of}`">
        <i v-for="n in of" :key="n" :class="{ past: n < number, now: n === number }" />
    </div>
</template>

<style scoped>
.steps {
    display: flex;
    gap: 4px;
    margin: 4px 0;
}

i {
    flex: 1;
    height: 18px;
    background: var(--color-ply);
    opacity: 0.55;
    print-color-adjust: exact;
}

.past {
    opacity: 1;
    background: var(--color-timber);
}

.now {
    opacity: 1;
    background: var(--color-graphite);
}
</style>
