<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Difference } from '../domain/merge';
import CautionBox from './CautionBox.vue';

/** What another page saved since the form began, and what to do about it. */
const props = defineProps<{ found: readonly Difference[] | undefined; words: (path: string, value: unknown) => string }>();
const emit = defineEmits<{ both: []; theirs: [] }>();

const collides = (one: Difference): boolean => 'mine' in one;
const verb = computed(() => (props.found?.every(collides) ? 'Save mine' : 'Save both'));
</script>

<template>
    <CautionBox v-if="found" role="alert">
        <div class="stack">
            <p>Another window saved this since you began; yours is not saved yet.</p>
            <ul>
                <li v-for="one in found" :key="one.path">
                    <strong>{{ words(one.path, one.theirs) }}</strong>
                    <template v-if="collides(one)">; here: {{ words(one.path, one.mine) }}</template>
                </li>
            </ul>
            <div class="row">
                <NButton @click="emit('both')">{{ verb }}</NButton>
                <NButton @click="emit('theirs')">Take theirs</NButton>
            </div>
        </div>
    </CautionBox>
</template>
