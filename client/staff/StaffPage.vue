<script setup lang="ts">
import { shallowRef } from 'vue';
import { api, outcome, type Result, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import PageHead from '../parts/PageHead.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import { useRead } from '../composables/useRead';
import { useSession } from '../composables/useSession';
import InviteCard from './InviteCard.vue';
import MemberRow from './MemberRow.vue';
import { roles, roleWords } from './roles';

type Member = Schemas['Member'];
type Role = Member['role'];

/** Who works here, and as what. */
const session = useSession();
const staff = useRead(['staff'], () => outcome(api.GET('/api/v1/staff')));
const problem = shallowRef<Problem>();
const sent = shallowRef<{ name: string; invitation: Schemas['Invitation'] }>();

async function take(answer: Promise<Result<Schemas['Staff']>>): Promise<void> {
    const result = await answer;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        staff.put(result.value);
        await session.reload(); // who changes their own role sees less from then on
    }
}

const of = ({ id }: Member) => ({ params: { path: { member: id } } });
const toRole = (member: Member, role: Role) => take(outcome(api.PUT('/api/v1/staff/{member}/role', { ...of(member), body: { role } })));
const leave = (member: Member) => take(outcome(api.DELETE('/api/v1/staff/{member}', of(member))));
const endSecondFactor = (member: Member) => take(outcome(api.DELETE('/api/v1/staff/{member}/second-factor', of(member))));

async function invite(body: Schemas['InvitationInput']): Promise<Problem | undefined> {
    const result = await outcome(api.POST('/api/v1/staff', { body }));
    if (!result.ok) {
        return result.problem;
    }
    sent.value = { name: body.name, invitation: result.value };
    await staff.reload();
    return undefined;
}

async function again({ id, name, email, role }: Member): Promise<void> {
    problem.value = await invite({ id, name, email, role });
}
</script>

<template>
    <PageHead title="Staff" :back="{ to: '/settings', name: 'Settings' }" about="Who works here, and what each of them may do." />
    <ProblemNote v-if="problem" :problem="problem" />
    <div class="columns">
        <section class="card" aria-label="Who works here">
            <ReadNote :read="staff" waits="Looking who works here…" />
            <ul>
                <MemberRow
                    v-for="member in staff.value.value?.items ?? []"
                    :key="member.id"
                    :member="member"
                    :own="member.id === session.coachId"
                    @role="toRole(member, $event)"
                    @again="again(member)"
                    @leave="leave(member)"
                    @end-second-factor="endSecondFactor(member)"
                />
            </ul>
        </section>
        <div class="stack">
            <InviteCard :invite="invite" :sent="sent" />
            <dl class="card small">
                <template v-for="role in roles" :key="role">
                    <dt>{{ roleWords[role].name }}</dt>
                    <dd>{{ roleWords[role].may }}</dd>
                </template>
            </dl>
        </div>
    </div>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 380px;
    gap: var(--space-wide);
    align-items: start;
}

ul {
    list-style: none;
}

dt {
    font-weight: 650;
}

dd + dt {
    margin-top: var(--space-small);
}

@media screen and (max-width: 960px) {
    .columns {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
