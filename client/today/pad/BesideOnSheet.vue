<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LineNow, Tile } from '../../domain/floor/tile';
import { readQuantity } from '../../domain/fields';
import { limits } from '../../domain/limits.gen';
import ChipRow from '../../parts/ChipRow.vue';
import QuantityField from '../../parts/QuantityField.vue';
import type { TileCommands } from '../tiles/useTileCommands';

/** A set of work beside the pull: with what load, and how much; a tap logs it. */
const props = defineProps<{ tile: Tile; line: LineNow; commands: TileCommands }>();

const PARTS = [0.5, 0.75, 1, 1.25, 1.5];

const kg = ref('');
const error = ref<string>();
const unit = computed(() => ({ reps: '', total_reps: '', seconds: ' s', metres: ' m' })[props.line.line.amount.measure]);
const amounts = computed(() =>
    [...new Set(PARTS.map((part) => Math.max(1, Math.round(props.tile.aim * part))))].map((value) => ({
        value,
        label: `${value}${unit.value}`,
    })),
);

async function log(much: number): Promise<void> {
    const load = readQuantity(kg.value, 'kg', limits.BesideInput.load_kg, false);
    error.value = load.error;
    if (load.error === undefined) {
        await props.commands.logBeside(props.tile, much, load.value);
    }
}
</script>

<template>
    <p>
        <b>Set {{ line.done + 1 }} of {{ line.line.sets }}</b>
        {{ line.line.per_side ? ', each side' : '' }}
    </p>
    <QuantityField
        v-if="line.line.accessory"
        v-model="kg"
        class="kg"
        label="Load"
        unit="kg"
        :limits="limits.BesideInput.load_kg"
        optional
        :error="error"
    />
    <ChipRow label="How much, logs the set" show-label :chips="amounts" :value="null" @pick="log" />
</template>

<style scoped>
.kg {
    max-width: 200px;
}
</style>
