<script setup lang="ts">
import { ref } from 'vue';
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import { callWord, decisionWords } from '../domain/words';
import CallMark from '../parts/marks/CallMark.vue';
import PageTurner from '../parts/PageTurner.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useDayOf } from '../composables/useToday';

const props = defineProps<{ athleteId: string }>();

const page = ref(1);
const past = useRead(
    () => ['past-calls', props.athleteId, page.value],
    () =>
        outcome(
            api.GET('/api/v1/athletes/{athlete}/calls', { params: { path: { athlete: props.athleteId }, query: { page: page.value } } }),
        ),
);
const dayOf = useDayOf();
</script>

<template>
    <ReadNote :read="past" waits="Loading the calls…" />
    <p v-if="past.value.value?.items.length === 0" class="dim">No call was decided yet.</p>
    <ul v-else-if="past.value.value" class="past">
        <li v-for="call in past.value.value.items" :key="call.id">
            <span class="small dim">{{ day(dayOf(call.decided_at ?? call.made_at)) }}</span>
            <CallMark :verdict="call.call.verdict" :word="callWord(call.call)" />
            <span>
                {{ decisionWords(call) }}
                <template v-if="call.override_reason">· {{ call.override_reason }}</template>
                <small class="dim">
                    {{ call.call.from.name
                    }}{{ call.call.next && call.call.next.key !== call.call.from.key ? ` → ${call.call.next.name}` : '' }}
                </small>
            </span>
        </li>
    </ul>
    <PageTurner v-model="page" :next="past.value.value?.next_page" back="Later calls" on="Earlier calls" />
</template>

<style scoped>
.past {
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: 84px 112px 1fr;
    align-items: center;
    gap: var(--space-small);
    padding: 4px 0;
    border-bottom: 1px solid var(--color-line);
}

small {
    display: block;
}

@media screen and (max-width: 720px) {
    li {
        grid-template-columns: 84px 1fr;
    }

    li > :last-child {
        grid-column: 1 / -1;
    }
}
</style>
