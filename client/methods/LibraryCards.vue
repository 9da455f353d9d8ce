<script setup lang="ts">
import ReadNote from '../parts/ReadNote.vue';
import { useLibrary } from '../composables/useLibrary';

const library = useLibrary();
const range = ([low, high]: readonly number[]): string => (low === high ? String(low) : `${low}–${high}`);
const TIERS = { beginner: 'Beginner', intermediate: 'Intermediate', advanced: 'Advanced' } as const;
</script>

<template>
    <ReadNote :read="library" waits="Loading what goes with any method…" />
    <div v-if="library.value.value" class="cards">
        <section class="card builders">
            <h2>After the first rep</h2>
            <p class="small dim">
                Stand in the place of strict work for some weeks, with any method. Put somebody on one under “Change stage”.
            </p>
            <ul>
                <li v-for="b in library.value.value.builders" :key="b.key">
                    <strong>{{ b.name }}</strong>
                    <span class="small dim">from {{ b.from_reps }} strict, {{ range(b.weeks) }} weeks</span>
                    <span class="small">{{ b.idea }}</span>
                    <span class="small what">{{ b.lines.join(' · ') }}</span>
                    <span v-if="b.tires" class="small warn">Work that tires the arms first: not for newcomers.</span>
                </li>
            </ul>
        </section>
        <div class="side">
            <section class="card">
                <h2>High-rep classes</h2>
                <p class="small dim">What to do by the reps a set wants. For one athlete: “Any set-up” on their page.</p>
                <ul class="two small">
                    <li v-for="v in library.value.value.variations" :key="v.key">
                        <strong>{{ range(v.reps) }}</strong>
                        <span>{{ v.note ? `${v.name}. ${v.note}` : v.name }}</span>
                    </li>
                </ul>
            </section>
            <section class="card">
                <h2>Grip and trunk</h2>
                <ul class="two small">
                    <li v-for="g in library.value.value.grip" :key="g.tier">
                        <strong>{{ g.from_s }}–{{ g.to_s }} s</strong>
                        <span>hang, {{ TIERS[g.tier].toLowerCase() }}</span>
                    </li>
                </ul>
                <ol class="small">
                    <li v-for="rung in library.value.value.trunk" :key="rung">{{ rung }}</li>
                </ol>
                <p class="small dim">Trunk: each for 60 s at the end of the session, then the next.</p>
            </section>
        </div>
    </div>
</template>

<style scoped src="../sessions/side.css"></style>

<style scoped>
.cards {
    display: grid;
    grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
    gap: var(--space-base);
    align-items: start;
    margin-top: var(--space-base);
}

ul {
    list-style: none;
}

ol {
    padding-left: 20px;
}

.builders li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 var(--space-base);
    padding: 8px 0;
    border-top: 1px solid var(--color-sunk);
}

.builders li > :nth-child(n + 3) {
    grid-column: 1 / -1;
}

.what {
    color: var(--color-bark);
}

.warn {
    color: var(--color-refer);
    font-weight: 600;
}

.two li {
    display: grid;
    grid-template-columns: 74px minmax(0, 1fr);
    padding: 3px 0;
}

@media screen and (max-width: 960px) {
    .cards {
        grid-template-columns: minmax(0, 1fr);
    }
}
</style>
