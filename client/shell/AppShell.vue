<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useEver } from '../composables/useEver';
import { useKeys } from '../composables/useKeys';
import { useNewVersion } from '../composables/useNewVersion';
import { useSession } from '../composables/useSession';
import WaitingCommands from './WaitingCommands.vue';

const GuidePanel = defineAsyncComponent(() => import('./GuidePanel.vue'));

const session = useSession();
const version = useNewVersion();
const route = useRoute();
const router = useRouter();
const guideOpen = ref(false);
const guideAsked = useEver(guideOpen);

/** Esc leaves a page under an athlete for the athlete; the pages handle what is open first. */
useKeys((key) => {
    const under = /^(\/people\/[^/]+)\/.+/.exec(route.path)?.[1];
    const actions: Record<string, () => unknown> = {
        '?': () => (guideOpen.value = !guideOpen.value),
        '/': () => route.path !== '/people' && router.push('/people'),
        ...(under && { Escape: () => router.push(under) }),
    };
    return actions[key] !== undefined && actions[key]() !== false;
});
const places = [
    { to: '/today', name: 'Today', icon: 'M3 5h14v12H3ZM3 9h14M7 3v4M13 3v4' },
    { to: '/people', name: 'People', icon: 'M10 9a3.2 3.2 0 1 0 0-6.4A3.2 3.2 0 0 0 10 9Zm-6 8.5c0-4 2.6-6.2 6-6.2s6 2.2 6 6.2' },
    { to: '/calls', name: 'Calls', icon: 'M4 14l6-8 6 8M4 18h12' },
    { to: '/kit', name: 'Kit', icon: 'M2 4h16M7 4v9a3 3 0 0 0 6 0V4' },
    { to: '/methods', name: 'Methods', icon: 'M2 17h4v-5H2ZM8 17h4V8H8ZM14 17h4V3h-4Z' },
    { to: '/cautions', name: 'Cautions', icon: 'M10 3 18 17H2ZM10 8v4M10 14v1' },
];
</script>

<template>
    <a class="skip" href="#main">Skip to the content</a>
    <header class="top no-print">
        <RouterLink to="/today" class="brand">
            <svg viewBox="0 0 32 32" width="26" height="26" aria-hidden="true">
                <path d="M9 3v26M23 3v26" stroke="var(--color-timber)" stroke-width="3.4" stroke-linecap="round" />
                <path d="M9 24h14M9 18h14" stroke="currentColor" stroke-width="2.4" />
                <path d="M9 10h14" stroke="currentColor" stroke-width="4.6" />
            </svg>
            <span class="name">Steady Rung</span>
        </RouterLink>
        <nav class="places" aria-label="Places">
            <RouterLink
                v-for="place in places"
                :key="place.to"
                :to="place.to"
                class="place"
                :class="{ here: route.path.startsWith(place.to) }"
            >
                <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true">
                    <path :d="place.icon" fill="none" stroke="currentColor" stroke-width="1.8" stroke-linejoin="round" />
                </svg>
                {{ place.name }}
            </RouterLink>
        </nav>
        <div class="who small">
            <WaitingCommands />
            <button v-if="version.waits" type="button" class="out" @click="version.take">Take the new version</button>
            <span class="gym">
                <bdi>{{ session.me?.gym_name }}</bdi>
                <b v-if="session.me?.demo" class="demo" title="Invented people and gear; make your own gym with bin/steady start --empty">
                    demo
                </b>
            </span>
            <button type="button" class="out guide" aria-label="Guide" title="Guide" @click="guideOpen = !guideOpen">?</button>
            <RouterLink to="/settings" class="tap">Settings</RouterLink>
            <button type="button" class="out" @click="session.signOut()">Sign out</button>
        </div>
    </header>
    <main id="main" tabindex="-1" :class="{ floor: route.meta['floor'] }"><slot /></main>
    <GuidePanel v-if="guideAsked" v-model:open="guideOpen" />
</template>

<style scoped src="./app-shell.css"></style>
