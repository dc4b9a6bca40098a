import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { batch, setForAll, sheet } from './journey.js';

/** One frame of a video, small, and what colour a point of it has; places as parts of the frame. */
const frame = (file, seconds) => {
    const pixels = execFileSync('ffmpeg', ['-v', 'error', '-ss', String(seconds), '-i', file, '-frames:v', '1', '-vf',
        'scale=90:160:flags=area', '-pix_fmt', 'rgb24', '-f', 'rawvideo', '-']);
    return (x, y) => {
        const at = 3 * (Math.floor(y * 160) * 90 + Math.floor(x * 90));
        return [...pixels.subarray(at, at + 3)];
    };
};

const exported = async (page) => {
    await page.getByRole('link', { name: 'Script and export' }).click();
    await page.getByRole('button', { name: 'Draft', exact: true }).click();
    const link = page.getByRole('link', { name: 'MP4', exact: true });
    await expect(link).toBeVisible({ timeout: 150_000 });
    const [download] = await Promise.all([page.waitForEvent('download'), link.click()]);
    return download.path();
};

test('a subject on a green ground is keyed and put over two colours, down to the file', async ({ page }) => {
    const clip = join(mkdtempSync(join(tmpdir(), 'green-')), 'windlass.mp4');
    // A red block in the middle that sways before a green that is lit unevenly.
    execFileSync('ffmpeg', ['-v', 'error', '-f', 'lavfi', '-i', 'color=c=0x2fb04a:s=540x960:r=30:d=6', '-f', 'lavfi',
        '-i', 'color=c=0xb03020:s=200x400:r=30:d=6', '-filter_complex',
        "[0][1]overlay=x='170+20*sin(2*t)':y=560,vignette=PI/7,noise=alls=6:allf=t", '-pix_fmt', 'yuv420p', clip]);
    await batch(page, '# Foghorn\nThe foghorn called all night.', 'On green');
    const rundown = page.url();
    await page.goto('/footage');
    await page.locator('#upload').setInputFiles(clip);
    await expect(page.getByLabel(/^Choose windlass/i)).toBeVisible({ timeout: 120_000 });

    await page.goto(rundown);
    await sheet(page, 'Foghorn');
    await page.locator('body').press('6');
    await page.getByRole('dialog').getByRole('searchbox').fill('windlass');
    // All others are gone from the list, which moves up as they go.
    const found = page.getByRole('dialog').locator('.modal-body').getByRole('button');
    await expect(found).toHaveCount(1);
    await expect(found).toHaveAccessibleName(/windlass/i);
    await found.click();
    await expect(page.locator('.told')).toContainText('It shows “', { timeout: 90_000 });
    await page.getByText('Settings of this short', { exact: true }).click();
    const set = (label) => page.getByLabel(`${label} of the short`, { exact: true });
    await set('Plain background').selectOption('taken');
    await expect(page.locator('.told')).toContainText('removed');
    const file = await exported(page);
    const at = frame(file, 1);
    // The usual two colours, dark blue above and nearly black below, where it was green; the subject where it is.
    for (const [x, y] of [[0.1, 0.1], [0.9, 0.2], [0.08, 0.85]]) {
        const [red, green, blue] = at(x, y);
        expect(green).toBeLessThan(90);
        expect(blue).toBeGreaterThan(green - 12);
        expect(red).toBeLessThan(60);
    }
    const [red, green] = at(0.5, 0.74);
    expect(red).toBeGreaterThan(110);
    expect(green).toBeLessThan(80);
});

