<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../domain/http';
import { day, percent } from '../domain/units';
import { limitWords, outcomeWords } from '../domain/words';

const props = defineProps<{ screen: Schemas['ScreenStanding']; whole?: boolean }>();

const allowed = computed(() => {
    const { limits, most_share: most } = props.screen;
    const barred = limits.map((l) => limitWords[l as keyof typeof limitWords].toLowerCase());
    return [...barred, ...(most === null ? [] : [`at most ${percent(most)} of bodyweight`])].join(', ');
});
const barred = computed(() => props.screen.outcome === 'not-yet' || props.screen.outcome === 'refer');
</script>

<template>
    <div class="standing" :class="{ barred }">
        <p v-if="screen.outcome && screen.on">
            <strong>{{ outcomeWords[screen.outcome] }}</strong>
            <template v-if="allowed">: {{ allowed }}.</template>
            {{ ' ' }}
            <span class="small dim">Screened {{ day(screen.on) }}.</span>
        </p>
        <p v-if="screen.due" class="due">{{ screen.due }}</p>
        <template v-if="screen.mobility.length > 0">
            <p class="small">
                {{ barred ? 'Until then nothing is loaded. ' : '' }}Mobility two or three times a week, never into pain; screen again in two
                weeks.
            </p>
            <ul v-if="whole" class="small">
                <li v-for="m in screen.mobility" :key="m.name">
                    <strong>{{ m.name }}</strong>
                    , {{ m.dose }}. {{ m.cue }}
                </li>
            </ul>
            <details v-else class="small">
                <summary>The mobility plan</summary>
                <ul>
                    <li v-for="m in screen.mobility" :key="m.name">
                        <strong>{{ m.name }}</strong>
                        , {{ m.dose }}. {{ m.cue }}
                    </li>
                </ul>
            </details>
        </template>
    </div>
</template>

<style scoped>
.standing {
    display: grid;
    gap: var(--space-hair);
}

.barred strong:first-child {
    color: var(--color-refer);
}

.due {
    color: var(--color-down);
    font-weight: 600;
}

ul {
    display: grid;
    gap: 4px;
    padding-left: 18px;
}
</style>
