<script setup lang="ts">
import { computed } from 'vue';
import type { Kit } from '../domain/gear';
import { gripWords, movementWords, placeWords, wayUpWords, widthWords } from '../domain/words';
import ChipRow from '../parts/ChipRow.vue';
import QuantityField from '../parts/QuantityField.vue';
import { doableOn, isTimed, type SetupDraft } from './useSetupDraft';

const props = defineProps<{ kit: Kit }>();
const draft = defineModel<SetupDraft>({ required: true });

const chips = <T extends string>(values: readonly T[], words: Record<T, string>) => values.map((value) => ({ value, label: words[value] }));
const all = <T extends string>(words: Record<T, string>) => chips(Object.keys(words) as T[], words);

const doable = computed(() => doableOn(props.kit, draft.value.kind));
const movements = computed(() => chips(doable.value?.movements ?? ['full'], movementWords));
const movement = computed(() => (doable.value?.movements.includes(draft.value.movement) ? draft.value.movement : 'full'));
const grips = computed(() => chips(doable.value?.grips ?? ['over'], gripWords));
const ways = computed(() => doable.value?.ways_up[movement.value] ?? []);
const wayUp = computed(() => (draft.value.upBy && ways.value.includes(draft.value.upBy) ? draft.value.upBy : (ways.value[0] ?? null)));
/** Each movement has a usual way up of its own. */
function pickMovement(picked: SetupDraft['movement']): void {
    draft.value.movement = picked;
    draft.value.upBy = null;
}
const held = computed(
    () => ['row', 'pulldown', 'band-pulldown'].includes(draft.value.kind) || draft.value.grip !== 'over' || draft.value.width !== 'outside',
);
</script>

<template>
    <div class="stack manner">
        <ChipRow label="What is done" show-label :chips="movements" :value="movement" @pick="pickMovement" />
        <ChipRow
            v-if="movement === 'hold'"
            label="Held at"
            show-label
            :chips="all(placeWords)"
            :value="draft.at"
            @pick="draft.at = $event"
        />
        <QuantityField v-if="isTimed(movement)" v-model="draft.seconds" label="Seconds" unit="s" :limits="{}" />
        <ChipRow v-if="ways.length > 1" label="Up" show-label :chips="chips(ways, wayUpWords)" :value="wayUp" @pick="draft.upBy = $event" />
        <details :open="held">
            <summary>Grip and width: {{ gripWords[draft.grip].toLowerCase() }}, {{ widthWords[draft.width].toLowerCase() }}</summary>
            <div class="stack">
                <ChipRow label="Grip" show-label :chips="grips" :value="draft.grip" @pick="draft.grip = $event" />
                <ChipRow label="Hands" show-label :chips="all(widthWords)" :value="draft.width" @pick="draft.width = $event" />
            </div>
        </details>
    </div>
</template>

<style scoped>
.manner {
    padding-top: var(--space-base);
    border-top: 1px solid var(--color-line);
}

summary {
    display: flex;
    align-items: center;
    min-height: var(--target);
    cursor: pointer;
    font-weight: 600;
}
</style>
