<script setup lang="ts">
import { create } from 'qrcode';
import { computed } from 'vue';

/** An address as a QR code (ISO/IEC 18004), with the quiet zone round it that readers need. */
const props = defineProps<{ address: string; widthPx: number }>();

const QUIET = 4;

const code = computed(() => create(props.address, { errorCorrectionLevel: 'M' }).modules);
const size = computed(() => code.value.size + 2 * QUIET);
const path = computed(() => {
    const { size: n, data } = code.value;
    return Array.from(data, (dark, i) => (dark ? `M${(i % n) + QUIET} ${Math.floor(i / n) + QUIET}h1v1h-1z` : '')).join('');
});
</script>

<template>
    <svg class="qr" :viewBox="`0 0 ${size} ${size}`" :width="widthPx" :height="widthPx" role="img" aria-label="QR code of the link">
        <rect class="light" :width="size" :height="size" />
        <path :d="path" />
    </svg>
</template>

<style scoped>
/* Dark on light wherever it stands: not every reader takes it the other way round. */
.qr {
    color-scheme: light;
    shape-rendering: crispedges;
}

.light {
    fill: white;
}

path {
    fill: black;
}
</style>
