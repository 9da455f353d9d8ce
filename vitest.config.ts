import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    plugins: [vue()],
    test: {
        include: ['tests/Client/**/*.test.ts'],
        environment: 'happy-dom',
        testTimeout: 240_000,
        setupFiles: ['tests/Client/support/window.ts'],
        pool: 'threads',
        isolate: false,
    },
});
