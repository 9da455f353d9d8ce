<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref, shallowRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { serverTime } from '../domain/clock';
import { api, outcome, type Schemas } from '../domain/http';
import { refusalWords, type Problem } from '../domain/problems';
import { day } from '../domain/units';
import { useHourOf } from '../composables/useToday';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useCommandQueue } from '../composables/useCommandQueue';
import { useRead } from '../composables/useRead';
import CalendarCard from './CalendarCard.vue';
import ClassForm from './ClassForm.vue';

type GymClass = Schemas['Class'];

const classes = useRead(['classes'], () => outcome(api.GET('/api/v1/classes')));
const route = useRoute();
const router = useRouter();
const hour = useHourOf();
/** When a class is made that begins at once. */
const now = ref<string>();
const editing = ref<GymClass | 'new'>();
const problem = shallowRef<Problem>();
const queue = useCommandQueue();
/** Made on this device, and not yet known to the server. */
const waiting = computed(() =>
    queue.waiting.flatMap(({ id, command, problem }) =>
        'class' in command && !classes.value.value?.items.some((one) => one.id === id)
            ? [{ ...command.class, tags: command.class.tags ?? [], problem }]
            : [],
    ),
);
/** When it is held and who comes. */
const pattern = (one: Pick<GymClass, 'weekly' | 'first_on' | 'at' | 'minutes'>): string =>
    `${one.weekly ? `Every ${weekday(one.first_on)}` : `Once, on ${day(one.first_on)}`} at ${one.at}, ${one.minutes} min`;
const weekday = (on: string): string => new Date(`${on}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'long' });

async function end(one: GymClass): Promise<void> {
    const result = await outcome(api.DELETE('/api/v1/classes/{class}', { params: { path: { class: one.id } } }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        classes.put(result.value);
    }
}

function make(atOnce: boolean): void {
    now.value = atOnce ? hour(serverTime.nowMs()) : undefined;
    editing.value = 'new';
}
if (route.query['new'] === 'now') {
    make(true);
}

function saved(list: Schemas['ClassList'] | undefined): void {
    if (list) {
        classes.put(list);
    }
    editing.value = undefined;
    if (now.value !== undefined) {
        void router.push('/today');
    }
}
</script>

<template>
    <PageHead title="classes" :back="{ to: '/today', name: 'Today' }">
        <NButton v-if="$may('coach')" @click="make(true)">Class now</NButton>
        <NButton v-if="$may('coach')" type="primary" @click="make(false)">Make a class</NButton>
    </PageHead>
    <ReadNote :read="classes" waits="Looking for classes…" />
    <ProblemNote v-if="problem" :problem="problem" />
    <div v-if="classes.value.value" class="stack">
        <ClassForm
            v-if="editing === 'new'"
            :key="now ?? ''"
            :now="now"
            :tags="classes.value.value.tags"
            :today="classes.value.value.today"
            @saved="saved"
            @cancel="editing = undefined"
        />
        <template v-for="one in classes.value.value.items" :key="one.id">
            <ClassForm
                v-if="editing !== 'new' && editing?.id === one.id"
                :of="one"
                :tags="classes.value.value.tags"
                :today="classes.value.value.today"
                @saved="saved"
                @cancel="editing = undefined"
            />
            <section v-else class="card one">
                <div>
                    <h2>{{ one.name }}</h2>
                    <p>{{ pattern(one) }}</p>
                    <p class="small dim">
                        {{
                            one.tags.length > 0 ? `Who has the tag ${one.tags.join(' or ')} comes.` : 'Nobody comes by tag: walk-ins only.'
                        }}
                        <template v-if="one.next.length > 0">Next: {{ one.next.map(day).join(', ') }}.</template>
                        <template v-if="one.weekly && one.last_on">Until {{ day(one.last_on) }}.</template>
                    </p>
                </div>
                <div v-if="$may('coach')" class="row">
                    <NButton @click="editing = one">Change</NButton>
                    <NButton quaternary @click="end(one)">End it</NButton>
                </div>
            </section>
        </template>
        <section v-for="one in waiting" :key="one.id" class="card one">
            <div>
                <h2>{{ one.name }}</h2>
                <p>{{ pattern({ ...one, weekly: one.weekly ?? false }) }}</p>
                <p v-if="one.problem" role="alert">{{ refusalWords(one.problem) }}</p>
                <p v-else class="small dim">Kept on this device. Its sessions are written when the server answers.</p>
            </div>
            <NButton quaternary @click="queue.drop(one.id)">Drop it</NButton>
        </section>
        <p v-if="classes.value.value.items.length + waiting.length === 0 && editing !== 'new'" class="card dim">
            {{ $may('coach') ? 'No class yet. Make one, give it a tag that your athletes have, and it is on Today.' : 'No class yet.' }}
        </p>
        <CalendarCard v-if="$may('coach') && classes.value.value.items.length > 0" />
    </div>
</template>

<style scoped>
.one {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 12px;
}
</style>
