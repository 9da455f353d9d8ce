<script setup lang="ts">
import { ref } from 'vue';
import type { Problem } from '../domain/problems';
import ProblemNote from '../parts/ProblemNote.vue';

/** What a screen asks for before it shows a class; who uses it may have nothing but arrow keys. */
defineProps<{ problem: Problem | undefined }>();
const emit = defineEmits<{ enter: [code: string] }>();

const LENGTH = 8;
const code = ref('');
const plain = (text: string): string => text.replace(/[^0-9a-z]/gi, '').toUpperCase();
</script>

<template>
    <form class="code" @submit.prevent="emit('enter', plain(code))">
        <h1>Board on the wall</h1>
        <p>The coach finds the code on Today, behind ⋯: Board on the wall.</p>
        <ProblemNote v-if="problem" :problem="problem" />
        <label for="board-code">Code of today</label>
        <input id="board-code" v-model="code" autocomplete="off" autocapitalize="characters" spellcheck="false" maxlength="12" autofocus />
        <button type="submit" :disabled="plain(code).length !== LENGTH">Show the class</button>
    </form>
</template>

<style scoped src="./board.css"></style>
