<script setup lang="ts">
import { api, outcome } from '../domain/http';
import { day } from '../domain/units';
import PageHead from '../parts/PageHead.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useDayOf, useHourOf } from '../composables/useToday';

/** The demo sends no mail: what would have been sent stands here. */
const mailbox = useRead(['mailbox'], () => outcome(api.GET('/api/v1/mailbox')));
const [dayOf, hour] = [useDayOf(), useHourOf()];
</script>

<template>
    <PageHead
        title="Mailbox"
        :back="{ to: '/settings', name: 'Settings' }"
        about="The demo sends no mail; its letters are kept here. A gym of your own names its mail server in var/mail.env."
    />
    <ReadNote :read="mailbox" waits="Looking for letters…" />
    <p v-if="mailbox.value.value?.items.length === 0" class="card">No letter yet. Invite somebody under Staff, or forget your password.</p>
    <ul v-else class="stack">
        <li v-for="(letter, i) in mailbox.value.value?.items ?? []" :key="i" class="card">
            <h2>{{ letter.subject }}</h2>
            <p class="small dim">To {{ letter.to }}, {{ day(dayOf(letter.sent_at)) }}, {{ hour(letter.sent_at) }}</p>
            <pre>{{ letter.text }}</pre>
        </li>
    </ul>
</template>

<style scoped>
ul {
    list-style: none;
}

pre {
    margin-top: var(--space-small);
    font: inherit;
    white-space: pre-wrap;
    overflow-wrap: anywhere;
}
</style>
