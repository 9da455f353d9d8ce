<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Schemas } from '../domain/http';

/** A line of the session being logged set by set: a tap opens it, and it closes after the last set. */
const props = defineProps<{ block: Schemas['Block']; done: number }>();

const open = ref(false);
const words = computed(() => (props.done === 0 ? 'Log it' : `${props.done} of ${props.block.sets} logged`));
watch(
    () => props.done,
    (done) => (open.value = done < props.block.sets),
);
</script>

<template>
    <div class="no-print">
        <button v-if="!open" type="button" class="quiet small" @click="open = true">
            {{ words }}
            <span class="unseen">: {{ block.name }}</span>
        </button>
        <slot v-else />
    </div>
</template>

<style scoped>
/* A mouse needs no thumb's width. */
@media (min-width: 721px) and (pointer: fine) {
    button {
        min-height: 28px;
    }
}
</style>
