<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { calledName, type Tile } from '../../domain/floor/tile';
import { api, outcome, type Schemas } from '../../domain/http';
import type { Problem } from '../../domain/problems';
import { useHourOf } from '../../composables/useToday';
import ProblemNote from '../../parts/ProblemNote.vue';
import SidePanel from '../../parts/SidePanel.vue';
import type { Held } from '../useClasses';

/** What is left of the class, planned anew: what it would change first, then it is taken or left. */
const props = defineProps<{ held: Held; tiles: readonly Tile[] }>();
const open = defineModel<boolean>('open', { required: true });
const emit = defineEmits<{ take: [turns: Schemas['OrderInput']['turns']] }>();

const hour = useHourOf();
const plan = ref<Schemas['FreshPlan']>();
const problem = ref<Problem>();
const isSame = computed(() => plan.value !== undefined && plan.value.moved.length === 0 && plan.value.ends_at === plan.value.told_ends_at);
const savedMin = computed(() => (plan.value ? Math.round((plan.value.told_waiting_s - plan.value.waiting_s) / 60) : 0));
const moved = computed(() => props.tiles.filter((t) => plan.value?.moved.includes(t.athlete.id)).map((t) => calledName(t)));

watch(
    open,
    async (isOpen) => {
        plan.value = undefined;
        problem.value = undefined;
        if (isOpen) {
            const path = { class: props.held.id, on: props.held.on };
            const read = await outcome(api.GET('/api/v1/classes/{class}/days/{on}/fresh-plan', { params: { path } }));
            plan.value = read.ok ? read.value : undefined;
            problem.value = read.ok ? undefined : read.problem;
        }
    },
    { immediate: true },
);

function take(): void {
    if (plan.value) {
        emit('take', plan.value.turns);
        open.value = false;
    }
}
</script>

<template>
    <SidePanel v-model:open="open" title="Plan the rest anew">
        <ProblemNote v-if="problem" :problem="problem" />
        <p v-else-if="!plan" role="status">Looking for a better order…</p>
        <div v-else class="stack">
            <p v-if="isSame">No better order was found. All done about {{ hour(plan.told_ends_at) }}.</p>
            <template v-else>
                <p class="ends">
                    All done about
                    <b>{{ hour(plan.ends_at) }}</b>
                    <template v-if="plan.ends_at !== plan.told_ends_at">instead of {{ hour(plan.told_ends_at) }}</template>
                </p>
                <p v-if="savedMin > 0">{{ savedMin }} min less waiting, all together.</p>
                <p v-if="moved.length > 0">The next set comes at another time or place for {{ moved.join(', ') }}.</p>
                <p v-else>Nobody's next set moves; later ones do.</p>
                <button type="button" class="key best" @click="take">Use this order</button>
            </template>
            <button type="button" class="key" @click="open = false">Leave it as it is</button>
        </div>
    </SidePanel>
</template>

<style scoped src="../keys.css"></style>
<style scoped>
.ends {
    font-size: var(--type-large);
}
</style>
