<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue';
import type { Tile } from '../../domain/floor/tile';
import SidePanel from '../../parts/SidePanel.vue';

/** Somebody of the class by a part of the name; Enter opens the first. */
const props = defineProps<{ tiles: readonly Tile[] }>();
const open = defineModel<boolean>('open', { required: true });
const emit = defineEmits<{ pick: [athleteId: string] }>();

const words = ref('');
const field = useTemplateRef('field');
const found = computed(() =>
    props.tiles
        .filter((t) => t.athlete.name.toLowerCase().includes(words.value.trim().toLowerCase()))
        .sort((a, b) => a.athlete.name.localeCompare(b.athlete.name)),
);
const stands = ({ turn }: Tile): string => ({ first: 'not ready', up: 'up', rest: 'rests', done: 'done', away: 'not here' })[turn];

watch(
    open,
    async (is) => {
        words.value = '';
        await nextTick();
        if (is) {
            field.value?.focus();
        }
    },
    { immediate: true },
);

function pick(tile: Tile | undefined): void {
    if (tile) {
        open.value = false;
        emit('pick', tile.athlete.id);
    }
}
</script>

<template>
    <SidePanel v-model:open="open" title="Find somebody">
        <form class="stack" @submit.prevent="pick(found[0])">
            <label>
                Name
                <input ref="field" v-model="words" type="search" autocomplete="off" spellcheck="false" />
            </label>
            <ul>
                <li v-for="tile in found" :key="tile.athlete.id">
                    <button type="button" class="key wide" @click="pick(tile)">
                        {{ tile.athlete.name }}
                        <small>{{ stands(tile) }}</small>
                    </button>
                </li>
            </ul>
            <p v-if="found.length === 0" class="dim">Nobody of this class is called that.</p>
        </form>
    </SidePanel>
</template>

<style scoped src="../keys.css"></style>
<style scoped src="../pad/picks.css"></style>
