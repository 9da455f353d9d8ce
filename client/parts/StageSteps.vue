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
    border-radius: var(--radius-small);
    background: var(--color-sunk);
    print-color-adjust: exact;
}

.past {
    background: var(--color-timber);
}

.now {
    background: var(--color-graphite);
}
</style>
