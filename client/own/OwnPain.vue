<script setup lang="ts">
import { NButton } from 'naive-ui';
import { ref } from 'vue';
import type { Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import PainDetails from '../log/PainDetails.vue';
import type { PainDraft } from '../log/usePad';
import ProblemNote from '../parts/ProblemNote.vue';
import SidePanel from '../parts/SidePanel.vue';

defineProps<{ busy: boolean; problem: Problem | undefined }>();
const open = defineModel<boolean>('open', { required: true });
const emit = defineEmits<{ tell: [pain: Schemas['Pain']] }>();

const pain = ref<PainDraft>({ place: null, level: null });

function tell(): void {
    const { place, level } = pain.value;
    if (place !== null) {
        emit('tell', { place, level });
    }
}
</script>

<template>
    <SidePanel v-model:open="open" title="It hurts">
        <div class="stack">
            <p>Your coach sees it at once, and your pulling is paused until a licensed clinician has looked at it.</p>
            <ProblemNote v-if="problem" typed :problem="problem" />
            <PainDetails v-model="pain" />
            <NButton type="primary" size="large" block :loading="busy" :disabled="pain.place === null" @click="tell">
                {{ pain.place === null ? 'Say where it hurts' : 'Tell my coach' }}
            </NButton>
        </div>
    </SidePanel>
</template>
