<script setup lang="ts">
import { computed, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';

/** Gear that nobody can use today; tomorrow it is back by itself. */
const props = defineProps<{ gear: readonly Schemas['FloorPiece'][]; changed: () => Promise<void> }>();
const open = defineModel<boolean>('open', { required: true });

const problem = shallowRef<Problem>();
const busy = shallowRef<string>();
const groups = computed(() =>
    [
        { name: 'Bars, rings and machines', kinds: ['bar', 'rings', 'machine'] },
        { name: 'Bands', kinds: ['band'] },
        { name: 'Boxes and plates', kinds: ['box', 'plate', 'weight'] },
    ].map((group) => ({ name: group.name, pieces: props.gear.filter((g) => group.kinds.includes(g.kind)) })),
);

async function toggle(piece: Schemas['FloorPiece']): Promise<void> {
    busy.value = piece.id;
    const body = { out: !piece.out };
    const result =
        piece.kind === 'band'
            ? await outcome(api.PUT('/api/bands/{band}/today', { params: { path: { band: piece.id } }, body }))
            : await outcome(api.PUT('/api/gear/{gear}/today', { params: { path: { gear: piece.id } }, body }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        await props.changed();
    }
    busy.value = undefined;
}
</script>

<template>
    <SidePanel v-model:open="open" title="Out of use today">
        <div class="stack">
            <p class="small dim">What is out is in no list, session or call today. Tomorrow it is back; retire for good under Kit.</p>
            <ProblemNote v-if="problem" :problem="problem" />
            <section v-for="group in groups" :key="group.name">
                <h2>{{ group.name }}</h2>
                <ul>
                    <li v-for="piece in group.pieces" :key="piece.id">
                        <button type="button" class="key wide" :aria-pressed="!piece.out" :disabled="busy !== undefined" @click="toggle(piece)">
                            <span>{{ piece.name }}</span>
                            <small>{{ busy === piece.id ? '…' : piece.out ? 'out today' : 'in use' }}</small>
                        </button>
                    </li>
                </ul>
            </section>
        </div>
    </SidePanel>
</template>

<style scoped src="./keys.css"></style>
<style scoped src="./picks.css"></style>
