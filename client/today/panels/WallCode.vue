<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { api, outcome, type Schemas } from '../../domain/http';
import type { Problem } from '../../domain/problems';
import { useSession } from '../../composables/useSession';
import { useHourOf } from '../../composables/useToday';
import ChipRow from '../../parts/ChipRow.vue';
import ProblemNote from '../../parts/ProblemNote.vue';
import SidePanel from '../../parts/SidePanel.vue';
import type { Held } from '../useClasses';

/** The code by which a screen of the gym shows this class, and how people are called there. */
type Names = Schemas['Me']['board_names'];

const props = defineProps<{ held: Held }>();
const open = defineModel<boolean>('open', { required: true });

const session = useSession();
const hour = useHourOf();
const board = ref<Schemas['BoardCode']>();
const problem = ref<Problem>();
const path = computed(() => ({ class: props.held.id, on: props.held.on }));
const code = computed(() => board.value?.code ?? null);
const address = computed(() => `${location.origin}/today/board`);
const chips: { value: Names; label: string }[] = [
    { value: 'first', label: 'First names' },
    { value: 'initials', label: 'Initials' },
];

watch(
    open,
    async (isOpen) => {
        if (isOpen) {
            const read = await outcome(api.PUT('/api/v1/classes/{class}/days/{on}/board', { params: { path: path.value } }));
            [board.value, problem.value] = read.ok ? [read.value, undefined] : [undefined, read.problem];
        }
    },
    { immediate: true },
);

async function end(): Promise<void> {
    const ended = await outcome(api.DELETE('/api/v1/classes/{class}/days/{on}/board', { params: { path: path.value } }));
    problem.value = ended.ok ? undefined : ended.problem;
    open.value = !ended.ok;
}

async function callThem(names: Names): Promise<void> {
    const settled = await outcome(api.PUT('/api/v1/settings/board', { body: { names } }));
    problem.value = settled.ok ? undefined : settled.problem;
    if (settled.ok) {
        session.change(settled.value);
    }
}
</script>

<template>
    <SidePanel v-model:open="open" title="Board on the wall">
        <div class="stack">
            <ProblemNote v-if="problem" :problem="problem" />
            <p v-if="!board && !problem" role="status">Asking for a code…</p>
            <template v-if="board && code">
                <p>Open this address on any screen of the gym and type the code. It shows who is up, who is next and what to hang up.</p>
                <p class="address">{{ address }}</p>
                <p class="code">{{ code.slice(0, 4) }} {{ code.slice(4) }}</p>
                <p class="small dim">
                    The board shows no health, weight or calls, and nothing can be changed on it. It ends by itself at
                    {{ hour(board.ends_at) }}.
                </p>
                <a class="key best" :href="`/today/board#${code}`" target="_blank" rel="noopener">Open it on this device</a>
                <h2 v-if="$may('gym')">People are called by</h2>
                <ChipRow
                    v-if="$may('gym')"
                    label="People are called by"
                    :chips="chips"
                    :value="session.me?.board_names ?? null"
                    @pick="callThem"
                />
                <button type="button" class="key" @click="end">Close the board: the code ends</button>
            </template>
        </div>
    </SidePanel>
</template>

<style scoped src="../keys.css"></style>
<style scoped>
.address {
    overflow-wrap: anywhere;
    font-weight: 600;
}

.code {
    font-family: var(--type-display);
    font-size: var(--type-figure);
    letter-spacing: 0.08em;
}

a.key {
    display: flex;
    align-items: center;
    text-decoration: none;
}
</style>
