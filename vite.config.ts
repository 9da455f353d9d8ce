import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';

export default defineConfig({
    root: 'client',
    plugins: [vue()],
    build: { outDir: '../public/build', emptyOutDir: true, chunkSizeWarningLimit: 700 },
});
