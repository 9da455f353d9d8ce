<script setup lang="ts">
import { NButton, NInput } from 'naive-ui';
import { computed, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import ChipRow from '../parts/ChipRow.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import { useLeaving } from '../composables/useLeaving';
import { useSession } from '../composables/useSession';

type Rules = Schemas['HealthRulesInput'];

const session = useSession();
const kept = computed<Rules>(() => ({
    consent: session.me?.consent ?? 'asked',
    consent_words: session.me?.own_words ? session.me.consent_words : null,
    keep_health_years: session.me?.keep_health_years ?? null,
}));
const words = ref(session.me?.consent_words ?? '');
const busy = ref(false);
const saved = ref(false);
const problem = shallowRef<Problem>();
const isOther = computed(() => words.value !== session.me?.consent_words);
useLeaving(() => isOther.value);

const rules: { value: Rules['consent']; label: string }[] = [
    { value: 'not-asked', label: 'Not asked for' },
    { value: 'asked', label: 'Asked for' },
    { value: 'required', label: 'Required' },
];
const ruleWords: Record<Rules['consent'], string> = {
    'not-asked': 'Nobody is asked, and nothing reminds of it.',
    asked: 'The screen asks for it, and a reminder stands until it is there. A screen is taken without it.',
    required: 'No screen is taken without it. Pain is taken down in any case, because it pauses the pulling.',
};
const YEARS = [null, 1, 2, 3, 5, 10].map((years) => ({
    value: String(years),
    label: years === null ? 'For good' : `${years} ${years === 1 ? 'year' : 'years'}`,
    years,
}));

async function settle(change: Partial<Rules>): Promise<void> {
    busy.value = true;
    const result = await outcome(api.PUT('/api/v1/settings/health', { body: { ...kept.value, ...change } }));
    busy.value = false;
    problem.value = result.ok ? undefined : result.problem;
    saved.value = result.ok && 'consent_words' in change;
    if (result.ok) {
        const typed = isOther.value && !('consent_words' in change);
        session.change(result.value);
        words.value = typed ? words.value : result.value.consent_words;
    }
}

const keep = (picked: string): Promise<void> => settle({ keep_health_years: YEARS.find((y) => y.value === picked)?.years ?? null });
</script>

<template>
    <form class="card stack" aria-label="Health and consent" novalidate @submit.prevent="settle({ consent_words: words.trim() || null })">
        <h2>Health and consent</h2>
        <ProblemNote v-if="problem && problem.faults.length === 0" typed :problem="problem" />
        <div>
            <b>Consent to health answers</b>
            <ChipRow label="Consent to health answers" :chips="rules" :value="kept.consent" @pick="settle({ consent: $event })" />
        </div>
        <p class="small dim">{{ ruleWords[kept.consent] }}</p>
        <div>
            <b>Keep what was told of health</b>
            <ChipRow label="Keep what was told of health" :chips="YEARS" :value="String(kept.keep_health_years)" @pick="keep" />
        </div>
        <p v-if="kept.keep_health_years !== null" class="small dim">
            Older answers, pain and symptoms are erased within the hour, and cannot be brought back. The last screen, the last clearing note
            and pain that nobody cleared stay.
        </p>
        <FormField
            v-if="kept.consent !== 'not-asked'"
            v-slot="{ inputProps, status }"
            label="What they agree to"
            hint="Have it read by somebody who knows the law where you are. Who agreed to other words is asked again when it suits."
            :error="faultText(problem?.faults ?? [], '/consent_words')"
        >
            <NInput
                v-model:value="words"
                type="textarea"
                :autosize="{ minRows: 4 }"
                :status="status"
                placeholder=""
                :input-props="{ ...inputProps, maxlength: limits.HealthRulesInput.consent_words.longest }"
            />
        </FormField>
        <div v-if="kept.consent !== 'not-asked'" class="row">
            <NButton attr-type="submit" :loading="busy" :disabled="!isOther">Save the words</NButton>
            <NButton v-if="session.me?.own_words" :loading="busy" @click="settle({ consent_words: null })">Back to the usual words</NButton>
            <span v-if="saved" role="status">Saved.</span>
        </div>
        <RouterLink class="tap" to="/kept">What is kept, and why</RouterLink>
    </form>
</template>
