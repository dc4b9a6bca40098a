import { expect, test } from '@playwright/test';
import { makeBatch, signIn } from './journey.js';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

/** Nothing is beyond the right edge, and what is pressed is large enough for a thumb. */
async function inTheHand(page, where) {
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth), where)
        .toBeLessThanOrEqual(0);
}

test('a batch is looked at, listened to, opened for changes and cleared by thumb', async ({ page }) => {
    await signIn(page);
    await makeBatch(page, '# Kettle\nThe kettle sang at four.\n---\n# Ladder\nThe ladder was never found.', {
        shorts: 2, name: 'By thumb',
    });
    const batch = page.url();
    await inTheHand(page, 'rundown');
    // Rows do not lie over each other.
    const rows = await page.locator('.order-rows tr[data-id]').evaluateAll((all) => all.map((row) => {
        const boxes = [...row.children].map((cell) => cell.getBoundingClientRect()).filter((one) => one.width > 1);
        return boxes.some((a, i) => boxes.some((b, j) => j > i && a.left < b.right - 1 && b.left < a.right - 1
            && a.top < b.bottom - 1 && b.top < a.bottom - 1));
    }));
    expect(rows).toEqual([false, false]);

    // What changes shorts is folded away until it is asked for.
    await expect(page.getByRole('button', { name: 'Trim to length' })).toBeHidden();
    await page.getByRole('button', { name: 'Change…' }).tap();
    await expect(page.getByRole('button', { name: 'Trim to length' })).toBeVisible();
    await inTheHand(page, 'rundown, changing');

    await page.getByRole('link', { name: 'Kettle', exact: true }).tap();
    const player = page.locator('video.player');
    await expect.poll(() => player.evaluate((video) => video.duration || 0), { timeout: 40_000 }).toBeGreaterThan(1);
    await player.evaluate((video) => { video.muted = true; return video.play(); });
    await expect.poll(() => player.evaluate((video) => video.currentTime)).toBeGreaterThan(0.3);
    await inTheHand(page, 'short');

    await page.goto(`${batch}/review`);
    await expect(page.locator('.review-of')).toBeVisible();
    await page.getByRole('button', { name: 'Clear', exact: true }).tap();
    await expect(page.locator('.review-row').first()).toContainText('cleared');
    await inTheHand(page, 'review');
});
