<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed } from 'vue';
import { bandsInUse, bandText } from '../domain/gear';
import type { Schemas } from '../domain/http';
import LadderView from './LadderView.vue';
import SingleBands from './SingleBands.vue';
import { ALL_BANDS, LADDER, type Athlete, type AthletePage } from '../composables/useAthlete';

const props = defineProps<{ page: AthletePage; athlete: Athlete; kit: Schemas['Kit'] | undefined }>();
const emit = defineEmits<{ open: [rung: Schemas['Rung']]; show: [what: string]; length: [mostRungs: number] }>();

const options = computed(() => [
    { label: 'Steady ladder', value: LADDER },
    { label: 'All single bands', value: ALL_BANDS },
    ...bandsInUse(props.kit).map((b) => ({ label: bandText(b), value: b.id })),
]);
const lengths = [5, 8, 12, 20].map((n) => ({ label: `${n} rungs at most`, value: n }));
const isLadder = computed(() => props.page.shown.value === LADDER);
const band = computed(() => props.kit?.bands.find((b) => b.id === props.page.shown.value));
</script>

<template>
    <section class="card scale" aria-label="Set-ups on the scale of carried share">
        <p v-if="kit?.bands.length === 0" class="small">
            No bands in the kit yet.
            <RouterLink to="/kit">Add one</RouterLink>
            to see its set-ups here.
        </p>
        <LadderView v-if="isLadder" :ladders="page.ladders" :athlete="athlete" @open="emit('open', $event)" />
        <SingleBands
            v-else
            :scale="page.scale"
            :band="band"
            :capacity="athlete.capacity"
            :call="athlete.call?.call"
            @open="emit('open', $event)"
        />
        <div class="row foot">
            <RouterLink class="tap small" :to="`/people/${athlete.id}/setups`">Any other set-up…</RouterLink>
            <NSelect
                v-if="isLadder"
                :virtual-scroll="false"
                class="length"
                size="small"
                :value="page.mostRungs.value"
                :options="lengths"
                aria-label="Length of the ladder"
                @update:value="emit('length', $event)"
            />
            <NSelect
                :virtual-scroll="false"
                class="pick"
                size="small"
                :value="page.shown.value"
                :options="options"
                aria-label="Shown"
                @update:value="emit('show', $event)"
            />
        </div>
    </section>
</template>

<style scoped>
.pick {
    width: 158px;
}

.length {
    width: 158px;
}

.scale {
    padding-block: var(--space-small);
}

.foot {
    justify-content: flex-end;
    min-height: var(--target);
}

.foot a {
    margin-right: auto;
}

@media screen and (max-width: 720px) {
    .scale {
        display: flex;
        flex-direction: column;
    }

    .foot {
        order: 2;
    }

    .pick,
    .length {
        flex: 1;
        width: auto;
    }
}
</style>
