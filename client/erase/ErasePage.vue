<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome, type Schemas } from '../domain/http';
import { partWords } from '../domain/kept';
import type { Problem } from '../domain/problems';
import CautionBox from '../parts/CautionBox.vue';
import FormField from '../parts/FormField.vue';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { fateWords } from './words';

const props = defineProps<{ id: string }>();

const params = { path: { athlete: props.id } };
const ahead = useRead(['erasure', props.id], () => outcome(api.GET('/api/v1/athletes/{athlete}/erasure', { params })));
const groups = computed(() =>
    (['erased', 'nameless', 'kept'] as const)
        .map((fate) => ({ fate, parts: ahead.value.value?.parts.filter((p) => p.fate === fate) ?? [] }))
        .filter((g) => g.parts.length > 0),
);
const typed = ref('');
const busy = ref(false);
const ordered = shallowRef<Schemas['Erasure']>();
const problem = shallowRef<Problem>();
/** Sent again after a lost answer it is the same order. */
const orderId = uuidv7();

async function erase(): Promise<void> {
    busy.value = true;
    const body = { id: orderId, name: typed.value, log: ahead.value.value?.log ?? 'anonymous' };
    const result = await outcome(api.POST('/api/v1/athletes/{athlete}/erasure', { params, body }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    ordered.value = result.ok ? result.value : undefined;
}
</script>

<template>
    <ReadNote :read="ahead" waits="Looking what is kept…" />
    <template v-if="ahead.value.value">
        <PageHead title="erase" :back="{ to: `/people/${id}`, name: ahead.value.value.name }" />
        <section v-if="ordered" class="card stack" role="status">
            <h2>It is being erased</h2>
            <p>
                {{ ahead.value.value.name }} is off the roster, and what is listed below is gone within a minute. Settings, Erasure, says
                when it is done.
            </p>
            <RouterLink class="tap" to="/settings">Settings</RouterLink>
        </section>
        <div v-else class="columns">
            <section class="card stack" aria-label="What would become of what is kept">
                <template v-for="group in groups" :key="group.fate">
                    <h2>{{ fateWords[group.fate] }}</h2>
                    <ul>
                        <li v-for="one in group.parts" :key="one.part">
                            <span>
                                <b>{{ partWords[one.part].name }}</b>
                                <span class="small dim">{{ partWords[one.part].what }}</span>
                            </span>
                            <span>{{ one.rows === 1 ? '1 entry' : `${one.rows} entries` }}</span>
                        </li>
                    </ul>
                </template>
                <p class="small dim">
                    Whether training stays without a name or goes too is settled for the whole gym:
                    <RouterLink to="/settings">Settings, Erasure</RouterLink>
                </p>
            </section>
            <form class="card stack" novalidate @submit.prevent="erase">
                <h2>Erase {{ ahead.value.value.name }}</h2>
                <CautionBox>
                    <p>
                        This cannot be undone, and what was printed, exported or backed up before has it still. If they want what is kept of
                        them, hand it out first:
                        <a :href="`/api/v1/athletes/${id}/export`" download>Export</a>
                    </p>
                </CautionBox>
                <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
                <FormField
                    v-slot="{ inputProps, status }"
                    :label="`Type the name: ${ahead.value.value.name}`"
                    :error="faultText(problem?.faults ?? [], '/name') ?? faultText(problem?.faults ?? [], '/log')"
                >
                    <NInput v-model:value="typed" :status="status" placeholder="" :input-props="{ ...inputProps, autocomplete: 'off' }" />
                </FormField>
                <div>
                    <NButton attr-type="submit" type="error" :loading="busy" :disabled="typed !== ahead.value.value.name">
                        Erase for good
                    </NButton>
                </div>
            </form>
        </div>
    </template>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 400px;
    gap: var(--space-wide);
    align-items: start;
}

ul {
    list-style: none;
}

li {
    display: flex;
    justify-content: space-between;
    gap: var(--space-wide);
    padding: 6px 0;
    border-top: 1px solid var(--color-line);
}

li > span:first-child {
    display: grid;
}

li > span:last-child {
    flex: none;
}

@media screen and (max-width: 960px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
