<script setup lang="ts">
import { useHead } from './useHead';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { useEver } from '../composables/useEver';
import { useUndo } from '../composables/useUndo';
import KeptList from '../consent/KeptList.vue';
import { day } from '../domain/units';
import CautionBox from '../parts/CautionBox.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import ReadNote from '../parts/ReadNote.vue';
import UndoBar from '../parts/UndoBar.vue';
import OwnClasses from './OwnClasses.vue';
import OwnDone from './OwnDone.vue';
import OwnLadder from './OwnLadder.vue';
import OwnLines from './OwnLines.vue';
import OwnPain from './OwnPain.vue';
import OwnSet from './OwnSet.vue';
import OwnSore from './OwnSore.vue';
import { useOwn, type OwnPage } from './useOwn';

useHead();
const own = useOwn();
const undo = useUndo();
const page = computed(() => own.page.value.value);
const [setOpen, painOpen] = [ref(false), ref(false)];
const [setAsked, painAsked] = [useEver(setOpen), useEver(painOpen)];
const lets = (tell: OwnPage['tells'][number]): boolean => page.value?.tells.includes(tell) ?? false;

const lines = computed(() => page.value?.session?.lines ?? []);
const doable = computed(() => lines.value.filter((line) => line.exercise !== null));
/** What a phone opens with its calendar. */
const webcal = (path: string): string => `webcal://${location.host}${path}`;
const isToday = computed(() => page.value?.session?.on === page.value?.today);
const title = computed(() => {
    const on = page.value?.session?.on;
    return on ? (isToday.value ? 'Your session today' : `Your next session: ${day(on)}`) : 'Your page';
});

async function logged(set: Parameters<typeof own.logSet>[0], words: string): Promise<void> {
    const id = await own.logSet(set);
    if (id !== undefined) {
        setOpen.value = false;
        undo.offer({ text: `Logged ${words}.`, undo: async () => void (await own.takeBack(id)) });
    }
}

async function hurts(pain: Parameters<typeof own.tellPain>[0]): Promise<void> {
    if (await own.tellPain(pain)) {
        painOpen.value = false;
    }
}
</script>

<template>
    <div class="own">
        <header class="top">
            <b class="brand">Steady Rung</b>
            <span class="small dim">{{ page?.gym_name }}</span>
        </header>
        <main class="stack">
            <p v-if="!own.hasLink.value" class="card">
                This page opens by the link that your coach gave you. Tap it again, or ask for a new one.
            </p>
            <ReadNote v-else :read="own.page" waits="Opening your page…" />
            <template v-if="page">
                <div class="hello">
                    <h1>{{ title }}</h1>
                    <p class="dim">
                        {{ page.name }}
                        <template v-if="page.session?.on">· about {{ page.session.minutes }} minutes</template>
                    </p>
                </div>
                <ProblemNote v-if="own.problem.value" typed :problem="own.problem.value" />
                <CautionBox v-if="page.paused" stops>
                    <p>
                        <b>Pulling is paused for pain.</b>
                        Do no pulling, hanging or lowering until a licensed clinician has looked at it and your coach has cleared it.
                    </p>
                    <NButton v-if="page.pain_told && lets('pain')" :loading="own.busy.value" @click="own.undoPain(page.pain_told)">
                        I tapped it by mistake
                    </NButton>
                </CautionBox>
                <p v-else-if="lines.length === 0" class="card">Nothing is written for you yet. Your coach looks first.</p>
                <template v-else>
                    <p v-if="!isToday" class="small dim">As it stands now; what you do and tell until then may change it.</p>
                    <OwnLines :lines="lines" />
                </template>
                <OwnLadder v-if="page.ladder || page.forecast" :ladder="page.ladder" :capacity="page.capacity" :forecast="page.forecast" />
                <OwnSore v-if="lets('soreness')" :soreness="page.soreness" @tell="own.tellSore" />
                <OwnClasses v-if="page.classes.length > 0" :classes="page.classes" :free="lets('coming')" @tell="own.tellComing" />
                <p v-if="lines.length > 0" class="card">
                    <a class="tap" :href="webcal(page.calendar)">Put your sessions into your calendar</a>
                </p>
                <OwnDone :sets="page.sets" :bests="page.bests" />
                <details class="card kept">
                    <summary>What is kept of you, and why</summary>
                    <KeptList :years="page.keep_health_years" />
                    <template v-if="page.consent">
                        <p>
                            {{ page.consent.text }}
                            <template v-if="page.consent.by">On {{ day(page.consent.on ?? '') }}.</template>
                        </p>
                        <p class="small dim as-typed">{{ page.consent.words ?? page.consent.words_now }}</p>
                    </template>
                    <p class="small">To have it handed out, take consent back or have it erased, ask your coach.</p>
                </details>
                <p class="small dim foot">
                    Only you and your coaches see this. Whoever has the link sees it too: keep it to yourself. It opens this page until
                    {{ day(page.last_on) }}.
                </p>
            </template>
        </main>
        <footer v-if="page && (lets('sets') || lets('pain'))" class="keys">
            <NButton
                v-if="lets('sets')"
                type="primary"
                size="large"
                class="main"
                :disabled="page.paused || doable.length === 0"
                @click="setOpen = true"
            >
                I did a set
            </NButton>
            <NButton v-if="lets('pain')" size="large" :disabled="page.paused" @click="painOpen = true">It hurts</NButton>
        </footer>
        <OwnSet v-if="setAsked" v-model:open="setOpen" :lines="doable" :busy="own.busy.value" :problem="own.problem.value" @log="logged" />
        <OwnPain v-if="painAsked" v-model:open="painOpen" :busy="own.busy.value" :problem="own.problem.value" @tell="hurts" />
        <UndoBar :action="undo.offered.value" @undo="undo.take()" />
    </div>
</template>

<style scoped>
.kept summary {
    min-height: var(--target);
    line-height: var(--target);
    font-weight: 600;
}

.own {
    --dock: 76px;

    max-width: 560px;
    margin: 0 auto;
    padding-bottom: 96px;
}

.top {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: var(--space-base);
    min-height: 48px;
    padding: 0 var(--space-wide);
    border-bottom: 1px solid var(--color-line);
    background: var(--color-card);
}

.brand {
    font: 650 var(--type-large) / 1 var(--type-display);
}

main {
    padding: var(--space-base);
}

.hello {
    padding: 0 var(--space-hair);
}

h1 {
    font-size: var(--type-wide);
}

.foot {
    padding: 0 var(--space-hair);
}

.keys {
    position: fixed;
    inset: auto 0 0;
    display: flex;
    gap: var(--space-small);
    max-width: 560px;
    margin: 0 auto;
    padding: 10px var(--space-base) calc(10px + env(safe-area-inset-bottom));
    border-top: 1px solid var(--color-line);
    background: var(--color-card);
}

.keys :deep(button) {
    height: 52px;
}

.main {
    flex: 1;
}
</style>
