import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

export default defineConfig({
    plugins: [
        laravel({
            input: [
                'resources/css/app.scss', 'resources/js/app.js',
                'resources/js/survey/page.js', 'resources/js/survey/schedule.js',
                'resources/js/loads/page.js', 'resources/js/loads/recorder.js',
                'resources/js/loads/intervals.js', 'resources/js/loads/grid.js', 'resources/js/loads/runs.js',
                'resources/js/account/square.js', 'resources/js/place/page.js',
                'resources/js/shop/prices.js', 'resources/js/price/page.js',
                'resources/js/work/page.js', 'resources/js/keep/page.js',
                'resources/js/rehearsal/page.js', 'resources/js/size/page.js', 'resources/js/size/outage.js',
            ],
            refresh: false,
        }),
    ],
    build: { assetsInlineLimit: 0 },
    css: { preprocessorOptions: { scss: { quietDeps: true } } },
});
