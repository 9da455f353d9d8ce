<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import SideView from '../draw/SideView.vue';
import type { Exercise } from '../domain/gear';
import type { Schemas } from '../domain/http';
import { chanceWords, intervalText, length, mass, massRange, percent, percentRange, secondsWords } from '../domain/units';
import CautionBox from '../parts/CautionBox.vue';
import WhySteps from '../parts/marks/WhySteps.vue';

const props = defineProps<{ athleteId: string; setup: Schemas['SetupAnswer'] }>();
const emit = defineEmits<{ choose: [exercise: Exercise] }>();

const carried = computed(() => props.setup.rung?.carried);
const rows = computed(() =>
    carried.value && !carried.value.share_range
        ? [
              {
                  name: 'Carried',
                  cells: [carried.value.carried_kg.bottom, carried.value.carried_kg.mean, carried.value.carried_kg.top].map(mass),
              },
              { name: 'Share', cells: [carried.value.share.bottom, carried.value.share.mean, carried.value.share.top].map(percent) },
          ]
        : [],
);

/** Both shares, and what they lead to expect. */
const sureness = computed(() => {
    const { rung } = props.setup;
    if (!rung) {
        return [];
    }
    const { share_range: range, share, share_sd, effective_share } = rung.carried;
    const [low = 0, high = 1] = range ?? [];
    const said = range
        ? `Bounded, not measured: the arms carry anything from ${percent(low)} to ${percent(high)}.`
        : `Carried ${percent(share.mean)} ± ${(100 * share_sd).toFixed(1)} points. Feels like ${percent(effective_share)} on the way up.`;
    return [
        said,
        ...learned(rung),
        ...(rung.prediction ? [`Likely ${intervalText(rung.prediction)} clean.`] : []),
        ...(rung.seconds ? [secondsWords(rung.seconds)] : []),
    ];
});

/** Help that nobody measured, as the athlete's own sets tell it. */
const learned = ({ learned: told }: Schemas['Rung']): string[] =>
    told
        ? [
              `From sets on it: it takes off about ${mass(told.help_kg)} (${massRange(told.help_low80_kg, told.help_high80_kg)}), so the arms carry ${percentRange(told.low80, told.high80)}.`,
          ]
        : [];
const facts = computed(() => {
    const { friction = null, recoil_j = null, lift_off = null, mount = null } = carried.value ?? {};
    return [
        ...(friction === null ? [] : [{ name: 'Grip the heels need', text: friction.toFixed(2) }]),
        ...(mount === null
            ? []
            : [
                  {
                      name: 'To step in',
                      text: `${mount.box_m > 0 ? `box of ${length(mount.box_m)}` : 'from the floor'}, ${mass(mount.hand_kg)} in one hand${mount.partner ? ', a partner holds the band' : ''}`,
                  },
              ]),
        ...(lift_off !== null && lift_off >= 0.001 ? [{ name: 'May lift off', text: chanceWords(lift_off) }] : []),
        ...(recoil_j === null ? [] : [{ name: 'Held at the hang', text: `${Math.round(recoil_j)} J` }]),
    ];
});
</script>

<template>
    <CautionBox v-if="setup.reason" stops role="alert">
        <p>
            <strong>Does not fit.</strong>
            {{ setup.reason }}
        </p>
    </CautionBox>
    <template v-else-if="carried && setup.view">
        <SideView :view="setup.view" :name="setup.name" />
        <table v-if="rows.length > 0" class="travel">
            <thead>
                <tr>
                    <th scope="col"><span class="unseen">Figure</span></th>
                    <th scope="col">Bottom</th>
                    <th scope="col">Mean</th>
                    <th scope="col">Top</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="row in rows" :key="row.name">
                    <th scope="row">{{ row.name }}</th>
                    <td v-for="(cell, i) in row.cells" :key="i">{{ cell }}</td>
                </tr>
            </tbody>
        </table>
        <p v-for="line in sureness" :key="line" class="sureness">{{ line }}</p>
        <CautionBox v-if="setup.safer">
            <p>
                <strong>Not yet.</strong>
                {{ chanceWords(setup.rung?.seconds?.chance['3'] ?? 0) }} to last 3 s; it needs 4 in 5. Lower in a band first:
                {{ setup.safer.name }}.
            </p>
            <NButton v-if="$may('coach')" size="small" @click="emit('choose', setup.safer.exercise)">Put on that</NButton>
        </CautionBox>
        <dl v-if="facts.length > 0" class="facts small">
            <div v-for="fact in facts" :key="fact.name">
                <dt>{{ fact.name }}</dt>
                <dd>{{ fact.text }}</dd>
            </div>
        </dl>
        <CautionBox v-if="carried.warnings.length > 0">
            <ul>
                <li v-for="warning in carried.warnings" :key="warning.code + warning.text">{{ warning.text }}</li>
            </ul>
        </CautionBox>
        <slot />
        <div class="row">
            <NButton
                v-if="setup.exercise.movement !== 'hold' && $may('coach')"
                type="primary"
                size="large"
                :disabled="setup.chosen"
                @click="emit('choose', setup.exercise)"
            >
                {{ setup.chosen ? 'In use' : 'Put on this set-up' }}
            </NButton>
            <RouterLink class="tap print" :to="{ path: `/people/${athleteId}/card`, query: { exercise: JSON.stringify(setup.exercise) } }">
                Print its card
            </RouterLink>
        </div>
        <h2>How it came about</h2>
        <WhySteps v-if="setup.why" :why="setup.why" />
    </template>
</template>

<style scoped>
.travel {
    width: 100%;
    border-collapse: collapse;
}

.travel th,
.travel td {
    padding: 5px 8px;
    text-align: right;
    border-bottom: 1px solid var(--color-line);
}

.travel thead th {
    color: var(--color-dust);
    font-size: var(--type-small);
}

.travel td {
    font-size: var(--type-large);
    font-weight: 600;
}

.travel tbody th {
    text-align: left;
}

.facts {
    display: flex;
    flex-wrap: wrap;
    gap: 4px var(--space-wide);
}

.facts div {
    display: flex;
    gap: 6px;
}

.facts dt {
    color: var(--color-dust);
}

.facts dd {
    font-weight: 600;
}

.sureness {
    font-weight: 600;
}

.print {
    padding: 0 var(--space-small);
    font-weight: 600;
}
</style>
