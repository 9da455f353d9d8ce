<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { linesOf } from './words';

const props = defineProps<{ dry: Schemas['DryRun'] }>();
const emit = defineEmits<{ map: [change: Partial<Schemas['MappingInput']>] }>();

/** So many options are drawn at once; of more only what is in sight. */
const MANY = 60;

type Asked = Schemas['AskedMatch'];

const rooms = computed(() =>
    (
        [
            { field: 'name', title: 'Names that nobody here has', targets: props.dry.athletes },
            { field: 'exercise', title: 'Exercises', targets: props.dry.exercises },
        ] as const
    )
        .map((room) => ({
            ...room,
            asked: props.dry.asked.filter((a) => a.field === room.field),
            options: room.targets.map(({ target, name }) => ({ value: target, label: name })),
        }))
        .filter((room) => room.asked.length > 0),
);

const pick = ({ field, text }: Asked, target: string): void =>
    emit('map', { matches: [{ field: field as 'name' | 'exercise', text, target }] });
</script>

<template>
    <section v-for="room in rooms" :key="room.field" class="card stack" :aria-label="room.title">
        <h2>{{ room.title }}</h2>
        <p class="small dim">What you say is remembered for the next file.</p>
        <ul>
            <li v-for="one in room.asked" :key="one.text">
                <span class="text">
                    {{ one.text }}
                    <span class="small dim">{{ linesOf(one.lines) }}</span>
                </span>
                <NSelect
                    filterable
                    :virtual-scroll="room.options.length > MANY"
                    :value="one.target"
                    :options="room.options"
                    placeholder="Who is it?"
                    :input-props="{ 'aria-label': `Find what ${one.text} is here` }"
                    :aria-label="`What ${one.text} is here`"
                    @update:value="pick(one, $event)"
                />
            </li>
        </ul>
    </section>
</template>

<style scoped>
ul {
    display: grid;
    gap: var(--space-small);
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
    gap: var(--space-small);
    align-items: center;
}

.text {
    overflow-wrap: anywhere;
}

.text span {
    display: block;
}
</style>
