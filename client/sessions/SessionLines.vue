<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { partWords } from '../domain/words';
import ProblemNote from '../parts/ProblemNote.vue';
import ChangeLine from './ChangeLine.vue';
import SessionLine from './SessionLine.vue';

const props = defineProps<{ id: string; blocks: readonly Schemas['Block'][]; leftOut: readonly Schemas['LeftOut'][] }>();
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
        api.DELETE('/api/athletes/{athlete}/session/changes', { params: { path: { athlete: props.id }, query: { line } } }),
    );
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        emit('changed', result.value);
    }
}

/** In parts, each under its own word. */
const parts = computed(() => {
    const made: { part: Schemas['Block']['part']; lines: Schemas['Block'][] }[] = [];
    for (const block of props.blocks) {
        const last = made.at(-1);
        if (last?.part === block.part) {
            last.lines.push(block);
        } else {
            made.push({ part: block.part, lines: [block] });
        }
    }
    return made;
});
</script>

<template>
    <div class="card lines">
        <section v-for="(part, i) in parts" :key="i" :aria-label="partWords[part.part]">
            <h2>{{ partWords[part.part] }}</h2>
            <ul>
                <SessionLine
                    v-for="(block, n) in part.lines"
                    :id="id"
                    :key="`${block.line}${n}`"
                    :block="block"
                    @change="change(block)"
                    @put-back="putBack(block.line)"
                />
            </ul>
        </section>
        <footer class="no-print">
            <p v-for="one in leftOut" :key="one.line" class="small">
                Left out by hand, {{ one.lasts ? 'from now on' : 'for the next session' }}: {{ one.words }}.
                <button type="button" class="quiet small" @click="putBack(one.line)">
                    Put it back
                    <span class="unseen">: {{ one.words }}</span>
                </button>
            </p>
            <ProblemNote v-if="problem" :problem="problem" />
            <NButton size="small" @click="change()">Add a line</NButton>
        </footer>
        <ChangeLine :id="id" v-model:open="open" :block="changing" @changed="changed" />
    </div>
</template>

<style scoped>
.lines {
    padding: 0;
}

section {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr);
    padding: 0 var(--space-wide);
    break-inside: avoid;
}

section + section {
    border-top: 1px solid var(--color-line);
}

h2 {
    padding-top: 15px;
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

@media (max-width: 720px) {
    section {
        grid-template-columns: minmax(0, 1fr);
        padding: 0 var(--space-base);
    }

    h2 {
        padding-top: var(--space-base);
    }
}
</style>
