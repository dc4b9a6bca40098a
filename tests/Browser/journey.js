import { expect } from '@playwright/test';
import { execFileSync } from 'node:child_process';

/** Signs in as the demo's account, and fails the test if any page asks another host for anything. */
export async function signIn(page) {
    page.on('request', (request) => {
        const { protocol, host } = new URL(request.url());
        // The second is the publishing service that stands in: it is gone to, to sign in there.
        if (!['data:', 'blob:'].includes(protocol) && !['127.0.0.1:8099', '127.0.0.1:10099'].includes(host))
            throw new Error(`A page asked ${request.url()}`);
    });
    page.on('pageerror', (problem) => { throw problem; });
    await page.goto('/sign-in');
    await page.getByLabel('Password').fill('lamplight');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
    // It leads to where somebody was last; each journey begins in the first channel.
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
    await page.waitForLoadState();
}

/** Makes a channel of its own to be in, and tells where that is: what is set there is nobody else's. */
export async function ownChannel(page, name) {
    await page.goto('/channels');
    await page.getByLabel('Name of another channel').fill(name);
    await page.getByRole('button', { name: 'New channel' }).click();
    await expect(page.getByText(name, { exact: true }).first()).toBeVisible();
    return new URL(page.url()).pathname;
}

/** Makes a batch from a text, in a channel, and waits until all of it is ready. */
export async function makeBatch(page, text, { shorts, quality = 'draft', name = 'A batch', at = '' }) {
    await page.goto(`${at}/intake`);
    await page.getByLabel('Scripts').fill(text);
    await page.getByLabel('Batch').fill(name);
    await page.getByLabel('Quality').selectOption(quality);
    const make = page.getByRole('button', { name: shorts > 1 ? `Make ${shorts} shorts` : 'Make the short' });
    await expect(make).toBeEnabled();
    await make.click();
    await expect(page.getByRole('heading', { name })).toBeVisible();
    await expect(page.locator('.state-ready')).toHaveCount(shorts, { timeout: 220_000 });
}

export function probe(file) {
    return JSON.parse(
        execFileSync('ffprobe', ['-v', 'error', '-count_frames', '-show_streams', '-show_format', '-of', 'json', file]),
    );
}

export function unzip(file, folder) {
    execFileSync('php', [
        '-r',
        '$zip = new ZipArchive; $zip->open($argv[1]) === true && $zip->extractTo($argv[2]) || exit(1);',
        file,
        folder,
    ]);
}

/** Signs in, makes a batch without exporting anything, and shows its rundown. */
export async function batch(page, text, name) {
    await signIn(page);
    await rundown(page, text, name);
}

/** The same for somebody who is signed in. */
export async function rundown(page, text, name) {
    await page.goto('/intake');
    await page.getByLabel('Scripts').fill(text);
    await page.getByLabel('Batch').fill(name);
    await page.getByRole('button', { name: 'To the rundown' }).click();
    await expect(page.getByRole('heading', { name })).toBeVisible();
    await page.waitForLoadState();
}

/** Opens the sheet of a short; with its bare video there, unless that is not waited for. */
export async function sheet(page, title, { seen = true } = {}) {
    await page.getByRole('link', { name: title, exact: true }).click();
    await page.getByRole('link', { name: 'Sheet', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Sheet', exact: true })).toBeVisible();
    await page.waitForLoadState();
    await expect(page.locator('.seen-shot').first()).toBeVisible({ timeout: 150_000 });
    if (!seen) return;
    // The bare video is there: what plays is the cut itself.
    await expect.poll(() => page.locator('.stage video').evaluate((video) => video.duration || 0), { timeout: 150_000 })
        .toBeGreaterThan(1);
}

/** Sets something for all that is chosen on a rundown, or for the batch: found by its key, chosen from its list. */
export async function setForAll(page, key, value) {
    await page.getByLabel('What to set').click();
    await page.locator(`[data-chooses=${key}]`).click();
    await page.locator('.acts-value select').selectOption(value);
    await page.getByRole('button', { name: 'Set', exact: true }).click();
}
