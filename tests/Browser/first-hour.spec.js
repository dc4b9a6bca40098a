import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { probe, signIn, unzip } from './journey.js';

const SUBJECTS = ['kettle', 'ladder', 'ferry', 'anchor'];

/** Footage of somebody's own: three clips and a still, in a folder. */
function ownFootage() {
    const folder = mkdtempSync(`${tmpdir()}/own-`);
    SUBJECTS.forEach((name, i) => {
        const source = `testsrc2=size=${i % 2 ? '640x360' : '360x640'}:rate=30:duration=4,hue=h=${80 * i}`;
        const still = i === 3;
        execFileSync('ffmpeg', ['-v', 'error', '-f', 'lavfi', '-i', source, ...(still ? ['-frames:v', '1'] : [
            '-c:v', 'libx264', '-preset', 'ultrafast', '-pix_fmt', 'yuv420p',
        ]), `${folder}/${name}.${still ? 'png' : 'mp4'}`]);
    });
    return folder;
}

test('from nothing to ten videos of one’s own footage in six actions', async ({ page }) => {
    const scripts = Array.from({ length: 10 }, (_, i) => `# Short ${i + 1}\nThe ${SUBJECTS[i % 4]} told nobody why.`);
    await signIn(page);
    await page.goto('/channels');
    let actions = 0;
    const act = async (does) => {
        actions++;
        await does();
    };

    await page.getByLabel('Name of another channel').fill('From nothing');
    await act(() => page.getByRole('button', { name: 'New channel' }).click());
    // What to do first stands on the page.
    await act(() => page.getByRole('link', { name: 'Add your footage' }).click());
    await act(() => page.locator('#folder').setInputFiles(ownFootage()));
    await expect(page.locator('#footage-grid > li')).toHaveCount(4, { timeout: 60_000 });
    await act(() => page.getByRole('link', { name: 'Intake' }).click());
    await page.getByLabel('Scripts').fill(scripts.join('\n\n---\n\n'));
    await act(() => page.getByRole('button', { name: 'Make 10 shorts' }).click());
    await expect(page.locator('.state-ready')).toHaveCount(10, { timeout: 400_000 });
    const [archive] = await Promise.all([
        page.waitForEvent('download'),
        act(() => page.getByRole('link', { name: 'Download ZIP' }).click()),
    ]);
    expect(actions).toBe(6);

    const into = mkdtempSync(`${tmpdir()}/ten-`);
    unzip(await archive.path(), into);
    const videos = readdirSync(into, { recursive: true }).filter((file) => file.endsWith('.mp4'));
    expect(videos).toHaveLength(10);
    const { streams } = probe(`${into}/${videos[0]}`);
    expect(streams.find((one) => one.codec_type === 'video')).toMatchObject({ width: 1080, height: 1920 });
});

test('help opens at what the page is about, and a flag leads to what can be done', async ({ page }) => {
    await signIn(page);
    await page.goto('/intake');
    await page.getByLabel('Scripts').fill('# Flag\nHello friends, today we look at a lamp that burned all night long.');
    const flag = page.locator('.fate .flag').first();
    await expect(flag).toBeVisible();
    const [help] = await Promise.all([page.waitForEvent('popup'), page.getByLabel('Scripts').press('F1')]);
    await expect(help.getByRole('heading', { name: 'Guide', exact: true })).toBeVisible();
    expect(new URL(help.url()).hash).toBe('#a-weeks-batch');
    await help.close();
    const to = await flag.getByRole('link', { name: /^What to do about/ }).getAttribute('href');
    await page.goto(to);
    const place = page.locator(new URL(to).hash);
    await expect(place).toBeInViewport();
});
