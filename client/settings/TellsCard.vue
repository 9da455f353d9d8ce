<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import type { Problem } from '../domain/problems';
import CautionBox from '../parts/CautionBox.vue';
import ManyChips from '../parts/ManyChips.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useSession } from '../composables/useSession';

type Tell = Schemas['Me']['athletes_tell'][number];

const session = useSession();
const words: Record<Tell, string> = {
    sets: 'Sets they did by themselves',
    pain: 'That it hurts',
    soreness: 'How sore they are',
    coming: 'Whether they come',
};
const busy = ref(false);
const problem = shallowRef<Problem>();

async function settle(tells: Tell[]): Promise<void> {
    busy.value = true;
    const result = await outcome(api.PUT('/api/v1/settings/athletes-tell', { body: { tells } }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    if (result.ok) {
        session.change(result.value);
    }
}

const tells = computed({ get: () => session.me?.athletes_tell ?? [], set: (now) => void settle(now) });
</script>

<template>
    <section class="card stack" aria-label="What athletes may tell" :aria-busy="busy">
        <h2>What athletes may tell</h2>
        <p>On their own page, which opens by the link you give them: on their page, More, Own page.</p>
        <ProblemNote v-if="problem" :problem="problem" />
        <ManyChips v-model="tells" label="What athletes may tell" :words="words" />
        <p class="small dim">
            A set that nobody saw says less of strength than one that was seen, and meets no gate; it counts for the caps of the week.
        </p>
        <CautionBox v-if="!tells.includes('pain')" class="small">
            They cannot say here that it hurts. Ask them before each session.
        </CautionBox>
    </section>
</template>
