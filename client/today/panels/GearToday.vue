<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../../domain/http';
import SidePanel from '../../parts/SidePanel.vue';

/** Gear that nobody can use today; tomorrow it is back by itself. */
type Piece = Schemas['FloorPiece'];

const props = defineProps<{ gear: readonly Piece[] }>();
const emit = defineEmits<{ toggle: [piece: Piece] }>();
const open = defineModel<boolean>('open', { required: true });

const groups = computed(() =>
    [
        { name: 'Bars, rings and machines', kinds: ['bar', 'rings', 'machine'] },
        { name: 'Bands', kinds: ['band'] },
        { name: 'Boxes and plates', kinds: ['box', 'plate', 'weight'] },
    ].map((group) => ({ name: group.name, pieces: props.gear.filter((g) => group.kinds.includes(g.kind)) })),
);
</script>

<template>
    <SidePanel v-model:open="open" title="Broken or missing today">
        <div class="stack">
            <p class="small dim">What is out is in no list, session or call today. Tomorrow it is back; retire for good under Kit.</p>
            <section v-for="group in groups" :key="group.name">
                <h2>{{ group.name }}</h2>
                <ul>
                    <li v-for="piece in group.pieces" :key="piece.id">
                        <button type="button" class="key wide" :aria-pressed="!piece.out" @click="emit('toggle', piece)">
                            <span>{{ piece.name }}</span>
                            <small>{{ piece.out ? 'out today' : 'in use' }}</small>
                        </button>
                    </li>
                </ul>
            </section>
        </div>
    </SidePanel>
</template>

<style scoped src="../keys.css"></style>
<style scoped src="../pad/picks.css"></style>
