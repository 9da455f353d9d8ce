<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { watchDebounced } from '@vueuse/core';
import { computed, ref, useTemplateRef } from 'vue';
import { useRouter } from 'vue-router';
import type { paths } from '../domain/api.gen';
import { api, outcome } from '../domain/http';
import PageHead from '../parts/PageHead.vue';
import PageTurner from '../parts/PageTurner.vue';
import ReadNote from '../parts/ReadNote.vue';
import SelectFilter from '../parts/SelectFilter.vue';
import { useAddress } from '../composables/useAddress';
import { useKeys } from '../composables/useKeys';
import { useRead } from '../composables/useRead';
import RosterTable from './RosterTable.vue';

type Query = NonNullable<paths['/api/v1/athletes']['get']['parameters']['query']>;
type Order = NonNullable<Query['order']>;
type Show = NonNullable<Query['show']>;

const SETTLE_MS = 200;

const router = useRouter();
const address = useAddress({ page: '1', search: '', tag: '', order: 'call', show: 'all' });
const typed = ref(address.value.search);
const page = computed({ get: () => Number(address.value.page) || 1, set: (n) => address.set({ page: String(n) }) });
const roster = useRead(
    () => ['roster', { ...address.value }],
    () =>
        outcome(
            api.GET('/api/v1/athletes', {
                params: {
                    query: {
                        page: page.value,
                        ...(address.value.search.trim() && { search: address.value.search.trim() }),
                        ...(address.value.tag && { tag: address.value.tag }),
                        order: address.value.order as Order,
                        ...(address.value.show !== 'all' && { show: address.value.show as Show }),
                    },
                },
            }),
        ),
    { previous: true },
);
watchDebounced(typed, (search) => address.set({ search, page: '1' }), { debounce: SETTLE_MS });

const people = computed(() => roster.value.value?.items ?? []);
const tags = computed(() => (roster.value.value?.tags ?? []).map((tag) => ({ value: tag, label: tag })));
const orders = [
    { value: 'call', label: 'By call' },
    { value: 'name', label: 'By name' },
    { value: 'last-session', label: 'By last session' },
    { value: 'stage', label: 'By stage' },
];
const shows = [
    { value: 'all', label: 'Everybody' },
    { value: 'overdue', label: 'Overdue' },
    { value: 'paused', label: 'Paused' },
    { value: 'archived', label: 'Archived' },
];
const narrowed = computed(() => Boolean(address.value.search.trim() || address.value.tag || address.value.show !== 'all'));

const box = useTemplateRef('box');
useKeys((key) => {
    if (key !== '/') {
        return false;
    }
    box.value?.focus();
    return true;
});

function key({ key }: KeyboardEvent): void {
    if (key === 'Enter') {
        void open();
    } else if (key === 'Escape') {
        typed.value = '';
    }
}

/** The only hit is opened. */
async function open(): Promise<void> {
    address.set({ search: typed.value, page: '1' });
    const found = await outcome(api.GET('/api/v1/athletes', { params: { query: { search: typed.value.trim() } } }));
    const only = found.ok && found.value.items.length === 1 ? found.value.items[0] : undefined;
    if (only && typed.value.trim()) {
        await router.push(`/people/${only.id}`);
    }
}
</script>

<template>
    <PageHead title="People">
        <NInput
            ref="box"
            v-model:value="typed"
            class="find"
            clearable
            placeholder="Find by name ( / )"
            :input-props="{ 'aria-label': 'Find by name', maxlength: 80 }"
            @keydown="key"
        />
        <SelectFilter
            v-if="tags.length > 0"
            label="Class"
            none="All classes"
            :options="tags"
            :value="address.value.tag"
            @pick="address.set({ tag: $event, page: '1' })"
        />
        <SelectFilter label="Sorted" :options="orders" :value="address.value.order" @pick="address.set({ order: $event, page: '1' })" />
        <SelectFilter label="Shown" :options="shows" :value="address.value.show" @pick="address.set({ show: $event, page: '1' })" />
        <NButton @click="router.push('/log')">Log</NButton>
        <NButton @click="router.push('/reports')">Reports</NButton>
        <NButton v-if="$may('records')" @click="router.push('/imports')">Bring in</NButton>
        <NButton @click="router.push({ path: '/cards', query: address.value.tag ? { tag: address.value.tag } : {} })">Cards</NButton>
        <NButton v-if="$may('coach')" type="primary" @click="router.push('/people/new')">Add an athlete</NButton>
    </PageHead>
    <ReadNote :read="roster" waits="Loading the people…" />
    <div v-if="roster.value.value && people.length === 0" class="card stack">
        <p v-if="narrowed">
            {{ address.value.search.trim() ? `Nobody here is called “${address.value.search.trim()}”.` : 'Nobody here.' }}
        </p>
        <template v-else>
            <h2>No athletes yet</h2>
            <p v-if="$may('coach')">Add the first one: name, bodyweight and height are enough to see every set-up in kilograms.</p>
        </template>
    </div>
    <RosterTable v-else-if="people.length > 0" :people="people" />
    <PageTurner v-model="page" :next="roster.value.value?.next_page" back="Earlier names" on="Later names" />
</template>

<style scoped>
.find {
    width: 200px;
}

@media screen and (max-width: 1100px) {
    .find {
        width: 150px;
    }
}

@media screen and (max-width: 720px) {
    .find {
        width: calc(50vw - 24px);
    }
}
</style>
