import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeBatch, probe, rundown, signIn } from './journey.js';

test.beforeEach(async ({ page }) => signIn(page));

/** A row of grey levels of one frame of a file, after some filters. */
const levels = (file, seconds, filters) => execFileSync('ffmpeg', [
    '-v', 'error', '-ss', String(seconds), '-i', file, '-frames:v', '1', '-vf',
    `${filters},scale=54:32:flags=area,format=gray`, '-f', 'rawvideo', '-',
]);

const difference = (one, other) => one.reduce((sum, value, i) => sum + Math.abs(value - other[i]), 0) / one.length;

test('a window follows, is pinned by dragging, and the pin is found in the file', async ({ page }) => {
    await makeBatch(page, '# Sail\nThe boat crossed the bay in the evening, sailing home.', {
        shorts: 1, name: 'Framed',
    });
    await page.locator('.order-rows .what a').first().click();
    const short = page.url();
    await page.locator('.shot-place', { hasText: 'Boat crosses the bay' }).locator('.shot-framing').click();
    await expect(page.getByRole('heading', { name: 'Framing' })).toBeVisible();
    await page.waitForLoadState();
    const state = async () => (await page.request.get(`${page.url()}/state`)).json();
    const { drawn: before } = await state();
    // It follows: the window is not where it was.
    expect(Math.abs(before.windows[0][1] - before.windows.at(-1)[1])).toBeGreaterThan(0.02);

    await page.locator('.interest canvas').hover({ position: { x: 60, y: 75 } });
    await expect(page.locator('.stage-at')).not.toHaveText('0.00 s');
    const stage = await page.locator('.source-stage').boundingBox();
    await page.mouse.move(stage.x + stage.width / 2, stage.y + 80);
    await page.mouse.down();
    await page.mouse.move(stage.x + stage.width / 2 - 150, stage.y + 80, { steps: 5 });
    await page.mouse.up();
    await expect(page.locator('.lead').first()).toContainText('1 pin');
    const { drawn } = await state();
    const [pin] = drawn.pins;
    expect(pin.x).toBeLessThan(before.windows[Math.round((pin.ms - before.in) / 40)][1] - 0.1);

    // Keys: another way to frame it and back, and a pin taken away and brought again.
    await page.keyboard.press('4');
    await expect(page.locator('[data-setting=framing] select')).toHaveValue('blur');
    await page.keyboard.press('1');
    await expect(page.locator('[data-setting=framing] select')).toHaveValue('follow');
    await page.keyboard.press('Delete');
    await expect(page.locator('.lead').first()).not.toContainText('pin');
    await page.getByRole('button', { name: /^Undo: deleted a pin/ }).click();
    await expect(page.locator('.lead').first()).toContainText('1 pin');

    await page.goto(short);
    await page.getByRole('button', { name: /draft/i }).first().click();
    await expect(page.locator('.state-working').first()).toBeVisible();
    await expect(page.locator('.state-ready').first()).toBeVisible({ timeout: 200_000 });
    const save = async (name) => {
        const [file] = await Promise.all([
            page.waitForEvent('download'), page.getByRole('link', { name, exact: true }).click(),
        ]);
        return file.path();
    };
    const video = await save('MP4');
    const cut = JSON.parse(readFileSync(await save('JSON'), 'utf8'));
    expect(probe(video).streams.some((one) => one.codec_type === 'video')).toBe(true);
    const shot = cut.scenes.flatMap((scene) => scene.shots).find((one) => one.in_ms === drawn.in && one.why);
    const source = 'demo/drawn/boat-crosses-the-bay.mp4';
    const shown = levels(video, (shot.start_ms + pin.ms - drawn.in) / 1000, 'crop=iw:ih/3:0:0');
    const at = (x) => levels(source, pin.ms / 1000, `crop=607:360:${Math.round(x * 1920 - 303)}:0`);
    expect(difference(shown, at(pin.x))).toBeLessThan(4);
    expect(difference(shown, at(pin.x + 0.12))).toBeGreaterThan(4);
});

test('twenty numbered pictures come back and stand in their shots, one of two chosen by key', async ({ page }) => {
    const lines = Array.from({ length: 20 }, (_, i) => `Light number ${i + 1} went out at sea.`);
    await rundown(page, `# Twenty lights\n${lines.join('\n')}`, 'Numbered');
    await page.getByRole('link', { name: 'Twenty lights', exact: true }).click();
    await expect(page.locator('.shot-words')).toHaveCount(20, { timeout: 120_000 });
    const short = page.url();
    await page.goto(`${short}/briefs`);
    const folder = mkdtempSync(join(tmpdir(), 'pictures-'));
    const files = [];
    const draw = (name, hue) => {
        const file = join(folder, name);
        execFileSync('ffmpeg', [
            '-v', 'error', '-y', '-f', 'lavfi', '-i', `color=0x8080c0:s=180x320,hue=h=${hue},drawgrid=w=30:h=30`,
            '-frames:v', '1', file,
        ]);
        files.push(file);
    };
    for (let i = 1; i <= 20; i++) draw(`${String(i).padStart(2, '0')}.png`, 17 * i);
    draw('03b.png', 300);
    writeFileSync(join(folder, 'list.txt'), 'no picture');
    await page.locator('#bring').setInputFiles([...files, join(folder, 'list.txt')]);
    await expect(page.getByRole('heading', { name: '20 shots have their pictures' })).toBeVisible({ timeout: 120_000 });
    await expect(page.getByRole('alert').filter({ hasText: 'list.txt' })).toBeVisible();
    await expect(page.locator('.candidates')).toHaveCount(1);
    await page.locator('body').press('2');
    await expect(page.locator('.candidates [aria-pressed=true] kbd')).toHaveText('2');
    await page.getByRole('link', { name: 'To the short' }).click();
    const names = page.locator('.shot-words');
    // New pictures are looked at before the short is planned anew.
    await expect(names.nth(0)).toContainText('01', { timeout: 120_000 });
    await expect(names.nth(2)).toContainText('03b');
    await expect(names.nth(19)).toContainText('20');
});
