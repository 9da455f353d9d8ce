<script setup lang="ts">
import PageHead from '../parts/PageHead.vue';
import { useSession } from '../composables/useSession';
import DeviceCard from './DeviceCard.vue';
import ErasureCard from './ErasureCard.vue';
import ExportCard from './ExportCard.vue';
import GymCard from './GymCard.vue';
import HealthCard from './HealthCard.vue';
import NameForm from './NameForm.vue';
import PasswordForm from './PasswordForm.vue';
import RemindersCard from './RemindersCard.vue';
import SecondFactorCard from './SecondFactorCard.vue';
import SessionsCard from './SessionsCard.vue';
import TellsCard from './TellsCard.vue';

const session = useSession();
</script>

<template>
    <PageHead title="Settings" />
    <p v-if="session.me?.demo" class="card demo">
        This is the demo: its people, gear and history are invented. For a gym of your own, stop it and run bin/steady start --empty in a
        fresh folder.
    </p>
    <div class="columns">
        <div v-if="$may('gym')" class="stack">
            <GymCard />
            <TellsCard />
            <HealthCard />
            <ErasureCard />
            <ExportCard v-if="$may('records')" />
        </div>
        <div class="stack">
            <NameForm />
            <RemindersCard v-if="$may('coach')" />
            <PasswordForm :email="session.me?.email ?? ''" />
        </div>
        <div class="stack">
            <SecondFactorCard />
            <SessionsCard />
            <DeviceCard />
        </div>
    </div>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(340px, 100%), 1fr));
    gap: var(--space-wide);
    align-items: start;
}

.demo {
    margin-bottom: var(--space-base);
}
</style>
