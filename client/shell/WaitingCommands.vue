<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { waitingSet } from '../domain/queue';
import { useCommandQueue } from '../composables/useCommandQueue';
import { useEver } from '../composables/useEver';

const WaitingList = defineAsyncComponent(() => import('./WaitingList.vue'));

const queue = useCommandQueue();
const open = ref(false);
const asked = useEver(open);
const text = computed(() => {
    const [waits, refused] = [queue.pending.length, queue.refused.length];
    const noun = queue.pending.every((w) => waitingSet(w)) ? ['set waits', 'sets wait'] : ['note waits', 'notes wait'];
    return [waits > 0 ? `${waits} ${waits === 1 ? noun[0] : noun[1]}` : '', refused > 0 ? `${refused} refused` : '']
        .filter(Boolean)
        .join(', ');
});
</script>

<template>
    <p v-if="queue.broken" class="broken" role="alert">
        This device keeps nothing just now: its store is full or closed to us. Free some room, then log again.
    </p>
    <p v-if="queue.lost > 0" class="broken" role="alert">
        The store of this device was cleared. {{ queue.lost === 1 ? 'One note' : `${queue.lost} notes` }} that waited here may be gone: look
        through today's sets.
        <button type="button" class="quiet" @click="queue.lost = 0">Seen</button>
    </p>
    <button v-if="text" type="button" class="waits" :class="{ refused: queue.refused.length > 0 }" aria-live="polite" @click="open = true">
        {{ text }}
    </button>
    <WaitingList v-if="asked" v-model:open="open" />
</template>

<style scoped>
.waits {
    min-height: var(--target);
    padding: 0 var(--space-base);
    border: 1px dashed var(--color-timber);
    border-radius: var(--radius-small);
    background: none;
    color: var(--color-bark);
    font: 600 var(--type-small) var(--type-text);
    cursor: pointer;
}

.broken {
    max-width: 420px;
    color: var(--color-refer);
    font-weight: 600;
    line-height: 1.2;
}

.refused {
    border: 1.5px solid var(--color-refer);
    color: var(--color-refer);
}
</style>
