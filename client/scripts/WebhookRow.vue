<script setup lang="ts">
import { NButton } from 'naive-ui';
import { useClipboard } from '@vueuse/core';
import { ref } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import PageTurner from '../parts/PageTurner.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useDayOf, useHourOf } from '../composables/useToday';
import { cameOf, toldWords } from './words';
import WebhookForm from './WebhookForm.vue';

const props = defineProps<{ webhook: Schemas['Webhook']; keep: (webhook: Schemas['WebhookInput']) => Promise<Problem | undefined> }>();
const emit = defineEmits<{ try: []; end: [] }>();

const [dayOf, hour] = [useDayOf(), useHourOf()];
const { copy, copied } = useClipboard({ legacy: true });
const open = ref<'change' | 'told' | 'end'>();
const toggle = (what: 'change' | 'told' | 'end'): void => void (open.value = open.value === what ? undefined : what);
const page = ref(1);
const deliveries = useRead(
    () => ['deliveries', props.webhook.id, page.value, props.webhook.latest?.id],
    () =>
        outcome(
            api.GET('/api/v1/webhooks/{webhook}/deliveries', {
                params: { path: { webhook: props.webhook.id }, query: { page: page.value } },
            }),
        ),
    { kept: false, previous: true, enabled: () => open.value === 'told' },
);
</script>

<template>
    <li class="stack" :aria-label="webhook.address">
        <div>
            <strong>{{ webhook.address }}</strong>
            <p class="small">{{ webhook.events.map(toldWords).join(' · ') }}</p>
            <p class="small" :class="webhook.latest && !webhook.latest.delivered_at && webhook.latest.tries > 0 ? 'warns' : 'dim'">
                <template v-if="webhook.latest">
                    {{ toldWords(webhook.latest.event) }} {{ day(dayOf(webhook.latest.made_at)) }} {{ hour(webhook.latest.made_at) }}:
                    {{ cameOf(webhook.latest, hour) }}
                </template>
                <template v-else>Told nothing yet</template>
            </p>
        </div>
        <div class="row">
            <NButton size="small" @click="emit('try')">Try it</NButton>
            <NButton size="small" @click="copy(webhook.secret)">{{ copied ? 'Copied' : 'Copy the secret' }}</NButton>
            <NButton size="small" :aria-expanded="open === 'told'" @click="toggle('told')">What it was told</NButton>
            <NButton size="small" :aria-expanded="open === 'change'" @click="toggle('change')">Change…</NButton>
            <NButton size="small" quaternary :aria-expanded="open === 'end'" @click="toggle('end')">End…</NButton>
        </div>
        <WebhookForm v-if="open === 'change'" :present="webhook" :keep="keep" />
        <div v-if="open === 'end'" class="row">
            <p class="small">It is told nothing any more, not even what still waits for it.</p>
            <NButton size="small" type="primary" @click="emit('end')">End it for good</NButton>
            <NButton size="small" @click="open = undefined">Cancel</NButton>
        </div>
        <template v-if="open === 'told'">
            <ReadNote :read="deliveries" waits="Reading…" />
            <p v-if="deliveries.value.value?.items.length === 0" class="small dim">Nothing in the last thirty days.</p>
            <ol v-else class="small">
                <li v-for="one in deliveries.value.value?.items ?? []" :key="one.id">
                    {{ day(dayOf(one.made_at)) }} {{ hour(one.made_at) }} · {{ toldWords(one.event) }} · {{ cameOf(one, hour) }}
                </li>
            </ol>
            <PageTurner v-model="page" :next="deliveries.value.value?.next_page" back="Later" on="Earlier" />
        </template>
    </li>
</template>

<style scoped>
strong {
    overflow-wrap: anywhere;
}

.warns {
    color: var(--color-refer);
    font-weight: 600;
}

ol {
    list-style: none;
}
</style>
