<script setup lang="ts">
import { NConfigProvider } from 'naive-ui';
import { computed, defineAsyncComponent } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import AppShell from './shell/AppShell.vue';
import { useSession } from './composables/useSession';
import { themeOverrides } from './theme/naive';
import { useTheme } from './theme/useTheme';

/** Who is signed in needs neither. */
const FirstPage = defineAsyncComponent(() => import('./sign-in/FirstPage.vue'));
const SignIn = defineAsyncComponent(() => import('./sign-in/SignIn.vue'));

const session = useSession();
const theme = useTheme();
const overrides = computed(() => themeOverrides(theme.colors));
/** An athlete's own page asks for nobody who works here; what is entered by who does may wait for the answer. */
const here = useRoute();
if (useRouter().resolve(location.pathname).meta['own'] !== true) {
    void session.ask();
}
</script>

<template>
    <NConfigProvider :theme-overrides="overrides" preflight-style-disabled>
        <RouterView v-if="here.meta['own']" />
        <div v-else-if="session.seen" :inert="!session.signedIn">
            <AppShell>
                <RouterView v-slot="{ Component, route }">
                    <component :is="Component" :key="route.path" />
                </RouterView>
            </AppShell>
        </div>
        <FirstPage v-if="session.asked && !session.founded" />
        <SignIn v-else-if="session.asked && !session.signedIn" />
    </NConfigProvider>
</template>
