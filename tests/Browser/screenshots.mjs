// Refreshes docs/screenshots from a running bin/demo (its address as argument) in which batches have been made.
import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.js';

const base = process.argv[2] ?? 'http://127.0.0.1:8080';
const browser = await chromium.launch(chromiumOptions);
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const shoot = async (name, { isQuiet = true } = {}) => {
    // A video that stands still goes on being read.
    await page.waitForLoadState(isQuiet ? 'networkidle' : 'load');
    // A video still being fetched would show its waiting sign.
    await page.waitForFunction(() =>
        [...document.querySelectorAll('video')].every(video => video.readyState > 1 && !video.seeking),
    );
    await page.waitForFunction(() => [...document.images].every(image => image.complete || image.loading === 'lazy'
        && image.getBoundingClientRect().top > innerHeight));
    await page.waitForTimeout(600);
    await page.screenshot({ path: new URL(`../../docs/screenshots/${name}.png`, import.meta.url).pathname });
};

await page.goto(`${base}/sign-in`);
await page.getByLabel('Password').fill('lamplight');
await page.getByRole('button', { name: 'Sign in' }).click();
await shoot('batches');
await page.locator('.order-batches .what a').first().click();
await shoot('rundown');
await page.goto(`${page.url()}/pace`);
await shoot('pace');
await page.goto(`${base}/sounds`);
await shoot('sound');
await page.goto(base);
await page.locator('.order-batches .what a').first().click();
const batch = page.url();
await page.goto(`${batch}/review`);
await page.waitForFunction(() => document.querySelector('.stage video')?.duration > 1);
await page.locator('.review-row').nth(2).click();
await page.locator('.review-of', { hasText: '03 ' }).waitFor();
await page.waitForTimeout(1500);
await shoot('review', { isQuiet: false });
await page.goto(`${batch}/outbox`);
await shoot('outbox', { isQuiet: false });
await page.goto(`${base}/calendar`);
await shoot('calendar');
await page.goto(`${base}/results`);
await shoot('results');
await page.goto(batch);
await page.locator('.order-rows .what a').first().click();
await shoot('short');
const short = page.url();
await page.getByText('Set for this scene').nth(1).click();
await page.getByLabel('Speed of scene 2', { exact: true }).fill('110');
await page.getByLabel('Speed of scene 2', { exact: true }).press('Tab');
await page.getByRole('button', { name: /^Undo: speed/ }).waitFor();
await page.getByRole('button', { name: /^Undo: speed/ }).click();
await page.goto(`${short}/voice`);
await page.locator('.wave-word').first().waitFor();
await shoot('voice');
await page.goto(`${short}/captions`);
await page.locator('.lead', { hasText: 'stand out' }).waitFor({ timeout: 120_000 });
await page.locator('.cue').nth(4).locator('.cue-word').nth(1).click();
await shoot('captions', { isQuiet: false });
await page.goto(`${short}/sheet`);
await page.waitForFunction(() => document.querySelector('.stage video')?.duration > 1);
await page.locator('.seen-shot').nth(3).click();
// With a card on it, which is taken back.
await page.locator('body').press('i');
await page.getByLabel('Words, an emoji, or the number of a badge').fill('1884');
await page.getByRole('button', { name: 'Put it here' }).click();
await page.locator('.stage-card').waitFor({ timeout: 60_000 });
await page.waitForFunction(
    async () => !(await (await fetch(`${location.pathname}/state`)).json()).working, null, { timeout: 120_000 },
);
await page.locator('.seen-shot').nth(3).click();
for (let i = 0; i < 24; i++) await page.locator('body').press('ArrowRight');
await page.locator('.stage-card').hover();
await shoot('sheet', { isQuiet: false });
await page.getByRole('button', { name: /^Undo: put a card/ }).click();
await page.locator('.stage-card').waitFor({ state: 'detached', timeout: 60_000 });
await page.goto(short);
await page.goto(await page.locator('.shot-framing').nth(2).getAttribute('href'));
await page.locator('.interest canvas').hover({ position: { x: 200, y: 70 } });
await shoot('framing', { isQuiet: false });
await page.goto(`${base}/house/captions?short=${short.split('/').pop()}`);
await page.waitForFunction(() => [...document.querySelectorAll('.style-row')].every((row) => row.dataset.drawn));
await page.evaluate(() => scrollTo(0, 520));
await shoot('styles');
await page.goto(batch);
await page.locator('.is-version .what span a', { hasText: 'Arabic' }).first().click();
await shoot('languages');

await page.goto(`${base}/house`);
await page.waitForFunction(() => document.querySelectorAll('.house-frame[data-drawn]').length === 3);
await shoot('house', { isQuiet: false });
await page.goto(`${base}/sketches`);
await page.getByLabel('Topic, or several, one a line').fill('the bell under the bay');
await page
    .getByLabel('Key points of one topic, one a line, in order')
    .fill('The church sank in one night\nFishermen hear it before every storm');
await page.getByRole('button', { name: 'Write sketches' }).click();
await page.locator('.sketch').first().waitFor();
await shoot('sketches');
await page.goto(`${base}/footage`);
await shoot('footage');
await page.goto(`${base}/intake`);
await page.getByLabel('Scripts').fill(`# The foghorn that lied

This foghorn sank more ships than the fog did.
[music: low, uneasy]
In 1902, Port Sallow built the loudest horn on the coast, and it cost £3,400.
NARRATOR: Behind the harbour stood a cliff, and the cliff sent every blast back.
Follow for the next signal.

---

# The bell under the bay

What if a bell could ring for sixty years under water?
In Morrow Bay, fishermen swore they heard it on every spring tide.
They never raised it. Would you have?`);
await page.locator('.fate').nth(1).waitFor();
await page.locator('.fate summary').first().click();
await shoot('intake');
await browser.close();
