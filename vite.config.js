import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

export default defineConfig({
    plugins: [laravel({
        input: ['resources/css/app.css', 'resources/js/early.js', 'resources/js/app.js'],
        refresh: false,
    })],
    build: { chunkSizeWarningLimit: 700 },
});
