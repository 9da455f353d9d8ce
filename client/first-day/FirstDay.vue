<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { api, outcome } from '../domain/http';
import { useRead } from '../composables/useRead';
import UsualGear from './UsualGear.vue';

/** From an empty gym to the first session: four steps, each opening the next; nothing once they are done. */
const router = useRouter();
const read = useRead(['first-steps'], () => outcome(api.GET('/api/v1/first-steps')));
const state = computed(() => read.value.value);
const steps = computed(() => {
    const now = state.value;
    const page = now?.athlete ? `/people/${now.athlete.id}` : '';
    const name = now?.athlete?.name ?? 'them';
    return now
        ? [
              {
                  key: 'gear',
                  name: 'Gear',
                  done: now.gear,
                  why: 'A bar, and what helps: bands, a box, rings. Every load is worked out from them.',
              },
              {
                  key: 'athlete',
                  name: 'An athlete',
                  done: now.athlete !== null,
                  why: 'Name, bodyweight and height are enough.',
                  to: '/people/new',
                  verb: 'Add an athlete',
              },
              {
                  key: 'baseline',
                  name: 'Screen and baseline',
                  done: now.screened && now.baseline,
                  why: `Two questions before ${name} is loaded, then about twenty minutes that tell how strong they are.`,
                  to: page,
                  verb: now.screened ? 'Log the baseline' : 'Begin with the screen',
              },
              {
                  key: 'session',
                  name: 'The first session',
                  done: now.session,
                  why: 'Written from the baseline. After its sets the call for next time stands on their page.',
                  to: `${page}/session`,
                  verb: 'See the session',
              },
          ]
        : [];
});
const at = computed(() => steps.value.findIndex((s) => !s.done));
</script>

<template>
    <section v-if="at >= 0" class="card first" aria-label="The first day">
        <h2>From here to the first session</h2>
        <ol>
            <li
                v-for="(step, i) in steps"
                :key="step.key"
                :class="{ done: step.done, now: i === at }"
                :aria-current="i === at ? 'step' : undefined"
            >
                <span class="number" aria-hidden="true">{{ step.done ? '✓' : i + 1 }}</span>
                <div class="what">
                    <h3>
                        {{ step.name }}
                        <span v-if="step.done" class="unseen">: done</span>
                    </h3>
                    <template v-if="i === at || (step.key === 'gear' && at === 1)">
                        <p>{{ step.why }}</p>
                        <UsualGear v-if="step.key === 'gear' && state" :usual="state" @added="read.reload" />
                        <NButton v-else-if="step.to" type="primary" @click="router.push(step.to)">{{ step.verb }}</NButton>
                    </template>
                </div>
            </li>
        </ol>
    </section>
</template>

<style scoped>
.first {
    display: grid;
    gap: var(--space-base);
    width: min(620px, 100%);
    margin: var(--space-wide) auto;
}

ol {
    display: grid;
    gap: var(--space-base);
    list-style: none;
}

li {
    display: grid;
    grid-template-columns: 36px minmax(0, 1fr);
    gap: var(--space-base);
    color: var(--color-dust);
}

li.now,
li.done {
    color: inherit;
}

.number {
    display: grid;
    place-items: center;
    width: 36px;
    height: 36px;
    border: 2px solid var(--color-line);
    border-radius: 50%;
    font-weight: 700;
}

.now .number {
    background: var(--color-graphite);
    border-color: var(--color-graphite);
    color: var(--color-paper);
}

.done .number {
    border-color: var(--color-climb);
    color: var(--color-climb);
}

.what {
    display: grid;
    gap: var(--space-small);
    justify-items: start;
    align-content: center;
}
</style>
