<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { api, outcome } from '../domain/http';
import { day, percent } from '../domain/units';
import { conditionWords, limitWords, outcomeWords, overheadWords, painWords } from '../domain/words';
import PageHead from '../parts/PageHead.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useDayOf, useHourOf } from '../composables/useToday';

const props = defineProps<{ id: string }>();

const [dayOf, hour] = [useDayOf(), useHourOf()];

const path = computed(() => ({ athlete: props.id }));
const athlete = useRead(['athlete', props.id], () => outcome(api.GET('/api/v1/athletes/{athlete}', { params: { path: path.value } })));
const screens = useRead(
    ['screens', props.id],
    () => outcome(api.GET('/api/v1/athletes/{athlete}/screenings', { params: { path: path.value } })),
    { kept: false },
);
const opened = ref<string>();
/** Answers stay off the device; asking for them is kept on the server. */
const one = useRead(
    () => ['screen', props.id, opened.value],
    () =>
        outcome(
            api.GET('/api/v1/athletes/{athlete}/screenings/{screening}', {
                params: { path: { ...path.value, screening: opened.value ?? '' } },
            }),
        ),
    { kept: false, enabled: () => opened.value !== undefined },
);
const answers = computed(() => {
    const a = one.value.value?.answers;
    if (!a) {
        return [];
    }
    const yes = (is: boolean | undefined): string => (is ? 'yes' : 'no');
    return [
        { name: 'Arms overhead', text: overheadWords[a.overhead] },
        { name: 'Pain', text: a.pain ? painWords(a.pain) : 'none' },
        { name: 'Numbness', text: yes(a.numb) },
        { name: 'Recent injury', text: yes(a.injured) },
        { name: 'Uneasy at height', text: yes(a.uneasy) },
        { name: 'Under 18', text: (a.under_18 ?? 'no').replace('-', ' ') },
        { name: 'Conditions', text: (a.conditions ?? []).map((c) => conditionWords[c]).join(', ') || 'none' },
        ...((a.conditions ?? []).length > 0 ? [{ name: 'Cleared by a clinician', text: yes(a.cleared) }] : []),
        ...((a.further ?? []).length > 0 ? [{ name: 'Further limits', text: (a.further ?? []).map((l) => limitWords[l]).join(', ') }] : []),
        ...(a.most_share ? [{ name: 'At most', text: `${percent(a.most_share)} of bodyweight` }] : []),
        ...(a.note ? [{ name: 'Note', text: a.note }] : []),
    ];
});
</script>

<template>
    <ReadNote :read="screens" waits="Loading the screens…" />
    <template v-if="screens.value.value">
        <PageHead title="screens" :back="{ to: `/people/${id}`, name: athlete.value.value?.name ?? 'Athlete' }" />
        <p v-if="screens.value.value.items.length === 0" class="card">Not screened yet. The screen is taken on the athlete’s page.</p>
        <div v-else class="columns">
            <ul class="card list">
                <li v-for="s in screens.value.value.items" :key="s.id">
                    <div>
                        <strong>{{ outcomeWords[s.outcome] }}</strong>
                        <p class="small dim">
                            {{ day(s.on) }}, by {{ s.by }}. Answers seen {{ s.looks === 1 ? 'once' : `${s.looks} times` }}.
                        </p>
                    </div>
                    <NButton size="large" :aria-pressed="opened === s.id" @click="opened = s.id">See the answers</NButton>
                </li>
            </ul>
            <section class="card stack" aria-label="Answers">
                <p v-if="opened === undefined" class="small dim">
                    Answers are private: only coaches of this gym see them, and each look is kept with a name.
                </p>
                <ReadNote v-else :read="one" waits="Opening…" />
                <template v-if="one.value.value">
                    <h2>{{ day(one.value.value.screen.on) }}: {{ outcomeWords[one.value.value.screen.outcome] }}</h2>
                    <ul v-if="one.value.value.reasons.length > 0">
                        <li v-for="r in one.value.value.reasons" :key="r">{{ r }}</li>
                    </ul>
                    <dl>
                        <div v-for="a in answers" :key="a.name">
                            <dt>{{ a.name }}</dt>
                            <dd>{{ a.text }}</dd>
                        </div>
                    </dl>
                    <details class="small">
                        <summary>Who looked</summary>
                        <p v-for="look in one.value.value.looks" :key="look.at">
                            {{ look.by }}, {{ day(dayOf(look.at)) }}, {{ hour(look.at) }}
                        </p>
                    </details>
                </template>
            </section>
        </div>
    </template>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: minmax(0, 420px) minmax(0, 1fr);
    gap: var(--space-wide);
    align-items: start;
}

.list {
    list-style: none;
}

.list li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-small);
    padding: var(--space-small) 0;
    border-bottom: 1px solid var(--color-line);
}

dl div {
    display: grid;
    grid-template-columns: 180px 1fr;
    padding: 4px 0;
    border-bottom: 1px solid var(--color-line);
}

dt {
    color: var(--color-dust);
}

section ul {
    padding-left: 18px;
}

@media screen and (max-width: 960px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
