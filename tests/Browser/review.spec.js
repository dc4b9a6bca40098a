import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { makeBatch, signIn } from './journey.js';

const SCRIPTS = `# The lamp
Welcome back to Lamplight Log! The lamp went out at nine. Nobody saw the boat in the fog.
---
# The bell
A bell rang under water for nine years. The keeper heard it on every tide.
---
# Nine boats
Nine boats followed one light home. The captain wrote that down.`;

const plays = page => page.locator('.stage video').evaluate(video => video.duration || 0);
const current = page => page.locator('.review-row[aria-current]');

test('shorts are looked through by key, mended, sent back and cleared, by a guest on a phone too', async ({
    page, browser,
}) => {
    await signIn(page);
    await makeBatch(page, SCRIPTS, { shorts: 3, name: 'To review' });
    await page.locator('body').press('r');
    await expect(page.getByRole('heading', { name: 'Review', exact: true })).toBeVisible();
    await expect(current(page)).toContainText('The lamp');
    await expect.poll(() => plays(page), { timeout: 60_000 }).toBeGreaterThan(2);
    await expect(page.locator('.review-of')).toContainText('The draft');

    // What speaks against it: seen, mended at a press, undone, ignored with a note.
    const greeting = page.locator('.review-finding').filter({ hasText: 'greeting first' });
    await expect(greeting).toContainText('“Welcome back to Lamplight Log!” comes first');
    await greeting.getByRole('button', { name: 'What changes?' }).click();
    await expect(greeting.locator('[data-says]')).toHaveText('The first scene goes; the next is the hook.');
    await greeting.getByRole('button', { name: /^Leave out/ }).click();
    await expect(greeting).toHaveCount(0, { timeout: 60_000 });
    await page.locator('body').press('u');
    await expect(greeting).toHaveCount(1, { timeout: 60_000 });
    await greeting.getByRole('button', { name: 'Ignore here' }).click();
    await greeting.getByLabel('Why greeting first is ignored here').fill('Our sign');
    await greeting.getByLabel('Why greeting first is ignored here').press('Enter');
    await expect(greeting).toContainText('Ignored here by Lamplight Log');
    await expect(greeting).toContainText('Our sign');

    // The next is there before it is asked for.
    const second = page.locator('.review-row').nth(1);
    await expect(page.locator('.review-list')).toHaveAttribute('data-ready', await second.getAttribute('data-id'));
    // What was decided may be seen before its answer is there: until then nothing more is decided.
    await expect(page.getByRole('button', { name: 'Clear', exact: true })).toBeEnabled();
    await page.locator('body').press('c');
    await expect(page.locator('.review-row').first()).toContainText('cleared');
    await expect(current(page)).toContainText('The bell');
    await expect.poll(() => plays(page)).toBeGreaterThan(2);
    await page.locator('body').press(' ');
    await expect(page.getByRole('button', { name: 'Stop', exact: true })).toBeVisible();
    await page.locator('body').press('r');
    await page.getByLabel(/^What is to be changed at/).fill('The bell is too dark here.');
    await page.getByLabel(/^What is to be changed at/).press('Control+Enter');
    await expect(second).toContainText('sent back');
    await expect(current(page)).toContainText('Nine boats');
    await page.locator('body').press('k');
    await expect(page.locator('.review-said')).toHaveText('The bell is too dark here.');

    const [sheet] = await Promise.all([
        page.waitForEvent('download'), page.getByRole('link', { name: 'Contact sheet', exact: true }).click(),
    ]);
    expect(readFileSync(await sheet.path(), 'utf8').match(/data:image\/jpeg/g)).toHaveLength(9);

    // A guest, on a phone.
    await page.getByRole('button', { name: 'Guest link' }).click();
    await page.getByLabel('For', { exact: true }).fill('Ada');
    await page.getByRole('button', { name: 'Make a link' }).click();
    await expect(page.getByLabel('Address of the link')).toHaveValue(/\/guest\/in\//);
    const address = await page.getByLabel('Address of the link').inputValue();
    const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
    const guest = await phone.newPage();
    await guest.goto(address);
    await expect(guest.getByRole('heading', { name: 'To review' })).toBeVisible();
    expect(await guest.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await expect(current(guest)).toContainText('03');
    await expect.poll(() => plays(guest), { timeout: 30_000 }).toBeGreaterThan(2);
    await guest.getByRole('button', { name: 'Clear' }).tap();
    await expect(guest.getByText('Cleared. Thank you.')).toBeVisible();
    await expect(guest.getByText('2 of 3 cleared')).toBeVisible();
    await phone.close();

    // Changed since, it needs a new look.
    await page.reload();
    await expect(page.locator('.review-row').nth(2)).toContainText('cleared');
    const back = page.url();
    await page.goto(`/shorts/${await page.locator('.review-row').nth(2).getAttribute('data-id')}`);
    await page.locator('.settings > summary').first().click();
    await page.getByLabel('Dim the picture of the short', { exact: true }).fill('30');
    await page.getByLabel('Dim the picture of the short', { exact: true }).press('Tab');
    await expect(page.getByRole('button', { name: /^Undo: dim the picture/i })).toBeVisible();
    await page.goto(back);
    await expect(page.locator('.review-row').nth(2)).toContainText('changed since', { timeout: 60_000 });
});

test('the review fits a phone, and what stops a short is set on a page', async ({ page }) => {
    await signIn(page);
    await makeBatch(page, '# The gull\nThe gull cried over the tower. The keeper slept.', { shorts: 1, name: 'Thumb' });
    await page.goto('/house/review');
    await page.getByLabel('Words that are not said').fill('tower, quick money');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('It counts for all shorts')).toBeVisible();
    await page.goto('/');
    await page.getByRole('link', { name: 'Thumb', exact: true }).first().click();
    await page.getByRole('button', { name: 'Export', exact: true }).click();
    await expect(page.getByRole('alert').first()).toContainText('“tower” is said; this channel does not say it.');

    await page.setViewportSize({ width: 390, height: 844 });
    await page.getByRole('link', { name: 'Review' }).click();
    await expect(page.locator('.review-finding.is-stops')).toContainText('forbidden word');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    for (const name of ['Clear', 'Send back', 'Mend', 'Next']) {
        const box = await page.locator('.review-acts').getByRole('button', { name }).boundingBox();
        expect(box.height, name).toBeGreaterThanOrEqual(44);
        expect(box.y + box.height, name).toBeLessThanOrEqual(844);
    }
    await expect(page.getByRole('button', { name: 'Clear', exact: true })).toBeDisabled();
    await page.goto('/house/review');
    await page.getByLabel('Words that are not said').fill('');
    await page.getByRole('button', { name: 'Save' }).click();
});
