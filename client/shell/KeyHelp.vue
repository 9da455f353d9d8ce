<script setup lang="ts">
import SidePanel from '../parts/SidePanel.vue';

const open = defineModel<boolean>('open', { required: true });

const keys = [
    ['0–9', 'set the count of clean reps'],
    ['Enter', 'log the count typed, else the likely one'],
    ['R 0–5', 'reps left in reserve'],
    ['N 1–7', 'a no-count, by its number'],
    ['P', 'pain: the place by its number, then the degree (0 for 10)'],
    ['S', 'hold while they hang, let go to log the seconds'],
    ['U', 'undo the last set, for ten seconds'],
    ['← →', 'the athlete before, the next one'],
    ['/', 'find an athlete'],
    ['Esc', 'leave what is open'],
    ['?', 'this list'],
] as const;
</script>

<template>
    <SidePanel v-model:open="open" title="Keys">
        <dl>
            <div v-for="[key, what] in keys" :key="key">
                <dt>
                    <kbd>{{ key }}</kbd>
                </dt>
                <dd>{{ what }}</dd>
            </div>
        </dl>
    </SidePanel>
</template>

<style scoped>
dl div {
    display: grid;
    grid-template-columns: 80px 1fr;
    align-items: center;
    padding: 5px 0;
}

kbd {
    padding: 2px 8px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    font: 600 var(--type-base) var(--type-text);
}
</style>
