<script setup lang="ts">
import { NButton } from 'naive-ui';
import { ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import PageHead from '../parts/PageHead.vue';
import PageTurner from '../parts/PageTurner.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useDayOf, useHourOf } from '../composables/useToday';
import { changedWords, doneWords } from './done';

/** Who did what, beside the log. */
const page = ref(1);
const trail = useRead(
    () => ['audit', page.value],
    () => outcome(api.GET('/api/v1/audit', { params: { query: { page: page.value } } })),
    { previous: true },
);
const [dayOf, hour] = [useDayOf(), useHourOf()];
const undoing = ref<string>();
const problem = shallowRef<Problem>();

/** By the same ways as it was changed; the trail says that too. */
async function undo(entry: Schemas['AuditEntry']): Promise<void> {
    undoing.value = entry.id;
    const result = await outcome(api.POST('/api/v1/audit/{entry}/undo', { params: { path: { entry: entry.id } } }));
    problem.value = result.ok ? undefined : result.problem;
    page.value = result.ok ? 1 : page.value;
    await trail.reload();
    undoing.value = undefined;
}
</script>

<template>
    <PageHead
        title="What was done"
        :back="{ to: '/settings', name: 'Settings' }"
        about="Who looked at and changed what of health, took data out, signed in, and changed people, kit and rules. These entries stay. A change can be undone until something else changed it."
    />
    <ProblemNote v-if="problem" :problem="problem" />
    <ReadNote :read="trail" waits="Reading what was done…" />
    <p v-if="trail.value.value?.items.length === 0" class="card">Nothing yet.</p>
    <div v-else-if="trail.value.value" class="card">
        <table>
            <thead>
                <tr>
                    <th scope="col">When</th>
                    <th scope="col">Who</th>
                    <th scope="col">What</th>
                    <th scope="col">Whom or what about</th>
                    <td></td>
                </tr>
            </thead>
            <tbody>
                <tr v-for="one in trail.value.value.items" :key="one.id">
                    <td>{{ day(dayOf(one.at)) }}, {{ hour(one.at) }}</td>
                    <td>
                        {{ one.by }}
                        <span v-if="one.script" class="small dim">by the script {{ one.script }}</span>
                    </td>
                    <td>
                        <b>{{ doneWords[one.event] }}</b>
                    </td>
                    <td>
                        {{ one.about }}
                        <span v-for="change in one.changed" :key="change.what" class="small dim change">{{ changedWords(change) }}</span>
                    </td>
                    <td>
                        <NButton
                            v-if="one.can_be_undone"
                            size="small"
                            :loading="undoing === one.id"
                            :aria-label="`Undo: ${doneWords[one.event]} ${one.about ?? ''}`"
                            @click="undo(one)"
                        >
                            Undo
                        </NButton>
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
    <PageTurner v-model="page" :next="trail.value.value?.next_page" back="Later" on="Earlier" />
</template>

<style scoped>
table {
    width: 100%;
    border-collapse: collapse;
}

th {
    color: var(--color-dust);
    font-size: var(--type-small);
    font-weight: 500;
    text-align: left;
}

th,
td {
    padding: 7px var(--space-base);
    overflow-wrap: anywhere;
}

.change {
    display: block;
}

tr + tr td,
thead + tbody td {
    border-top: 1px solid var(--color-line);
}
</style>
