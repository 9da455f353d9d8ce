<script setup lang="ts">
import type { Schemas } from '../domain/http';

defineProps<{ list: Schemas['ClassList'] }>();
</script>

<template>
    <section class="card none">
        <h2>{{ list.items.length > 0 ? 'No class within a week' : 'No class yet' }}</h2>
        <p>
            A class brings everybody with a tag of it onto one screen, each with the session written for the day: one tap logs a set as
            asked.
        </p>
        <RouterLink class="tap" to="/today/classes">
            {{ list.items.length > 0 ? 'Classes and their days' : 'Make the first class' }}
        </RouterLink>
        <RouterLink v-if="$may('coach')" class="tap" to="/today/classes?new=now">A class that begins now</RouterLink>
        <p class="dim">One athlete alone is logged on their own page, under People.</p>
    </section>
</template>

<style scoped>
.none {
    display: grid;
    gap: 8px;
    max-width: 620px;
    margin: 24px auto;
}
</style>
