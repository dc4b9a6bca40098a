import { defineConfig } from '@playwright/test';
import { fileURLToPath } from 'node:url';
import { chromiumOptions } from './chromium.js';

const root = fileURLToPath(new URL('../..', import.meta.url));
const store = `${root}var/browser`;

// The application with a store of its own, its web server and its workers, as bin/demo starts it.
export default defineConfig({
    testDir: '.',
    outputDir: 'results',
    workers: 1,
    timeout: 480_000,
    expect: { timeout: 40_000 },
    reporter: [['list']],
    use: {
        baseURL: 'http://127.0.0.1:8099',
        viewport: { width: 1280, height: 800 },
        // Where something hangs, it is told where.
        actionTimeout: 90_000,
        navigationTimeout: 90_000,
        contextOptions: { reducedMotion: 'reduce' },
        launchOptions: chromiumOptions,
    },
    webServer: {
        command: 'tests/seed var/browser && exec bin/demo --port 8099',
        cwd: root,
        url: 'http://127.0.0.1:8099/sign-in',
        timeout: 600_000,
        gracefulShutdown: { signal: 'SIGTERM', timeout: 10_000 },
        // Its workers are to do what the journeys ask for, and nothing before.
        env: {
            ...process.env,
            LARAVEL_STORAGE_PATH: store,
            DB_DATABASE: `${store}/reel.sqlite`,
            REEL_DEMO_BATCH: 'false',
            // As that store was seeded: nobody is to find out what is written in it.
            BCRYPT_ROUNDS: '4',
            // Nobody looks at how soon one more of many is taken up.
            REEL_IDLE_SECONDS: '0.3',
            REEL_PROOFS: 'false',
        },
    },
});
