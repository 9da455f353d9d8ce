<script setup lang="ts">
import { shallowRef } from 'vue';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import WebhookForm from './WebhookForm.vue';
import WebhookRow from './WebhookRow.vue';

/** Who is told what happens in the gym. */
const webhooks = useRead(['webhooks'], () => outcome(api.GET('/api/v1/webhooks')), { kept: false });
const problem = shallowRef<Problem>();

function take(result: Result<Schemas['Webhooks']>): Problem | undefined {
    if (result.ok) {
        webhooks.put(result.value);
    }
    return result.ok ? undefined : result.problem;
}

const of = (webhook: string) => ({ params: { path: { webhook } } });
const keep = async (body: Schemas['WebhookInput']) => take(await outcome(api.PUT('/api/v1/webhooks', { body })));

async function attempt(webhook: string): Promise<void> {
    problem.value = take(await outcome(api.POST('/api/v1/webhooks/{webhook}/try', of(webhook))));
    setTimeout(() => void webhooks.reload(), 2500); // what came of it is known by then, or soon
}

async function end(webhook: string): Promise<void> {
    problem.value = take(await outcome(api.DELETE('/api/v1/webhooks/{webhook}', of(webhook))));
}
</script>

<template>
    <section class="card stack" aria-label="Webhooks">
        <h2>Webhooks</h2>
        <p>
            A program of your own is told at once what happened, by ids alone and signed with its secret; by a token it asks for what it may
            see. What does not arrive is tried again for a day.
        </p>
        <ReadNote :read="webhooks" waits="Looking…" />
        <ProblemNote v-if="problem" :problem="problem" />
        <ul v-if="webhooks.value.value?.items.length">
            <WebhookRow
                v-for="webhook in webhooks.value.value.items"
                :key="webhook.id"
                :webhook="webhook"
                :keep="keep"
                @try="attempt(webhook.id)"
                @end="end(webhook.id)"
            />
        </ul>
        <p v-else-if="webhooks.value.value" class="dim">Nobody is told yet.</p>
        <h3>Tell another address</h3>
        <WebhookForm :keep="keep" />
    </section>
</template>

<style scoped>
ul {
    list-style: none;
}

ul > :deep(li) {
    padding-block: var(--space-small);
    border-top: 1px solid var(--color-line);
}
</style>
