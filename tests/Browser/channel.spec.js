import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { makeBatch, ownChannel, signIn } from './journey.js';

const LOGO = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 200">'
    + '<rect width="200" height="200" fill="#0B7A3B"/><circle cx="100" cy="100" r="60" fill="#F7D046"/></svg>';

test('a channel is set up from a logo: its colours, a look, and both in the videos of a batch', async ({ page }) => {
    await signIn(page);
    const place = await ownChannel(page, 'Beacons');
    await page.getByRole('link', { name: 'Footage', exact: true }).click();
    await page.locator('#upload').setInputFiles('demo/drawn/lighthouse-at-night.png');
    // It is there as it arrives.
    await expect(page.getByAltText(/lighthouse at night/i)).toBeVisible({ timeout: 60_000 });
    await expect(page.locator('[data-checking]')).toHaveCount(0, { timeout: 60_000 });
    await page.locator('body').press('h');
    await page.getByLabel('PNG or SVG file').setInputFiles({
        name: 'Beacon.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(LOGO),
    });
    await page.getByRole('button', { name: 'Upload a logo' }).click();
    await expect(page.getByText('“Beacon” is the logo of the channel now.')).toBeVisible();
    const logo = page.getByLabel('Logo of the channel', { exact: true });
    await expect(logo.locator('option:checked')).toHaveText('Beacon');
    await expect(page.locator('.swatch:visible')).toHaveCount(2);
    // Any other colour is taken from the logo itself, once the page stands still.
    await page.waitForLoadState();
    await page.getByAltText('Logo Beacon').click({ position: { x: 12, y: 12 } });
    await expect(page.locator('.swatch:visible').last()).toContainText('#0B7A3B');
    await page.getByRole('button', { name: 'Use F7D046 for words that stand out' }).click();
    await expect(page.getByRole('button', { name: /^Undo: their colour/i })).toBeVisible();
    await page.getByLabel('Look of the channel', { exact: true }).selectOption('ink');
    await expect(page.getByRole('button', { name: /^Undo: look/i })).toBeVisible();
    await page.getByLabel('Width of the logo of the channel', { exact: true }).fill('40');
    await page.getByLabel('Width of the logo of the channel', { exact: true }).press('Tab');
    await expect(page.getByRole('button', { name: /^Undo: width of the logo/i })).toBeVisible();

    // What is no logo, and no colour table, is refused by name.
    await page.getByLabel('PNG or SVG file').setInputFiles({
        name: 'bad.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg><script>x()</script></svg>'),
    });
    await page.getByRole('button', { name: 'Upload a logo' }).click();
    await expect(page.getByRole('alert').filter({ hasText: '“bad.svg” holds scripts' })).toBeVisible();
    await page.getByRole('link', { name: 'Channels, files and colour tables' }).click();
    await page.getByLabel('File with a colour table').setInputFiles({
        name: 'three.cube', mimeType: 'text/plain', buffer: Buffer.from('LUT_3D_SIZE 17\n0 0 0\n0 0 0\n0 0 0'),
    });
    await page.getByRole('button', { name: 'Upload a colour table' }).click();
    await expect(page.getByRole('alert').filter({ hasText: '4,913' })).toBeVisible();

    await makeBatch(page, '# Lamp\nThe lamp burned all night.', { shorts: 1, name: 'With a logo', at: place });
    await page.getByRole('link', { name: 'Lamp', exact: true }).click();
    const link = page.getByRole('link', { name: 'MP4', exact: true });
    const [download] = await Promise.all([page.waitForEvent('download'), link.click()]);
    const frame = execFileSync('ffmpeg', ['-v', 'error', '-ss', '1', '-i', await download.path(), '-frames:v', '1',
        '-vf', 'scale=90:160:flags=area', '-pix_fmt', 'rgb24', '-f', 'rawvideo', '-']);
    const at = (x, y) => [...frame.subarray(3 * (y * 90 + x), 3 * (y * 90 + x) + 3)];
    // The logo from 6 % and 12 % on, 40 % wide: green at its corner, yellow in its middle; around it no colour at all.
    const [left, top, side] = [5.4, 19.2, 36];
    const [red, green, blue] = at(Math.round(left + side / 2), Math.round(top + side / 2));
    expect(red).toBeGreaterThan(200);
    expect(green).toBeGreaterThan(160);
    expect(blue).toBeLessThan(120);
    const corner = at(Math.round(left + 3), Math.round(top + 3));
    expect(corner[1]).toBeGreaterThan(corner[0] + 40);
    const plain = at(70, 120);
    expect(Math.max(...plain) - Math.min(...plain)).toBeLessThan(14);

    // All of it goes back.
    await page.goto(`${place}/house`);
    for (let i = 0; i < 4; i++) {
        const undo = page.getByRole('button', { name: /^Undo:/ });
        const was = await undo.innerText();
        await undo.click();
        await expect(page.getByRole('button', { name: was, exact: true })).toHaveCount(0);
    }
    await expect(page.getByLabel('Logo of the channel', { exact: true })).toHaveValue('none');
});
