<script setup lang="ts">
import { computed, type WritableComputedRef } from 'vue';
import type { Schemas } from '../../domain/http';
import FindOnFloor from './FindOnFloor.vue';
import FreshPlan from './FreshPlan.vue';
import GearToday from './GearToday.vue';
import WallCode from './WallCode.vue';
import WhoComes from './WhoComes.vue';
import type { FloorPanel } from './floorPanel';
import type { Held } from '../useClasses';
import type { Floor } from '../useFloor';

/** What opens beside the floor, one at a time. */
defineProps<{ floor: Floor; held: Held; leftOver: readonly Schemas['RosterName'][] }>();
const panel = defineModel<FloorPanel>();
const emit = defineEmits<{ open: [athleteId: string] }>();

const isOpen = (one: FloorPanel): WritableComputedRef<boolean> =>
    computed({ get: () => panel.value === one, set: (open) => (panel.value = open ? one : undefined) });
const [who, gear, plan, wall, find] = [isOpen('who'), isOpen('gear'), isOpen('plan'), isOpen('wall'), isOpen('find')];
</script>

<template>
    <WhoComes
        v-model:open="who"
        :tiles="floor.tiles.value"
        :roster="floor.day.value.value?.roster ?? []"
        :left-over="leftOver"
        :coming="floor.coming"
    />
    <FreshPlan v-model:open="plan" :held="held" :tiles="floor.tiles.value" @take="floor.order" />
    <FindOnFloor v-model:open="find" :tiles="floor.tiles.value" @pick="emit('open', $event)" />
    <WallCode v-model:open="wall" :held="held" />
    <GearToday v-model:open="gear" :gear="floor.gear.value" @toggle="floor.putOut($event, !$event.out)" />
</template>
