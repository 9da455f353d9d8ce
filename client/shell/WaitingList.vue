<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { NButton } from 'naive-ui';
import { commandWords } from '../domain/commandWords';
import { refusalWords } from '../domain/problems';
import type { Waiting } from '../domain/queue';
import { day } from '../domain/units';
import SidePanel from '../parts/SidePanel.vue';
import { nameOf } from '../composables/reads';
import { useCommandQueue } from '../composables/useCommandQueue';
import { useDayOf, useHourOf } from '../composables/useToday';

/** What waits on this device, one by one, with what was refused and why. */
const open = defineModel<boolean>('open', { required: true });

const queue = useCommandQueue();
const client = useQueryClient();
const whose = ({ athleteId, command }: Waiting): string | undefined =>
    nameOf(client, 'gear' in command ? command.gear.gear_id : (athleteId ?? ''));
const [dayOf, hour] = [useDayOf(), useHourOf()];
const at = ({ command }: Waiting): string => {
    const told = Object.values(command)[0] as { performed_at?: string; told_at?: string };
    const moment = told.performed_at ?? told.told_at;
    return moment ? `${day(dayOf(moment))}, ${hour(moment)}` : '';
};
</script>

<template>
    <SidePanel v-model:open="open" title="On this device">
        <div class="stack">
            <p class="small dim">They are kept here until the server has them, and go by themselves when it answers.</p>
            <ul>
                <li v-for="one in queue.waiting" :key="one.id">
                    <p>
                        <RouterLink :to="one.athleteId === undefined ? '/today/classes' : `/people/${one.athleteId}`" @click="open = false">
                            <strong>{{ commandWords(one.command) }}</strong>
                        </RouterLink>
                        {{ [whose(one), at(one)].filter(Boolean).join(' · ') }}
                    </p>
                    <p v-if="one.problem" role="alert">{{ refusalWords(one.problem) }}</p>
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
