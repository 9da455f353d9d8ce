<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { partWords } from '../domain/words';
import ProblemNote from '../parts/ProblemNote.vue';
import ChangeLine from './ChangeLine.vue';
import SessionLine from './SessionLine.vue';
import type { DoneLines, LineShown } from './useDone';

const props = defineProps<{ id: string; done: DoneLines; leftOut: readonly Schemas['LeftOut'][] }>();
const emit = defineEmits<{ changed: [session: Schemas['Session']] }>();

const open = ref(false);
const changing = shallowRef<Schemas['Block']>();
const problem = shallowRef<Problem>();

function change(of?: Schemas['Block']): void {
    changing.value = of;
    open.value = true;
}

function changed(session: Schemas['Session']): void {
    open.value = false;
    emit('changed', session);
}

async function putBack(line: string): Promise<void> {
    const result = await outcome(
        api.DELETE('/api/v1/athletes/{athlete}/session/changes', { params: { path: { athlete: props.id }, query: { line } } }),
    );
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        emit('changed', result.value);
    }
}

/** In parts, each under its own word. */
const parts = computed(() => {
    const made: { part: Schemas['Block']['part']; lines: LineShown[] }[] = [];
    for (const line of props.done.lines.value) {
        const last = made.at(-1);
        if (last?.part === line.block.part) {
            last.lines.push(line);
        } else {
            made.push({ part: line.block.part, lines: [line] });
        }
    }
    return made;
});
</script>

<template>
    <div class="card lines">
        <p class="heads small dim" aria-hidden="true">
            <span>sets × reps</span>
            <span>last time</span>
            <span>likely</span>
            <span>rest</span>
        </p>
        <section v-for="(part, i) in parts" :key="i" :aria-label="partWords[part.part]">
            <h2>{{ partWords[part.part] }}</h2>
            <ul>
                <SessionLine
                    v-for="(line, n) in part.lines"
                    :id="id"
                    :key="`${line.block.line}${n}`"
                    :shown="line"
                    :active="line.block === done.now.value?.block"
                    @logged="done.add(line.block, $event)"
                    @change="change(line.block)"
                    @put-back="putBack(line.block.line)"
                />
            </ul>
        </section>
        <footer class="no-print">
            <p v-for="one in leftOut" :key="one.line" class="small">
                Left out by hand, {{ one.lasts ? 'from now on' : 'for the next session' }}: {{ one.words }}.
                <button v-if="$may('coach')" type="button" class="quiet small" @click="putBack(one.line)">
                    Put it back
                    <span class="unseen">: {{ one.words }}</span>
                </button>
            </p>
            <ProblemNote v-if="problem" :problem="problem" />
            <NButton v-if="$may('coach')" size="small" @click="change()">Add a line</NButton>
        </footer>
        <ChangeLine :id="id" v-model:open="open" :block="changing" @changed="changed" />
    </div>
</template>

<style scoped>
.lines {
    padding: 0;
}

.heads,
section {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
}

.heads {
    grid-template-columns: 96px minmax(0, 1fr) 72px 64px 40px 104px;
    gap: var(--space-base);
    padding: var(--space-small) var(--space-wide) var(--space-small) 0;
}

.heads span {
    text-align: right;
}

.heads span:first-child {
    grid-column: 1 / 3;
    padding-left: 120px;
    text-align: left;
}

section {
    padding-left: var(--space-wide);
    border-top: 1px solid var(--color-line);
    break-inside: avoid;
}

h2 {
    padding-top: 22px;
    color: var(--color-bark);
    font-size: var(--type-base);
}

ul {
    list-style: none;
}

footer {
    display: grid;
    gap: var(--space-small);
    justify-items: start;
    padding: var(--space-base) var(--space-wide);
    border-top: 1px solid var(--color-line);
}

@media screen and (max-width: 960px) {
    .heads {
        display: none;
    }

    section {
        grid-template-columns: minmax(0, 1fr);
        padding-left: 0;
    }

    h2 {
        padding: var(--space-base) var(--space-base) 0;
    }
}

@media print {
    .heads {
        grid-template-columns: 84px minmax(0, 1fr) 70px 66px 44px;
        padding: 4px 10px;
    }

    .heads span:first-child {
        padding-left: 0;
    }

    section {
        position: relative;
        grid-template-columns: minmax(0, 1fr);
        padding: 0;
    }

    h2 {
        position: absolute;
        top: 4px;
        left: 10px;
        padding: 0;
    }
}
</style>
