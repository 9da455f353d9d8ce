<script setup lang="ts">
import { NConfigProvider } from 'naive-ui';
import { computed, defineAsyncComponent } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import AppShell from './shell/AppShell.vue';
import { useSession, type Right } from './composables/useSession';
import { themeOverrides } from './theme/naive';
import { useTheme } from './theme/useTheme';

/** Who is signed in needs none of them, or seldom. */
const FirstPage = defineAsyncComponent(() => import('./sign-in/FirstPage.vue'));
const NotYours = defineAsyncComponent(() => import('./shell/NotYours.vue'));
const SignIn = defineAsyncComponent(() => import('./sign-in/SignIn.vue'));

const session = useSession();
/** A page stays under the front door while nobody is signed in. */
const opens = (right: Right | undefined): boolean => right === undefined || !session.signedIn || session.may(right);
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
                    <component :is="opens(route.meta['right']) ? Component : NotYours" :key="route.path" />
                </RouterView>
            </AppShell>
        </div>
        <FirstPage v-if="session.asked && !session.founded" />
        <SignIn v-else-if="session.asked && !session.signedIn" :above="session.seen && here.meta['floor'] === true" />
    </NConfigProvider>
</template>
