<script setup lang="ts">
import PageHead from '../parts/PageHead.vue';
import TokensCard from './TokensCard.vue';
import WebhooksCard from './WebhooksCard.vue';
</script>

<template>
    <PageHead
        title="Scripts and webhooks"
        :back="{ to: '/settings', name: 'Settings' }"
        about="For programs of your own. What the API takes and answers stands in docs/formats/api.md, with a client of thirty lines."
    />
    <div class="columns">
        <TokensCard />
        <WebhooksCard />
    </div>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(380px, 100%), 1fr));
    gap: var(--space-wide);
    align-items: start;
}
</style>
