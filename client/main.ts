import '@fontsource-variable/archivo/index.css';
import '@fontsource-variable/bitter/index.css';
import { VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { registerSW } from 'virtual:pwa-register';
import App from './App.vue';
import { makeReads } from './composables/reads';
import { useSession } from './composables/useSession';
import { useNewVersion } from './composables/useNewVersion';
import { api, outcome } from './domain/http';
import { router } from './router';
import './theme/base.css';
import { cssVariables } from './theme/tokens';

const variables = document.createElement('style');
variables.textContent = cssVariables();
document.head.prepend(variables);

const app = createApp(App).use(VueQueryPlugin, { queryClient: makeReads() }).use(createPinia()).use(router);
app.config.globalProperties.$may = (right) => useSession().may(right);
app.mount('#app');

const ASK_AGAIN_MS = 1_000;
const ASK_MOST_MS = 10_000;

/**
 * The page goes on with the newer program, also where it was loaded before there was any on this device. A browser whose program is just
 * then busy forgets that the newer one was to take over, so it is asked until it does.
 */
async function takeOver(): Promise<void> {
    navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
    setInterval(() => void update(true), ASK_AGAIN_MS);
    setInterval(() => void loadAnew(), ASK_MOST_MS);
    await update(true);
}

/** A browser may keep the older program for minutes: where the server answers, the device lets it go and loads the newer one from there. */
async function loadAnew(): Promise<void> {
    const health = await outcome(api.GET('/api/v1/health'));
    if (health.ok) {
        await (await navigator.serviceWorker.getRegistration())?.unregister();
        location.reload();
    }
}

const update = registerSW({ onNeedRefresh: () => useNewVersion().offer(takeOver) });
