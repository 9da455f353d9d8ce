<script setup lang="ts">
/** What a page is about, the one way back, and beside it what can be done here. */
defineProps<{ title: string; about?: string | undefined; back?: { to: string; name: string } | undefined }>();
</script>

<template>
    <header class="page-head">
        <div class="names">
            <h1>
                <template v-if="back">
                    <RouterLink :to="back.to">
                        <span aria-hidden="true">‹&nbsp;</span>
                        {{ back.name }}
                    </RouterLink>
                    <span class="dot" aria-hidden="true">·</span>
                </template>
                {{ title }}
            </h1>
            <p v-if="about" class="dim">{{ about }}</p>
        </div>
        <div v-if="$slots.default" class="row no-print"><slot /></div>
    </header>
</template>

<style scoped>
.page-head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-small) var(--space-base);
    min-height: var(--target);
    margin-bottom: var(--space-base);
}

.names {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 2px var(--space-wide);
    min-width: 0;
}

h1 a {
    display: inline-flex;
    align-items: center;
    min-height: var(--target);
    text-decoration: none;
}

.dot {
    margin-inline: 0.25em;
}

h1 a:hover {
    text-decoration: underline;
    text-decoration-thickness: 2px;
    text-underline-offset: 4px;
}

@media screen and (max-width: 720px) {
    h1 {
        font-size: var(--type-wide);
    }
}

@media print {
    h1 a span {
        display: none;
    }
}
</style>
