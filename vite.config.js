import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

export default defineConfig({
    plugins: [
        laravel({
            input: ['resources/css/app.scss', 'resources/js/app.js', 'resources/js/recorder.js', 'resources/js/runs.js'],
            refresh: false,
        }),
    ],
    build: { assetsInlineLimit: 0 },
    css: { preprocessorOptions: { scss: { quietDeps: true } } },
});
