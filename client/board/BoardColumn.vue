<script setup lang="ts">
import { computed } from 'vue';
import { askedOf, type WallColumn } from '../domain/floor/board';
import { changeoverWords } from '../domain/floor/changeover';
import { FLOOR, setWords, whatWords } from '../domain/floor/stations';
import { clock } from '../domain/units';

/** One bar, pair of rings or machine, or the floor: who is up, with what and how many, and who is next. */
const props = defineProps<{ column: WallColumn; nowMs: number }>();

const place = computed(() => props.column.place);
const isFloor = computed(() => place.value.id === FLOOR);
const before = computed(() => changeoverWords(place.value.before));
const then = computed(() => changeoverWords(place.value.then));
const waitS = computed(() => {
    const { next } = props.column;
    return next ? Math.max(0, ((next.isNext ? (next.tile.restEndsAt ?? 0) : next.atMs) - props.nowMs) / 1000) : 0;
});
</script>

<template>
    <section :aria-label="place.name">
        <h2>{{ place.name }}</h2>
        <div v-for="entry in column.now" :key="entry.key" class="now">
            <b class="name">{{ entry.tile.athlete.name }}</b>
            <p v-if="before && !isFloor" class="hitch">{{ before }}</p>
            <p v-if="isFloor">{{ whatWords(entry, place) }}, {{ askedOf(entry).figure }} {{ askedOf(entry).unit }}</p>
            <template v-else>
                <p>{{ whatWords(entry, place) }}</p>
                <p class="count">
                    <b>{{ askedOf(entry).figure }}</b>
                    <span>{{ askedOf(entry).unit }},</span>
                    <span>{{ setWords(entry) }}</span>
                </p>
            </template>
        </div>
        <p v-if="column.now.length === 0" class="free">{{ waitS > 0 ? `free, next in ${clock(waitS)}` : 'free' }}</p>
        <div v-if="column.next" class="next">
            <p class="due">
                next
                <span v-if="waitS > 0 && column.now.length > 0" role="timer">in {{ clock(waitS) }}</span>
            </p>
            <b class="name">{{ column.next.tile.athlete.name }}</b>
            <p v-if="then && !isFloor" class="hitch">{{ then }}</p>
            <p v-else>{{ whatWords(column.next, place) }}</p>
        </div>
    </section>
</template>

<style scoped src="./board.css"></style>
