<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { Tile } from '../../domain/floor/tile';
import { api, outcome, type Schemas } from '../../domain/http';
import SidePanel from '../../parts/SidePanel.vue';
import { useRead } from '../../composables/useRead';

/** Who is here and who is not, in one tap each; a walk-in is found on the roster. */
const props = defineProps<{
    tiles: readonly Tile[];
    roster: readonly Schemas['RosterName'][];
    leftOver: readonly Schemas['RosterName'][];
    coming: (athleteId: string, coming: boolean) => Promise<unknown>;
}>();
const open = defineModel<boolean>('open', { required: true });

const MOST_SHOWN = 12;

const words = ref('');
const asked = refDebounced(words, 250);
const others = useRead(
    () => ['walk-ins', asked.value.trim()],
    () => outcome(api.GET('/api/v1/athletes', { params: { query: { search: asked.value.trim() } } })),
    { enabled: () => open.value && asked.value.trim() !== '', previous: true },
);
const listed = computed(() => new Set(props.tiles.map((t) => t.athlete.id)));
/** Whoever trained last is known on the device; of the others the server knows. */
const found = computed(() => {
    const name = asked.value.trim().toLowerCase();
    const known = props.roster.filter((a) => a.name.toLowerCase().includes(name));
    const more = (others.value.value?.items ?? []).filter((a) => !known.some((k) => k.id === a.id));
    return name === '' ? [] : [...known, ...more].filter((a) => !listed.value.has(a.id)).slice(0, MOST_SHOWN);
});
const byName = computed(() => [...props.tiles].sort((a, b) => a.athlete.name.localeCompare(b.athlete.name)));

function walkIn(id: string): void {
    void props.coming(id, true);
    words.value = '';
}
</script>

<template>
    <SidePanel v-model:open="open" title="Who is here">
        <div class="stack">
            <p v-if="leftOver.length > 0" class="note">
                Down for this class too: {{ leftOver.map((a) => a.name).join(', ') }}. A floor holds 24: mark somebody as not here, or split
                the class.
            </p>
            <ul>
                <li v-for="tile in byName" :key="tile.athlete.id">
                    <button
                        type="button"
                        class="key wide"
                        :aria-pressed="tile.athlete.coming"
                        @click="coming(tile.athlete.id, !tile.athlete.coming)"
                    >
                        <span>{{ tile.athlete.name }}</span>
                        <small>{{ tile.athlete.coming ? (tile.athlete.walk_in ? 'walked in' : 'here') : 'not here' }}</small>
                    </button>
                </li>
            </ul>
            <label>
                <span class="small dim">Somebody else walks in</span>
                <input v-model="words" type="search" placeholder="Name" autocomplete="off" />
            </label>
            <ul v-if="found.length > 0" aria-label="Found on the roster">
                <li v-for="one in found" :key="one.id">
                    <button type="button" class="key wide" @click="walkIn(one.id)">
                        <span>{{ one.name }}</span>
                        <small>add</small>
                    </button>
                </li>
            </ul>
            <p v-else-if="asked.trim() !== '' && !others.busy.value" class="dim">
                Nobody of that name is left to add.
                <RouterLink v-if="$may('coach')" to="/people/new">Add an athlete</RouterLink>
            </p>
        </div>
    </SidePanel>
</template>

<style scoped src="../keys.css"></style>
<style scoped src="../pad/picks.css"></style>
