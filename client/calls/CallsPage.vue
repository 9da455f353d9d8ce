<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { verdictLooks, verdicts } from '../domain/words';
import CallMark from '../parts/marks/CallMark.vue';
import PageHead from '../parts/PageHead.vue';
import PageTurner from '../parts/PageTurner.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useKeys } from '../composables/useKeys';
import { useRead } from '../composables/useRead';
import { useSession } from '../composables/useSession';
import CallRow from '../decisions/CallRow.vue';
import OverridesCard from './OverridesCard.vue';
import ReminderList from './ReminderList.vue';

type Row = InstanceType<typeof CallRow>;

const session = useSession();
const page = ref(1);
const queue = useRead(
    () => ['calls', page.value],
    () => outcome(api.GET('/api/v1/calls', { params: { query: { page: page.value } } })),
    { previous: true },
);
const calls = computed(() => queue.value.value?.items ?? []);
const counts = computed(() => queue.value.value?.waiting);
/** What was read before says nothing about what waits now. */
const isFresh = computed(() => queue.problem.value === undefined && !queue.busy.value);
const waiting = computed(() => Object.values(counts.value ?? {}).reduce((sum, n) => sum + n, 0));
/** Grouped by verdict, the most urgent first; Stay is folded. */
const groups = computed(() =>
    verdicts
        .map((verdict) => ({ verdict, looks: verdictLooks[verdict], calls: calls.value.filter((c) => c.call.verdict === verdict) }))
        .filter((g) => g.calls.length > 0),
);
const unfolded = ref(false);
const isOpen = (verdict: Schemas['Call']['verdict']): boolean => verdict !== 'stay' || unfolded.value || groups.value.length === 1;

const rows = ref<Row[]>([]);
const chosen = ref<string>();
const shown = computed(() => groups.value.filter((g) => isOpen(g.verdict)).flatMap((g) => g.calls.map((c) => c.id)));
const row = (): Row | undefined => rows.value.find((r) => r.id === chosen.value);

function step(by: 1 | -1): void {
    const at = chosen.value === undefined ? -1 : shown.value.indexOf(chosen.value);
    chosen.value = shown.value[Math.max(0, Math.min(shown.value.length - 1, at + by))];
    document.querySelector(`[data-call="${chosen.value ?? ''}"]`)?.scrollIntoView({ block: 'nearest' });
}

/** The next that still waits, so that a class is gone through by one key. */
function acceptAndGoOn(): void {
    row()?.accept();
    step(1);
}

async function acceptAll(those: readonly Schemas['KeptCall'][]): Promise<void> {
    unfolded.value = true;
    await Promise.resolve();
    for (const call of those) {
        rows.value.find((r) => r.id === call.id)?.accept();
    }
}

useKeys((key) => {
    const actions: Record<string, () => unknown> = {
        ArrowDown: () => step(1),
        ArrowUp: () => step(-1),
        w: () => row()?.why(),
        ...(session.may('coach') && {
            Enter: acceptAndGoOn,
            o: () => row()?.other(),
            u: () => row()?.undo(),
        }),
    };
    const action = actions[key];
    action?.();
    return action !== undefined;
});
</script>

<template>
    <PageHead title="Calls" :about="waiting > 0 ? `${waiting} to decide` : undefined">
        <p class="small dim keys">{{ $may('coach') ? '↑↓ choose · Enter accept · O otherwise · W why · U undo' : '↑↓ choose · W why' }}</p>
    </PageHead>
    <ReadNote :read="queue" waits="Loading the calls…" />
    <ReminderList />
    <div v-if="queue.value.value && waiting === 0 && isFresh" class="card stack">
        <h2>No calls are waiting</h2>
        <p>Log a set for an athlete and the call for next time stands here.</p>
    </div>
    <template v-else-if="queue.value.value">
        <div class="groups">
            <section v-for="group in groups" :key="group.verdict" :aria-label="group.looks.word" class="group">
                <header>
                    <h2><CallMark :verdict="group.verdict" /></h2>
                    <span class="dim">{{ counts?.[group.verdict] }}</span>
                    <span v-if="group.verdict === 'stay'" class="row fold">
                        <button
                            v-if="groups.length > 1"
                            type="button"
                            class="quiet"
                            :aria-expanded="unfolded"
                            @click="unfolded = !unfolded"
                        >
                            {{ unfolded ? 'Fold' : 'Show each with what is missing' }}
                        </button>
                        <NButton v-if="$may('coach')" @click="acceptAll(group.calls)">Accept {{ group.calls.length }}</NButton>
                    </span>
                </header>
                <ul v-show="isOpen(group.verdict)" class="card">
                    <CallRow
                        v-for="call in group.calls"
                        :key="call.id"
                        ref="rows"
                        :data-call="call.id"
                        :call="call"
                        :chosen="chosen === call.id"
                        @choose="chosen = call.id"
                        @decided="queue.reload"
                    />
                </ul>
            </section>
        </div>
        <p v-for="one in queue.value.value.damaged" :key="one.id" class="card" role="alert">
            The call of
            <RouterLink :to="`/people/${one.id}`">{{ one.name }}</RouterLink>
            cannot be read any more; the fault is in the log. The next set makes it anew.
        </p>
    </template>
    <PageTurner v-model="page" :next="queue.value.value?.next_page" back="Earlier calls" on="Later calls" />
    <OverridesCard />
</template>

<style scoped>
.group {
    margin-bottom: var(--space-base);
}

@media screen and (min-width: 1600px) {
    .groups {
        columns: 2;
        column-gap: var(--space-wide);
    }

    .group {
        break-inside: avoid;
    }
}

header {
    display: flex;
    align-items: center;
    gap: var(--space-small);
    min-height: var(--target);
}

.fold {
    margin-left: auto;
}

ul {
    padding: 0;
    overflow: hidden;
    list-style: none;
}

ul > * + * {
    border-top: 1px solid var(--color-line);
}

@media screen and (max-width: 720px) {
    .keys {
        display: none;
    }
}
</style>
