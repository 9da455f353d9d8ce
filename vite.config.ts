import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** The whole client is on the device after the first visit; a newer one waits until somebody takes it. */
const installable = VitePWA({
    registerType: 'prompt',
    injectRegister: false,
    includeAssets: ['mark.svg', 'icon-180.png'],
    manifest: {
        id: '/',
        name: 'Steady Rung',
        short_name: 'Steady Rung',
        description: 'From no pull-up to several: the class on the floor, the ladder, the log.',
        start_url: '/today',
        scope: '/',
        display: 'standalone',
        background_color: '#fbfaf6',
        theme_color: '#fbfaf6',
        icons: [
            { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
            { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
            { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
    },
    workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/sanctum\//],
        cleanupOutdatedCaches: true,
    },
});

/** One file of what nearly every page uses packs better than a dozen small ones. */
const inMostPages = {
    name: 'base',
    test: /node_modules\/(@vue\/|vue\/|pinia|vue-router|@tanstack|openapi-fetch|idb)|client\/(composables|domain|theme|parts)\//,
    minShareCount: 24,
};

export default defineConfig({
    root: 'client',
    plugins: [vue(), installable],
    build: {
        outDir: '../public/build',
        emptyOutDir: true,
        chunkSizeWarningLimit: 700,
        rolldownOptions: { output: { codeSplitting: { groups: [inMostPages] } } },
    },
});
