<script setup lang="ts">
import type { useWakeLock } from '@vueuse/core';
import { computed, useTemplateRef } from 'vue';
import { calledName, type Tile } from '../domain/floor/tile';
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import { useHourOf } from '../composables/useToday';
import { useTheme } from '../theme/useTheme';
import type { FloorPanel } from './panels/floorPanel';
import type { Held } from './useClasses';

/** The class, how it is looked at, and what goes with it. */
const props = defineProps<{
    held: Held | undefined;
    list: Schemas['ClassList'];
    tiles: readonly Tile[];
    nowMs: number;
    isAlone: boolean;
    timetable: Schemas['Timetable'] | null;
    canBuzz: boolean;
    awake: ReturnType<typeof useWakeLock>;
}>();
const by = defineModel<'athlete' | 'station'>('by', { required: true });
const sound = defineModel<boolean>('sound', { required: true });
const buzz = defineModel<boolean>('buzz', { required: true });
const emit = defineEmits<{ pick: [key: string]; open: [panel: FloorPanel] }>();

const theme = useTheme();
const hour = useHourOf();
const others = computed(() =>
    props.list.held.map((h) => ({
        key: `${h.id} ${h.on}`,
        words: `${h.name}, ${h.on === props.list.today ? 'today' : day(h.on)} ${hour(h.starts_at)}`,
    })),
);
const here = computed(() => props.tiles.filter((t) => t.athlete.coming).length);
const left = computed(() => (props.held ? Math.round((Date.parse(props.held.ends_at) - props.nowMs) / 60_000) : 0));
const when = computed(() => {
    if (!props.held) {
        return '';
    }
    const { on, starts_at, ends_at } = props.held;
    if (on !== props.list.today) {
        return `${day(on)}, ${hour(starts_at)}`;
    }
    return left.value < 0
        ? `ended ${hour(ends_at)}`
        : Date.parse(starts_at) > props.nowMs
          ? `from ${hour(starts_at)}`
          : `ends ${hour(ends_at)}, ${left.value} min`;
});

/** When all are done, and what to leave out where that is after the end. */
const doneAt = computed(() => (props.timetable ? `all done about ${hour(props.timetable.ends_at)}` : ''));
const overMin = computed(() =>
    props.held && props.timetable ? Math.ceil((Date.parse(props.timetable.ends_at) - Date.parse(props.held.ends_at)) / 60_000) : 0,
);
const cut = computed(() => {
    const first = props.timetable?.fits === false ? props.timetable.cuts[0] : undefined;
    const tile = first && props.tiles.find((t) => t.athlete.id === first.athlete_id);
    const line = tile?.lines.find((l) => l.line.line === first?.line);
    const saves = (props.timetable?.cuts ?? []).reduce((sum, c) => sum + c.saves_s, 0);
    const more = (props.timetable?.cuts.length ?? 1) - 1;
    return line && tile && saves >= 60
        ? `Leave out ${calledName(tile)}: ${line.rung?.name ?? line.line.name}${more > 0 ? ` and ${more} more` : ''}, saves ${Math.round(saves / 60)} min`
        : '';
});

const menu = useTemplateRef<HTMLDetailsElement>('menu');

function openPanel(panel: FloorPanel): void {
    menu.value?.removeAttribute('open');
    emit('open', panel);
}

async function stayAwake(): Promise<void> {
    await (props.awake.isActive.value ? props.awake.release() : props.awake.request('screen')).catch(() => undefined);
}
</script>

<template>
    <div class="floor-bar">
        <h1>{{ held?.name ?? 'Today' }}</h1>
        <div v-if="held" class="seg" role="group" aria-label="Look at the class by">
            <button type="button" :aria-pressed="by === 'athlete'" @click="by = 'athlete'">Athletes</button>
            <button type="button" :aria-pressed="by === 'station'" @click="by = 'station'">Stations</button>
        </div>
        <p v-if="held" class="when">{{ [`${here} here`, doneAt, when].filter(Boolean).join(' · ') }}</p>
        <p v-if="isAlone" class="alone" role="status">No server: kept on this device</p>
        <div class="actions">
            <button v-if="held" type="button" @click="emit('open', 'who')">Who is here</button>
            <RouterLink v-if="held && left < 15" class="button" :to="`/today/${held.id}/${held.on}/after`">Afterwards</RouterLink>
            <details ref="menu" class="menu">
                <summary aria-label="More of the class">⋯</summary>
                <div>
                    <label v-if="others.length > 0">
                        <span class="unseen">Class</span>
                        <select
                            :value="held ? `${held.id} ${held.on}` : ''"
                            @change="emit('pick', ($event.target as HTMLSelectElement).value)"
                        >
                            <option v-for="one in others" :key="one.key" :value="one.key">{{ one.words }}</option>
                        </select>
                    </label>
                    <button v-if="held" type="button" @click="openPanel('find')">Find somebody</button>
                    <button v-if="held" type="button" @click="openPanel('gear')">Broken or missing today</button>
                    <button v-if="held && timetable" type="button" @click="openPanel('plan')">Plan the rest anew</button>
                    <button v-if="held && left > -15" type="button" @click="openPanel('wall')">Board on the wall</button>
                    <RouterLink v-if="held" class="button" :to="`/today/${held.id}/${held.on}/workout`">Class workout</RouterLink>
                    <RouterLink v-if="held" class="button" :to="`/today/${held.id}/${held.on}/after`">Afterwards: who did what</RouterLink>
                    <RouterLink class="button" to="/today/classes">Classes and their days</RouterLink>
                    <button type="button" :aria-pressed="theme.isDark" @click="theme.toggle">
                        {{ theme.isDark ? 'Light' : 'Dark' }}
                    </button>
                    <button type="button" :aria-pressed="sound" @click="sound = !sound">
                        {{ sound ? 'Tone at the end of a rest: on' : 'Tone at the end of a rest: off' }}
                    </button>
                    <button v-if="canBuzz" type="button" :aria-pressed="buzz" @click="buzz = !buzz">
                        {{ buzz ? 'Buzz at the end of a rest: on' : 'Buzz at the end of a rest: off' }}
                    </button>
                    <button v-if="awake.isSupported.value" type="button" :aria-pressed="awake.isActive.value" @click="stayAwake">
                        {{ awake.isActive.value ? 'The screen stays on' : 'Let the screen stay on' }}
                    </button>
                    <p v-else class="small dim">This browser cannot keep the screen on; set the device so.</p>
                </div>
            </details>
        </div>
        <span class="clock" aria-label="Now">{{ hour(nowMs) }}</span>
    </div>
    <p v-if="held && timetable && !timetable.fits && overMin > 0" class="late" role="status">
        {{ overMin }} min longer than the class. {{ cut }}
    </p>
</template>

<style scoped src="./floor-bar.css"></style>
