<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch, type ComponentPublicInstance } from 'vue';
import type { FloorSet } from '../../domain/floor/overlay';
import type { SheetRung, Tile } from '../../domain/floor/tile';
import { limits } from '../../domain/limits.gen';
import { readQuantity } from '../../domain/fields';
import { likely, percent } from '../../domain/units';
import ChipRow from '../../parts/ChipRow.vue';
import QuantityField from '../../parts/QuantityField.vue';
import SidePanel from '../../parts/SidePanel.vue';
import { countChips } from '../../log/counts';
import LastSet from './LastSet.vue';
import LineNowCard from './LineNowCard.vue';
import MixedOnFloor from './MixedOnFloor.vue';
import SetsOfDay from './SetsOfDay.vue';
import TellOnFloor from './TellOnFloor.vue';
import type { TileCommands } from '../tiles/useTileCommands';

/** Everything of one athlete that is not the one tap: another count, what was seen, another exercise, what was told. */
const props = defineProps<{ tile: Tile | undefined; commands: TileCommands; on: string; coachName: (id: string | null) => string }>();
const emit = defineEmits<{ close: []; switch: [rung: SheetRung | undefined]; away: [] }>();

const counts = countChips(15);
/** While something comes first nothing is to be done: what was done before it is taken down on the athlete's page. */
const line = computed(() => (props.tile?.turn === 'first' ? undefined : props.tile?.now));
const open = computed(() => props.tile !== undefined);
const others = ref(false);
const lastSet = useTemplateRef<ComponentPublicInstance>('lastSet');
const correcting = ref<FloorSet>();
const kg = ref('');
const kgError = ref<string>();
const set = computed(() => props.tile?.athlete.sets.find((s) => s.id === correcting.value?.id) ?? props.tile?.last);
const amounts = computed(() => {
    const aim = props.tile?.aim ?? 0;
    return [...new Set([0.5, 0.75, 1, 1.25, 1.5].map((part) => Math.max(1, Math.round(aim * part))))].map((value) => ({
        value,
        label: String(value),
    }));
});

watch(
    () => props.tile?.athlete.id,
    () => {
        others.value = false;
        correcting.value = undefined;
        kg.value = '';
        kgError.value = undefined;
    },
);

/** Into sight, however far down it was picked. */
async function correct(picked: FloorSet): Promise<void> {
    correcting.value = picked;
    await nextTick();
    (lastSet.value?.$el as HTMLElement | undefined)?.scrollIntoView({ block: 'start' });
}

async function log(count: number): Promise<void> {
    if (props.tile) {
        await props.commands.log(props.tile, count);
        emit('close');
    }
}

async function beside(much: number): Promise<void> {
    if (props.tile) {
        const load = readQuantity(kg.value, 'kg', limits.BesideInput.load_kg, false);
        kgError.value = load.error;
        if (load.error !== undefined) {
            return;
        }
        await props.commands.logBeside(props.tile, much, load.value);
        emit('close');
    }
}

function put(rung: SheetRung | undefined): void {
    emit('switch', rung);
    others.value = false;
}
</script>

<template>
    <SidePanel :open="open" :title="tile?.athlete.name ?? ''" @update:open="emit('close')">
        <div v-if="tile" class="stack pad">
            <template v-if="line">
                <LineNowCard :key="`${tile.athlete.id} ${line.rung?.key}`" :athlete-id="tile.athlete.id" :line="line" />
                <template v-if="line.way === 'reps' || line.way === 'lowering'">
                    <h2>Set {{ line.done + 1 }} of {{ line.line.sets }}: how many were clean?</h2>
                    <ChipRow label="Clean reps, logs the set" :chips="counts" :value="null" @pick="log" />
                </template>
                <template v-else-if="line.way === 'beside'">
                    <h2>Set {{ line.done + 1 }} of {{ line.line.sets }}</h2>
                    <QuantityField
                        v-if="line.line.accessory"
                        v-model="kg"
                        class="kg"
                        label="Load"
                        unit="kg"
                        :limits="limits.BesideInput.load_kg"
                        optional
                        :error="kgError"
                    />
                    <ChipRow label="How much, logs the set" :chips="amounts" :value="null" @pick="beside" />
                </template>
            </template>
            <LastSet v-if="set" ref="lastSet" :key="set.id" :set="set" :tile="tile" :commands="commands" />
            <button v-if="line?.rung" type="button" class="key switch" :aria-expanded="others" @click="others = !others">
                Switch the exercise
            </button>
            <ul v-if="others && line" class="others" aria-label="Instead">
                <li v-if="line.rung?.key !== line.line.rung?.key">
                    <button type="button" class="key wide" @click="put(undefined)">{{ line.line.rung?.name }}, as written</button>
                </li>
                <li v-for="other in line.line.others.filter((o) => o.key !== line?.rung?.key)" :key="other.key">
                    <button type="button" class="key wide" @click="put(other)">
                        {{ other.name }}
                        <span class="dim">{{ percent(other.share) }}{{ other.prediction ? `, ${likely(other.prediction)}` : '' }}</span>
                    </button>
                </li>
                <li v-if="line.line.others.length === 0" class="dim">Nothing of this kit lies near it.</li>
            </ul>
            <TellOnFloor :tile="tile" :commands="commands" :on="on" />
            <MixedOnFloor
                v-if="line?.way === 'reps' && line.line.others.length > 0"
                :key="line.line.line"
                :line="line"
                @log="(first, then) => (tile && commands.logMixed(tile, first, then), emit('close'))"
            />
            <SetsOfDay :tile="tile" :coach-name="coachName" @correct="correct" />
            <div class="row">
                <RouterLink class="key" :to="`/people/${tile.athlete.id}`">Page of {{ tile.athlete.name }}</RouterLink>
                <button type="button" class="key" @click="(emit('away'), emit('close'))">Not here today</button>
            </div>
        </div>
    </SidePanel>
</template>

<style scoped src="../keys.css"></style>
<style scoped src="./pad.css"></style>
