<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Schemas } from '../domain/http';
import { day } from '../domain/units';
import { useDayOf } from '../composables/useToday';
import ChipRow from '../parts/ChipRow.vue';
import { roles, roleWords, type Role } from './roles';

const props = defineProps<{ member: Schemas['Member']; own: boolean }>();
const emit = defineEmits<{ role: [role: Role]; again: []; leave: []; endSecondFactor: [] }>();

const dayOf = useDayOf();
const asking = ref(false);
const chips = roles.map((value) => ({ value, label: roleWords[value].name }));
const state = computed(() => {
    const { left_at, invited, seen_at, second_factor } = props.member;
    return left_at
        ? `Left on ${day(dayOf(left_at))}`
        : invited
          ? 'Invited, has not come yet'
          : [seen_at ? `Last seen ${day(dayOf(seen_at))}` : 'Signed in nowhere', ...(second_factor ? ['code by phone'] : [])].join(' · ');
});

function leave(): void {
    asking.value = false;
    emit('leave');
}
</script>

<template>
    <li :aria-label="member.name">
        <div class="who">
            <strong>{{ member.name }}</strong>
            <span class="small dim">{{ member.email }}</span>
            <span class="small">{{ state }}</span>
        </div>
        <ChipRow v-if="!member.left_at" label="Role" :chips="chips" :value="member.role" @pick="emit('role', $event)" />
        <div class="acts">
            <NButton v-if="member.invited || member.left_at" size="small" @click="emit('again')">
                {{ member.left_at ? 'Invite back' : 'Invite again' }}
            </NButton>
            <NButton v-if="member.second_factor && !own" size="small" @click="emit('endSecondFactor')">Phone lost</NButton>
            <NButton v-if="!member.left_at" size="small" quaternary @click="asking = true">Leaves…</NButton>
        </div>
        <div v-if="asking" class="ask small" role="alertdialog" :aria-label="`${member.name} leaves`">
            <p>
                {{ member.name }} is signed out everywhere and can sign in no more. What they logged and decided stays theirs; what waits to
                be decided waits for whoever is left.
            </p>
            <div class="row">
                <NButton size="small" type="primary" @click="leave">
                    {{ member.invited ? 'Withdraw the invitation' : 'End their access' }}
                </NButton>
                <NButton size="small" @click="asking = false">Cancel</NButton>
            </div>
        </div>
    </li>
</template>

<style scoped>
li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto 170px;
    align-items: center;
    gap: var(--space-small) var(--space-wide);
    padding: var(--space-base) 0;
}

li + li {
    border-top: 1px solid var(--color-line);
}

.who {
    display: grid;
    overflow-wrap: anywhere;
}

.acts {
    display: flex;
    flex-wrap: wrap;
    grid-column: 3;
    justify-content: flex-end;
    gap: var(--space-small);
}

.ask {
    display: grid;
    grid-column: 1 / -1;
    gap: var(--space-small);
    padding: var(--space-base);
    background: var(--color-sunk);
    border-radius: var(--radius-small);
}

@media screen and (max-width: 720px) {
    li {
        grid-template-columns: minmax(0, 1fr);
    }

    .acts {
        grid-column: 1;
        justify-content: flex-start;
    }
}
</style>
