import { expect, test } from '@playwright/test';
import axe from 'axe-core';
import { writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { makeBatch, signIn } from './journey.js';

test.beforeEach(({ page }) => signIn(page));

/** What a page breaks of the rules that are named, or that have one of the tags. */
async function broken(page, runOnly) {
    return page.evaluate(async (only) => {
        const { violations } = await window.axe.run(document, { runOnly: only, resultTypes: ['violations'] });
        return violations.map((rule) => `${rule.id}: ${rule.nodes[0].html}`);
    }, runOnly);
}

test('what is typed outlives the page', async ({ page }) => {
    await page.goto('/intake');
    await page.getByLabel('Scripts').fill('One lamp, nine boats.');
    await expect(page.getByRole('heading', { name: 'One lamp, nine boats' })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Scripts')).toHaveValue('One lamp, nine boats.');
});

test('what is done before the script of a page is there is done when it is', async ({ page }) => {
    let begin;
    await page.route('**/assets/app-*.js', async (route) => {
        await new Promise((done) => { begin = done; });
        await route.continue();
    });
    await page.goto('/intake', { waitUntil: 'commit' });
    await page.getByLabel('Scripts').fill('The tide was late by a lamp.');
    await page.getByRole('button', { name: 'Keys' }).click();
    begin();
    await expect(page.getByRole('heading', { name: 'The tide was late by a lamp' })).toBeVisible();
    await expect(page.getByLabel('Scripts')).toHaveValue('The tide was late by a lamp.');
    await expect(page.locator('#keys')).toBeVisible();
    await page.goto('/house', { waitUntil: 'commit' });
    await page.getByLabel('Voice of the channel', { exact: true }).selectOption('brenna');
    begin();
    await expect(page.locator('[data-setting=voice] summary')).toHaveText('set here');
    await page.reload({ waitUntil: 'commit' });
    await expect(page.getByRole('heading', { name: 'House style' })).toBeVisible();
    await page.locator('body').press('u');
    begin();
    await expect(page.locator('[data-setting=voice] summary')).toHaveText('default');
});

test('dropped files show up as text, and bad ones say why', async ({ page }) => {
    await page.goto('/intake');
    await page.getByLabel('Scripts').fill('');
    await page.locator('#files').setInputFiles([
        {
            name: 'a.csv',
            mimeType: 'text/csv',
            buffer: Buffer.from('title,script\nBell,"A bell rang, once."\nMap,The map was wrong.\n'),
        },
        { name: 'b.csv', mimeType: 'text/csv', buffer: Buffer.from('title,words\nx,y\n') },
    ]);
    await expect(page.getByLabel('Scripts')).toHaveValue(
        'title: Bell\n\nA bell rang, once.\n\n---\n\ntitle: Map\n\nThe map was wrong.',
    );
    await expect(page.getByText('no column named “script”')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Make 2 shorts' })).toBeEnabled();
});

test('a voice can be heard before it is chosen', async ({ page }) => {
    await page.goto('/intake');
    await page.getByLabel('Voice', { exact: true }).selectOption('brenna');
    const [answer] = await Promise.all([
        page.waitForResponse(/\/voices\/brenna\/sample/),
        page.getByRole('button', { name: 'Listen to the voice' }).click(),
    ]);
    expect(answer.ok()).toBe(true);
});

test('footage is searched, and an upload that is no picture says so', async ({ page }) => {
    await page.goto('/footage?search=whale');
    await expect(page.locator('.card-footage')).toHaveCount(1);
    const file = `${tmpdir()}/list.mp4`;
    writeFileSync(file, '#EXTM3U\nfile:///etc/passwd\n');
    await page.locator('#upload').setInputFiles(file);
    await expect(page.getByRole('alert').filter({ hasText: 'is a playlist' })).toBeVisible();
});

test('keys work where nothing is typed, and ? shows them', async ({ page }) => {
    await page.keyboard.press('?');
    await expect(page.getByRole('heading', { name: 'Keys on this page' })).toBeVisible();
    await expect(page.locator('.keys')).toContainText('New batch');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('heading', { name: 'Keys on this page' })).toBeHidden();
    await page.keyboard.press('f');
    await expect(page.getByRole('heading', { name: 'Footage' })).toBeVisible();
    await page.waitForLoadState();
    await page.keyboard.press('/');
    await page.keyboard.type('n');
    await expect(page.getByRole('searchbox')).toHaveValue('n');
});

test('every page passes the accessibility rules of WCAG 2.2 AA and scrolls only down', async ({ page }) => {
    // Put into each page once, before its own scripts.
    await page.addInitScript(axe.source);
    await makeBatch(page, '# Access\nThe lamp went out at nine in the evening.', { shorts: 1, name: 'Access' });
    const batch = page.url();
    await page.getByRole('link', { name: 'Access', exact: true }).first().click();
    const short = page.url();
    const framing = await page.locator('.shot-framing').first().getAttribute('href');
    for (const address of [
        '/',
        '/intake',
        batch,
        short,
        `${short}/briefs`,
        `${short}/voice`,
        `${short}/captions`,
        `${short}/sheet`,
        `${short}/versions`,
        `${batch}/versions`,
        framing,
        '/house/captions',
        '/footage',
        '/sketches',
        '/voices',
        '/house',
        '/channels',
        '/help',
        '/sounds',
        '/house/review',
        `${batch}/pace`,
        `${batch}/review`,
        `${batch}/queue`,
        `${batch}/outbox`,
        '/outlets',
        '/calendar',
        '/results',
        '/machine',
        '/machine/helpers',
        '/machine/disk',
    ]) {
        await page.goto(address);
        if (address === batch) await page.locator('.opener').click();
        if (address === '/intake')
            await page.getByLabel('Scripts').fill('# Lamp\nHello friends, the lamp went out. [wide shot]');
        if (address === '/intake') await expect(page.locator('.fate')).toHaveCount(1);
        if (address.endsWith('/captions') && address !== '/house/captions') {
            await page.getByText('What the style is made of').click();
            await page.locator('.cue-word').first().click();
        }
        if (address.endsWith('/review') && !address.startsWith('/house'))
            await expect(page.locator('.review-of')).toBeVisible();
        const tags = { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] };
        expect(await broken(page, tags), address).toEqual([]);
        for (const width of [390, 820, 1440, 1920, 1280]) {
            await page.setViewportSize({ width, height: width < 1000 ? Math.round(1.44 * width) : 800 });
            expect(
                await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
                `${address} at ${width}`,
            ).toBeLessThanOrEqual(0);
            if (width > 900) continue;
            // In the hand its targets are as large as they are on a desk.
            const rules = width === 390 ? ['target-size', 'color-contrast'] : ['target-size'];
            expect(await broken(page, { type: 'rule', values: rules }), `${address} at ${width}`).toEqual([]);
        }
    }
});
