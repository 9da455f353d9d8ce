<script setup lang="ts">
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import { useQueryClient } from '@tanstack/vue-query';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { length } from '../domain/units';
import ProblemNote from '../parts/ProblemNote.vue';
import { freshenKit } from '../composables/reads';

/** Gear of usual sizes, each added with one tap. */
const props = defineProps<{ usual: Schemas['FirstSteps'] }>();
const emit = defineEmits<{ added: [] }>();

const client = useQueryClient();
const added = ref<readonly string[]>([]);
const problem = shallowRef<Problem>();
/** Tapped again after a lost answer it is the same piece. */
const ids = new Map<string, string>();
const idOf = (name: string): string => ids.get(name) ?? (ids.set(name, uuidv7()), ids.get(name)!);

const rows = computed(() => [
    {
        label: 'Bars, the height nearest to yours',
        pieces: props.usual.bars_m.map((m) => ({
            name: `Bar ${length(m)}`,
            words: length(m),
            figures: { kind: 'bar', height_m: m } as const,
        })),
    },
    {
        label: 'Loop bands, by width',
        pieces: props.usual.bands.map((band) => ({ name: `Band ${band.width_mm} mm`, words: `${band.width_mm} mm`, band })),
    },
    {
        label: 'Boxes',
        pieces: props.usual.boxes_m.map((m) => ({
            name: `Box ${length(m)}`,
            words: length(m),
            figures: { kind: 'box', height_m: m } as const,
        })),
    },
]);
type Piece = (typeof rows.value)[number]['pieces'][number];

async function add(piece: Piece): Promise<void> {
    const [id, name] = [idOf(piece.name), piece.name];
    const result =
        'band' in piece
            ? await outcome(api.POST('/api/v1/bands', { body: { id, name, ...piece.band } }))
            : await outcome(api.POST('/api/v1/gear', { body: { id, name, figures: piece.figures } }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        added.value = [...added.value, name];
        await freshenKit(client);
        emit('added');
    }
}
</script>

<template>
    <div v-for="row in rows" :key="row.label" class="row pieces" role="group" :aria-label="row.label">
        <span class="small dim">{{ row.label }}</span>
        <button
            v-for="piece in row.pieces"
            :key="piece.name"
            type="button"
            :disabled="added.includes(piece.name)"
            :aria-label="added.includes(piece.name) ? `${piece.name} is in the kit` : `Add ${piece.name}`"
            @click="add(piece)"
        >
            {{ added.includes(piece.name) ? '✓' : '+' }} {{ piece.words }}
        </button>
    </div>
    <ProblemNote v-if="problem" :problem="problem" />
    <p class="small dim">
        Under
        <RouterLink to="/kit">Kit</RouterLink>
        you put in what you measured, and rings, machines and weights.
    </p>
</template>

<style scoped>
.pieces {
    flex-wrap: wrap;
}

.pieces > span {
    flex-basis: 100%;
}

button {
    min-width: 88px;
    min-height: var(--target);
    padding: 0 var(--space-base);
    border: 1px solid var(--color-dust);
    border-radius: var(--radius-small);
    background: none;
    color: inherit;
    font: inherit;
    font-weight: 600;
    cursor: pointer;
}

button:disabled {
    border-color: var(--color-climb);
    color: var(--color-climb);
    cursor: default;
}
</style>
