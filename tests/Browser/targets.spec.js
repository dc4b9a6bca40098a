import { expect, test } from '@playwright/test';
import { makeBatch, probe, signIn } from './journey.js';

test('a target is copied, its safe area dragged and walked, and a short is made for it too', async ({ page }) => {
    await signIn(page);
    await page.goto('/house');
    await page.locator('body').press('t');
    await page.getByRole('link', { name: 'Copy Up to 90 s' }).click();
    await page.getByLabel('Name').fill('Quay wall');
    await page.getByLabel('Shape').selectOption('4:5');
    await expect(page.getByText('1080 × 1350 pixels')).toBeVisible();
    await page.getByLabel('Shorter side, pixels').fill('480');
    await page.getByLabel('Frames a second').selectOption('25');

    // The lower edge by mouse, the upper one by key.
    const lower = page.getByRole('slider', { name: 'Bottom edge of the safe area' });
    const frame = await page.locator('.target-frame').boundingBox();
    const line = await lower.boundingBox();
    await page.mouse.move(line.x + line.width / 2, line.y + line.height / 2);
    await page.mouse.down();
    await page.mouse.move(line.x + line.width / 2, frame.y + 0.7 * frame.height, { steps: 5 });
    await page.mouse.up();
    await expect.poll(() => page.getByLabel('Bottom %').inputValue().then(Number)).toBeCloseTo(30, 0);
    const upper = page.getByRole('slider', { name: 'Top edge of the safe area' });
    const before = Number(await page.getByLabel('Top %').inputValue());
    await upper.press('ArrowDown');
    await upper.press('Shift+ArrowDown');
    expect(Number(await page.getByLabel('Top %').inputValue())).toBe(before + 6);

    await page.getByLabel('Longest').fill('3');
    await page.getByRole('button', { name: 'Save the target' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'The shortest is 5 s and the longest 3 s' })).toBeVisible();
    await expect(page.getByLabel('Name')).toHaveValue('Quay wall');
    await page.getByLabel('Longest').fill('50');
    await page.getByRole('button', { name: 'Save the target' }).click();
    await expect(page.getByRole('row', { name: /Quay wall/ })).toContainText('480 × 600, 25 a second');

    await makeBatch(page, '# Two walls\nThe lamp went out at nine, and nobody saw the boat. It rang the bell itself.', {
        shorts: 1, name: 'Two targets',
    });
    await page.getByRole('link', { name: 'Two walls', exact: true }).click();
    await page.locator('.settings > summary').first().click();
    const also = page.getByLabel('Also made for of the short', { exact: true });
    await also.click();
    await page.getByRole('checkbox', { name: 'Quay wall' }).check();
    await expect(page.getByRole('button', { name: /^Undo: also made for set to “Quay wall/i })).toBeVisible();
    await expect(page.locator('.other-target')).toContainText('Quay wall: not exported');
    await page.getByRole('button', { name: 'Draft', exact: true }).click();
    await expect(page.locator('.other-target')).toContainText('Quay wall: draft ready', { timeout: 120_000 });
    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'Download Two walls for Quay wall as MP4' }).click(),
    ]);
    expect(download.suggestedFilename()).toContain('quay-wall');
    const [video] = probe(await download.path()).streams;
    expect([video.width, video.height, video.r_frame_rate]).toEqual([480, 600, '25/1']);
});
