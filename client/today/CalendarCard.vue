<script setup lang="ts">
import { NButton } from 'naive-ui';
import { useClipboard } from '@vueuse/core';
import { v7 as uuidv7 } from 'uuid';
import { computed, ref, shallowRef } from 'vue';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import ProblemNote from '../parts/ProblemNote.vue';
import { useRead } from '../composables/useRead';

/** The classes in anybody's own calendar: once as a file, or by an address that the calendar asks by itself. */
const calendar = useRead(['class-calendar'], () => outcome(api.GET('/api/v1/class-calendar')), { kept: false });
const address = computed(() => (calendar.value.value?.path ? `${location.origin}${calendar.value.value.path}` : undefined));
const clipboard = useClipboard({ legacy: true });
const busy = ref(false);
const problem = shallowRef<Problem>();
let nextId = uuidv7();

async function settle(answer: Promise<Result<Schemas['ClassCalendar']>>): Promise<void> {
    busy.value = true;
    const result = await answer;
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        nextId = uuidv7();
        calendar.put(result.value);
    }
}

const give = (): Promise<void> => settle(outcome(api.PUT('/api/v1/class-calendar', { body: { id: nextId } })));
const end = (): Promise<void> => settle(outcome(api.DELETE('/api/v1/class-calendar')));
</script>

<template>
    <section class="card stack" aria-label="In a calendar">
        <h2>In a calendar</h2>
        <ProblemNote v-if="problem" :problem="problem" />
        <template v-if="address">
            <p>
                Whoever has this address sees the names and hours of the classes, and nobody’s name. Subscribe to it in a calendar program;
                it asks again by itself.
            </p>
            <p class="address">{{ address }}</p>
        </template>
        <div class="row">
            <NButton v-if="address" @click="clipboard.copy(address)">{{ clipboard.copied.value ? 'Copied' : 'Copy the address' }}</NButton>
            <NButton v-else-if="calendar.value.value" :loading="busy" @click="give">Give out an address</NButton>
            <NButton v-if="address" quaternary :loading="busy" @click="give">A new one; this one ends</NButton>
            <NButton v-if="address" quaternary :loading="busy" @click="end">End it</NButton>
            <a class="tap" href="/api/v1/classes.ics" download>As a file</a>
        </div>
    </section>
</template>

<style scoped>
.address {
    overflow-wrap: anywhere;
    font-size: var(--type-small);
}
</style>
