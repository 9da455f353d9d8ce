<script setup lang="ts">
/** Tells when it is pressed and when it is let go, under a thumb or the space bar. */
const emit = defineEmits<{ press: []; release: [] }>();
</script>

<template>
    <button
        type="button"
        @pointerdown.prevent="emit('press')"
        @pointerup="emit('release')"
        @pointercancel="emit('release')"
        @keydown.space.prevent="!$event.repeat && emit('press')"
        @keyup.space.prevent="emit('release')"
    >
        <slot />
    </button>
</template>
