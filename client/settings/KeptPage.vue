<script setup lang="ts">
import { NButton } from 'naive-ui';
import KeptList from '../consent/KeptList.vue';
import PageHead from '../parts/PageHead.vue';
import { useSession } from '../composables/useSession';

const session = useSession();
const printPage = (): void => window.print();
</script>

<template>
    <PageHead title="What is kept, and why" :about="session.me?.gym_name"><NButton @click="printPage">Print</NButton></PageHead>
    <div class="card stack sheet">
        <p>Of each athlete. It leaves the gym’s own machine only where somebody here exports it or gives out a link; both are noted.</p>
        <KeptList :years="session.me?.keep_health_years ?? null" />
        <template v-if="session.me && session.me.consent !== 'not-asked'">
            <h2>What is agreed to</h2>
            <p class="as-typed">{{ session.me.consent_words }}</p>
        </template>
        <h2>What an athlete may ask for</h2>
        <p>
            To see it: on their own page, by the link their coach gives them. To have it handed out, to take consent back, and to have it
            erased: from a coach, on their page, More. Under 18 their guardian asks for them.
        </p>
    </div>
</template>

<style scoped>
.sheet {
    max-width: 820px;
}

@media print {
    .sheet {
        max-width: none;
        border: 0;
    }
}
</style>
