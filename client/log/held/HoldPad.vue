<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '../../domain/http';
import { mass, percent, secondsWords, seconds } from '../../domain/units';
import { useCommandQueue } from '../../composables/useCommandQueue';
import { lastTimeWords } from '../counts';
import { useLastTime } from '../useLastTime';
import HangTimer from './HangTimer.vue';

const props = defineProps<{ athleteId: string; rung: Schemas['Rung']; standard: Schemas['Standard']; today: readonly Schemas['Set'][] }>();
const emit = defineEmits<{ logged: [id: string, text: string] }>();

const queue = useCommandQueue();
const lastTime = useLastTime(
    () => props.athleteId,
    () => props.rung.exercise,
);
const done = computed(() =>
    props.today.filter((s) => s.hang_s !== null && s.setup_key === props.rung.key).map((s) => seconds(s.hang_s ?? 0)),
);

async function save({ hang_s }: { hang_s: number }): Promise<boolean> {
    const made = await queue.add(props.athleteId, { purpose: 'work', exercise: props.rung.exercise, hang_s });
    if (made) {
        emit('logged', made.id, `${seconds(hang_s)} hold`);
    }
    return made !== undefined;
}
</script>

<template>
    <section class="card stack" aria-label="Log a set">
        <header class="card-head">
            <div>
                <h2>{{ rung.name }}</h2>
                <p class="small dim">
                    carries {{ mass(rung.carried.carried_kg.mean) }}, {{ percent(rung.carried.share.mean) }} · goal {{ standard.words }}
                    <template v-if="rung.seconds">· {{ secondsWords(rung.seconds) }}</template>
                </p>
                <p v-if="lastTime.value.value?.on" class="small dim">{{ lastTimeWords(lastTime.value.value) }}</p>
            </div>
            <p v-if="done.length > 0" class="done" aria-label="Holds today">{{ done.join('  ') }}</p>
        </header>
        <HangTimer noun="hold" verb="hold" :save="save" />
    </section>
</template>

<style scoped>
.done {
    font-weight: 700;
}
</style>
