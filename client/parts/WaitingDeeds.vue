<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { explain } from '../domain/problems';
import { deedWords } from '../domain/deedWords';
import { waitingSet, type Waiting } from '../domain/queue';
import SidePanel from './SidePanel.vue';
import { useDeedQueue } from './useDeedQueue';

const queue = useDeedQueue();
const open = ref(false);
const text = computed(() => {
    const [waits, refused] = [queue.pending.length, queue.refused.length];
    const noun = queue.pending.every((w) => waitingSet(w)) ? ['set waits', 'sets wait'] : ['note waits', 'notes wait'];
    return [waits > 0 ? `${waits} ${waits === 1 ? noun[0] : noun[1]}` : '', refused > 0 ? `${refused} refused` : ''].filter(Boolean).join(', ');
});
const format = new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });
const at = ({ deed }: Waiting): string => {
    const told = Object.values(deed)[0] as { performed_at?: string; told_at?: string };
    const moment = told.performed_at ?? told.told_at;
    return moment ? format.format(new Date(moment)) : '';
};
</script>

<template>
    <p v-if="queue.broken" class="broken" role="alert">This device keeps nothing just now: its store is full or closed to us. Free some room, then log again.</p>
    <p v-if="queue.lost > 0" class="broken" role="alert">
        The store of this device was cleared. {{ queue.lost === 1 ? 'One note' : `${queue.lost} notes` }} that waited here may be gone: look through today's sets.
        <button type="button" class="quiet" @click="queue.lost = 0">Seen</button>
    </p>
    <button v-if="text" type="button" class="waits" :class="{ refused: queue.refused.length > 0 }" aria-live="polite" @click="open = true">{{ text }}</button>
    <SidePanel v-model:open="open" title="On this device">
        <div class="stack">
            <p class="small dim">They are kept here until the server has them, and go by themselves when it answers.</p>
            <ul>
                <li v-for="one in queue.waiting" :key="one.id">
                    <p>
                        <RouterLink :to="`/people/${one.athleteId}`" @click="open = false">
                            <strong>{{ deedWords(one.deed) }}</strong>
                        </RouterLink>
                        {{ at(one) }}
                    </p>
                    <p v-if="one.problem" role="alert">{{ explain(one.problem) }}{{ one.problem.faults[0] ? ` ${one.problem.faults[0].detail}` : '' }}</p>
                    <div class="row">
                        <NButton v-if="one.problem" size="small" @click="queue.sendAgain(one.id)">Send again</NButton>
                        <NButton size="small" @click="queue.drop(one.id)">Drop it</NButton>
                    </div>
                </li>
            </ul>
            <p v-if="queue.waiting.length === 0">Nothing waits.</p>
            <div v-else><NButton :loading="queue.busy" @click="queue.flush">Send now</NButton></div>
        </div>
    </SidePanel>
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

ul {
    list-style: none;
}

li {
    display: grid;
    gap: 4px;
    padding: var(--space-small) 0;
    border-bottom: 1px solid var(--color-line);
}
</style>
