<script setup lang="ts">
import { NSelect } from 'naive-ui';
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { partWords } from '../domain/words';
import { wordsOf } from './means';
import { amountOf, workOf, type LineFile, type StageFile } from './methodFile';

/** The lines of a stage beside its main work. */
const props = defineProps<{ stage: StageFile; accessories: readonly Schemas['Accessory'][] }>();

const UNITS = { reps: '', seconds: ' s', total_reps: ' in all', metres: ' m' } as const;

const others = computed(() => props.stage.lines.filter((l) => l !== workOf(props.stage)));
const options = computed(() => props.accessories.map((a) => ({ value: a.line, label: a.name })));
const named = (line: LineFile): string =>
    props.accessories.find((a) => a.accessory === line.accessory)?.name ?? line.accessory ?? (line.do ?? []).map(wordsOf).join(' or ');
const much = (line: LineFile): string => `${line.sets} × ${[...new Set(line[amountOf(line)])].join('–')}${UNITS[amountOf(line)]}`;

function drop(line: LineFile): void {
    // eslint-disable-next-line vue/no-mutating-props -- the form owns the draft, this is a part of it
    props.stage.lines.splice(props.stage.lines.indexOf(line), 1);
}

function add(key: string | null): void {
    const one = props.accessories.find((a) => a.line === key);
    if (one) {
        // eslint-disable-next-line vue/no-mutating-props -- likewise
        props.stage.lines.push({
            part: key?.split(':')[0] ?? 'accessory',
            accessory: one.accessory,
            sets: 2,
            [one.usual.measure]: [one.usual.low, one.usual.high],
            rest_s: 60,
        });
    }
}
</script>

<template>
    <div class="beside small">
        <ul v-if="others.length > 0" aria-label="Beside the main work">
            <li v-for="(line, i) in others" :key="i">
                <span>
                    <span class="dim">{{ partWords[line.part as Schemas['Block']['part']] }}</span>
                    {{ named(line) }}, {{ much(line) }}
                </span>
                <button type="button" class="quiet small" :aria-label="`Drop ${named(line)}`" @click="drop(line)">Drop</button>
            </li>
        </ul>
        <NSelect
            :value="null"
            :options="options"
            :virtual-scroll="false"
            placeholder="Add accessory work"
            :aria-label="`Add work beside ${stage.name}`"
            @update:value="add"
        />
    </div>
</template>

<style scoped>
.beside {
    display: grid;
    gap: var(--space-small);
}

ul {
    list-style: none;
}

li {
    display: flex;
    justify-content: space-between;
    gap: var(--space-base);
    padding: 2px 0;
}
</style>
