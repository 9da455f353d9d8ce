<script setup lang="ts">
import { keptFor, partWords } from '../domain/kept';

/** What is kept of an athlete and why, as they may read it. */
defineProps<{ years: number | null }>();
</script>

<template>
    <dl>
        <template v-for="part in partWords" :key="part.name">
            <dt>{{ part.name }}</dt>
            <dd>
                {{ part.what }}
                <b>{{ part.why }}</b>
                <span class="small dim">{{ part.who }}</span>
            </dd>
        </template>
        <dt>How long</dt>
        <dd>What was told of health: {{ keptFor(years) }} The rest until it is erased.</dd>
    </dl>
</template>

<style scoped>
dl {
    display: grid;
    grid-template-columns: 130px minmax(0, 1fr);
    margin: 0;
}

dt,
dd {
    margin: 0;
    padding: var(--space-small) 0;
    border-top: 1px solid var(--color-line);
}

dt {
    font-weight: 650;
}

dd b {
    display: block;
    font-weight: 500;
}

@media screen and (max-width: 560px) {
    dl {
        grid-template-columns: minmax(0, 1fr);
    }

    dd {
        padding-top: 0;
        border-top: 0;
    }
}
</style>
