import { expect, test } from '@playwright/test';
import { mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { makeBatch, probe, signIn, unzip } from './journey.js';

const SCRIPTS = `# The lamp
The lamp went out at nine.
[music: slow]
Nobody saw the boat in the fog until the bell rang.
Follow for more.
---
What if a bell could ring under water?
HOST: The fishermen of Morrow Bay heard it on every tide.
---
# Nine boats
Nine boats followed one light home through the storm.
“Lamp lit,” the keeper wrote. Would you have?`;

test('three pasted scripts become three videos, downloaded in one archive', async ({ page }) => {
    await signIn(page);
    await makeBatch(page, SCRIPTS, { shorts: 3, quality: 'final', name: 'Three lamps' });

    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'Download ZIP' }).click(),
    ]);
    const folder = mkdtempSync(`${tmpdir()}/reel-`);
    await download.saveAs(`${folder}/batch.zip`);
    unzip(`${folder}/batch.zip`, `${folder}/out`);

    const names = ['01-the-lamp', '02-what-if-a-bell-could-ring-under-water', '03-nine-boats'];
    expect(readdirSync(`${folder}/out`).sort()).toEqual([
        ...names.flatMap(name => ['ass', 'json', 'mp4', 'srt', 'vtt'].map(kind => `${name}.${kind}`)),
        'manifest.csv',
    ]);
    expect(readFileSync(`${folder}/out/manifest.csv`, 'utf8').trim().split('\r\n')).toHaveLength(4);
    for (const name of names) {
        const { streams: [video, audio], format } = probe(`${folder}/out/${name}.mp4`);
        const cut = JSON.parse(readFileSync(`${folder}/out/${name}.json`, 'utf8'));
        expect([
            video.codec_name,
            video.profile,
            video.width,
            video.height,
            video.pix_fmt,
            video.r_frame_rate,
            video.color_space,
        ]).toEqual(['h264', 'High', 1080, 1920, 'yuv420p', '30/1', 'bt709']);
        expect([audio.codec_name, audio.sample_rate, audio.channels]).toEqual(['aac', '48000', 2]);
        expect(Number(video.nb_read_frames)).toBe(Math.round(cut.duration_ms * 0.03));
        expect(Math.abs(Number(video.duration) - Number(audio.duration))).toBeLessThan(1 / 30);
        expect(Number(format.duration)).toBeCloseTo(cut.duration_ms / 1000, 1);
        const said = cut.words.map(word => word.text).join(' ');
        const shown = readFileSync(`${folder}/out/${name}.srt`, 'utf8')
            .split('\n\n')
            .filter(Boolean)
            .map(block => block.split('\n').slice(2).join(' '))
            .join(' ');
        expect(shown).toBe(said);
        expect(said).not.toMatch(/music|HOST/);
    }
});

test('an edited scene is made anew alone, and so is a swapped picture', async ({ page }) => {
    await signIn(page);
    await makeBatch(page, SCRIPTS.split('---')[0], { shorts: 1, name: 'To edit' });
    await page.getByRole('link', { name: 'The lamp', exact: true }).click();

    const scene = page.getByLabel('Scene 3, close');
    await scene.fill('Follow for one more light.');
    await page.getByRole('button', { name: 'Save the words' }).click();
    await expect(page.getByText('edited since')).toBeVisible();
    await page.getByRole('button', { name: 'Draft' }).click();
    await expect(page.getByText(/^1 segments made, [1-9] kept$/)).toBeVisible({ timeout: 90_000 });
    await expect(scene).toHaveValue('Follow for one more light.');

    await page.getByRole('button', { name: /^Swap the picture at 0:00.0/ }).click();
    await page.getByLabel('Search footage').fill('whale');
    await page.locator('[data-footage]', { hasText: 'Whale in the bay' }).click();
    await expect(page.getByRole('button', { name: 'Swap the picture at 0:00.0: Whale in the bay' })).toBeVisible();
    await page.getByRole('button', { name: 'Draft' }).click();
    await expect(page.getByText(/^1 segments made, [1-9] kept$/)).toBeVisible({ timeout: 90_000 });
    await expect.poll(() => page.locator('video').evaluate((video) => video.duration)).toBeGreaterThan(4);
});

test('a render can be stopped from its row', async ({ page }) => {
    await signIn(page);
    await page.goto('/intake');
    const long = 'The keeper climbed two hundred steps with a lantern, and he counted every one of them aloud. ';
    await page.getByLabel('Scripts').fill(long.repeat(6));
    await page.getByRole('button', { name: 'Make the short' }).click();
    await expect(page.getByText('rendering')).toBeVisible({ timeout: 120_000 });
    await page.getByRole('button', { name: /^Stop making/ }).click();
    await expect(page.getByText('stopped', { exact: true })).toBeVisible({ timeout: 90_000 });
});
