<script setup lang="ts">
import { NButton } from 'naive-ui';
import { shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import { day } from '../domain/units';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useDayOf, useHourOf } from '../composables/useToday';
import TokenForm from './TokenForm.vue';
import { scopeWords } from './words';

type Token = Schemas['Token'];

/** The scripts that were let in, and the way to let one in or out. */
const tokens = useRead(['tokens'], () => outcome(api.GET('/api/v1/tokens')), { kept: false });
const [dayOf, hour] = [useDayOf(), useHourOf()];
const problem = shallowRef<Problem>();
const asking = shallowRef<string>();

async function end(token: string): Promise<void> {
    const result = await outcome(api.DELETE('/api/v1/tokens/{token}', { params: { path: { token } } }));
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        tokens.put(result.value);
        asking.value = undefined;
    }
}

const stands = ({ by, open, expires_at, used_at }: Token): string =>
    [
        `by ${by}`,
        used_at ? `last used ${day(dayOf(used_at))} ${hour(used_at)}` : 'not used yet',
        open ? `until ${day(dayOf(expires_at))}` : 'ended',
    ].join(' · ');
</script>

<template>
    <section class="card stack" aria-label="Scripts">
        <h2>Scripts</h2>
        <p>
            A program of your own reads and logs by a token instead of a sign-in, in the name of who made it and for what you choose. The
            gym’s settings, staff and accounts stay closed to it.
        </p>
        <ReadNote :read="tokens" waits="Looking…" />
        <ProblemNote v-if="problem" :problem="problem" />
        <ul v-if="tokens.value.value?.items.length">
            <li v-for="token in tokens.value.value.items" :key="token.id" :class="{ dim: !token.open }" :aria-label="token.name">
                <div>
                    <strong>{{ token.name }}</strong>
                    <p class="small">{{ token.scopes.map((s) => scopeWords[s]).join(' · ') }}</p>
                    <p class="small dim">{{ stands(token) }}</p>
                </div>
                <template v-if="token.open">
                    <NButton v-if="asking !== token.id" size="small" @click="asking = token.id">End…</NButton>
                    <div v-else class="row">
                        <NButton size="small" type="primary" @click="end(token.id)">End it for good</NButton>
                        <NButton size="small" @click="asking = undefined">Cancel</NButton>
                    </div>
                </template>
            </li>
        </ul>
        <p v-else-if="tokens.value.value" class="dim">No script was let in yet.</p>
        <TokenForm @given="tokens.reload()" />
    </section>
</template>

<style scoped>
ul {
    list-style: none;
}

li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-small);
    padding-block: var(--space-small);
    border-top: 1px solid var(--color-line);
}

li > div:first-child {
    flex: 1 1 220px;
    overflow-wrap: anywhere;
}
</style>