test('a card is put over the picture by key, dragged to its place and found there in the file', async ({ page }) => {
    await batch(page, '# Card\nThe lamp burned all night and nobody came.', 'With cards');
    await sheet(page, 'Card');
    await page.locator('body').press('i');
    const dialog = page.getByRole('dialog', { name: 'A card or sticker here' });
    await dialog.getByLabel('Words, an emoji, or the number of a badge').fill('word '.repeat(60));
    await dialog.getByRole('button', { name: 'Put it here' }).click();
    await expect(dialog.getByRole('alert').filter({ hasText: 'A card has at most 140 letters' })).toBeVisible();
    await dialog.getByLabel('Words, an emoji, or the number of a badge').fill('7');
    await dialog.getByRole('radio', { name: 'badge with a number' }).check({ force: true });
    await dialog.getByLabel('Colour', { exact: true }).fill('#ff0000');
    await dialog.getByLabel('Goes').selectOption('cut');
    await dialog.getByRole('button', { name: 'Put it here' }).click();
    await expect(dialog).toBeHidden();
    const card = page.locator('.stage-card');
    await expect(card).toHaveCount(1, { timeout: 90_000 });

    // To the left and down, by mouse.
    const stage = await page.locator('.stage').boundingBox();
    const box = await card.boundingBox();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(stage.x + 0.25 * stage.width, stage.y + 0.8 * stage.height, { steps: 4 });
    await page.mouse.up();
    await expect(page.locator('.told')).toContainText('Changed.');
    await expect.poll(async () => {
        const now = await card.boundingBox();
        return now && Math.round((100 * (now.x + now.width / 2 - stage.x)) / stage.width);
    }, { timeout: 90_000 }).toBe(25);
    // It is one of a list that keys get to, and can be turned by a number.
    await page.locator('.stage-card-list').getByRole('button').click();
    const own = page.getByRole('dialog', { name: 'This card' });
    await own.getByLabel('Turned').fill('20');
    await own.getByRole('button', { name: 'Save it' }).click();
    await expect(own).toBeHidden();

    const file = await exported(page);
    const [red, green] = frame(file, 1)(0.25 + 0.055, 0.8);
    expect(red).toBeGreaterThan(150);
    expect(green).toBeLessThan(90);
    const after = frame(file, 2.3)(0.25 + 0.055, 0.8);
    expect(after[0] > 150 && after[1] < 90 && after[2] < 90).toBe(false);
});

test('the house style is seen on a real short as it is set, and applied to a batch', async ({ page }) => {
    await batch(page, '# Seen\nThe lamp burned all night and nobody came.', 'For the house');
    await sheet(page, 'Seen');
    await page.goto('/house');
    const shown = page.getByRole('complementary', { name: 'A short as it will be' });
    await expect(shown).toBeVisible();
    await expect(shown.locator('.house-frame[data-drawn]')).toHaveCount(3, { timeout: 90_000 });
    const look = () => shown.locator('video').first().evaluate((video) => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [18, 32];
        canvas.getContext('2d').drawImage(video, 0, 0, 18, 32);
        const { data } = canvas.getContext('2d').getImageData(0, 0, 18, 32);
        let most = 0;
        for (let i = 0; i < data.length; i += 4) {
            const own = [...data.subarray(i, i + 3)];
            most = Math.max(most, Math.max(...own) - Math.min(...own));
        }
        return most;
    });
    await expect.poll(look).toBeGreaterThan(40);
    await page.getByLabel('Look of the channel', { exact: true }).selectOption('ink');
    await expect(page.locator('.told')).toContainText(/shorts? follows?/);
    // No colour is left, a moment later.
    await expect.poll(look, { timeout: 120_000 }).toBeLessThan(14);

    // A batch that has its own look is told of, with how many change.
    await page.goto('/');
    await page.getByRole('link', { name: 'For the house', exact: true }).click();
    await setForAll(page, 'look', 'lamplight');
    await expect(page.locator('.told')).toContainText(/look/i);
    await page.goto('/house');
    const row = page.locator('.house-apply li').filter({ hasText: 'For the house' });
    await expect(row).toContainText('1 of 1 short changes, none needs a new export');
    await row.getByRole('button', { name: 'Apply the house style to For the house' }).click();
    await expect(page.locator('.told')).toContainText('1 short follows the house style now.');
    await expect(row).toHaveCount(0);
    await page.getByRole('button', { name: /^Undo: look/i }).click();
    await expect(page.getByLabel('Look of the channel', { exact: true })).toHaveValue('none');
});
