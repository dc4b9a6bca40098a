import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { batch, setForAll, sheet, signIn } from './journey.js';

const TALES = {
    calm: 'The night was calm and quiet. Snow lay on the sleeping quay.',
    storm: 'The storm wrecked the boat. Nobody knew the danger in the dark.',
    home: 'Her mother kept every letter. The children came home to bread and love.',
};

test('music is chosen by the mood of ten shorts, heard and given another mood', async ({ page }) => {
    const scripts = Array.from({ length: 10 }, (_, i) => {
        const [name, text] = Object.entries(TALES)[i % 3];
        return `# ${name} ${i}\n${text}`;
    });
    await batch(page, scripts.join('\n---\n'), 'Ten moods');
    await expect(page.locator('tr[data-id]')).toHaveCount(10);

    await page.locator('body').press('q');
    await expect(page.getByRole('heading', { name: 'Sound', exact: true })).toBeVisible();
    await page.waitForLoadState();
    await page.getByLabel('Show of one mood').selectOption('tense');
    await page.waitForURL(/mood=tense/);
    await expect(page.locator('tbody tr:visible')).toHaveCount(2);
    await page.getByRole('button', { name: 'Hear Rising gale' }).click();
    await expect.poll(() => page.locator('audio').evaluate((audio) => !audio.paused)).toBe(true);
    await page.getByRole('button', { name: 'Hear Rising gale' }).click();

    const pieces = async (name) => {
        await page.goto('/');
        await page.getByRole('link', { name: 'Ten moods', exact: true }).click();
        await sheet(page, name, { seen: false });
        await expect(page.locator('.stage-music')).toContainText('Music: ', { timeout: 90_000 });
        return (await page.locator('.stage-music').innerText()).replace('Music: ', '');
    };
    const storms = [await pieces('storm 1'), await pieces('storm 4')];
    expect(storms.every((piece) => ['Rising gale', 'Black water'].includes(piece))).toBe(true);
    expect(new Set(storms).size).toBe(2);
    expect(['Galley kettle', 'Lantern waltz']).toContain(await pieces('home 2'));
    expect(await pieces('calm 0')).toBe('Slow tide');

    // For all of them at once, by hand.
    await page.goBack();
    await page.goBack();
    await setForAll(page, 'mood', 'grand');
    await expect(page.locator('.told')).toContainText('grand');
    await pieces('storm 1');
    await expect(page.locator('.stage-music')).toHaveText('Music: Great beacon', { timeout: 120_000 });
});

test('a bell is placed by key, the music goes down there, and both are in the file', async ({ page }) => {
    await batch(page, '# The bell\nThe bell on the quay rang once. Nobody pulled the rope.\nIt was still.', 'Heard');
    await sheet(page, 'The bell');
    await page.locator('.said-word').nth(5).click();
    await page.locator('body').press('c');
    await page.getByRole('dialog', { name: 'A sound here' }).getByRole('button', { name: 'Bell', exact: true }).click();
    await expect(page.locator('.heard-effect')).toHaveText('Bell', { timeout: 90_000 });

    // The level, by key and by mouse.
    await page.locator('body').press('Alt+ArrowLeft');
    await expect(page.locator('.heard-point')).toHaveCount(1);
    await expect(page.locator('.told')).toContainText('one point');
    const point = await page.locator('.heard-point').boundingBox();
    await page.mouse.move(point.x + 5, point.y + 5);
    await page.mouse.down();
    await page.mouse.move(point.x + 25, point.y + 45, { steps: 3 });
    await page.mouse.up();
    await expect.poll(async () => (await page.locator('.heard-point').boundingBox())?.y ?? 0, { timeout: 90_000 })
        .toBeGreaterThan(point.y + 20);

    // Another level is heard while it plays, before it is mixed anew.
    await expect.poll(
        () => page.evaluate(async () => (await (await fetch(`${location.pathname}/state`)).json()).working),
        { timeout: 90_000 },
    ).toBe(false);
    await expect(page.locator('.stage')).toHaveAttribute('data-heard', 'mix');
    await page.waitForLoadState('networkidle');
    await page.getByRole('button', { name: 'Play', exact: true }).last().click();
    await page.evaluate(() => {
        window.heard = [];
        new MutationObserver(() => window.heard.push(document.querySelector('.stage').dataset.heard))
            .observe(document.querySelector('.stage'), { attributes: true, attributeFilter: ['data-heard'] });
    });
    await page.getByText('Settings of this short', { exact: true }).click();
    const level = page.getByLabel('Music under the voice of the short', { exact: true });
    await level.fill('8');
    await level.press('Tab');
    await expect.poll(() => page.evaluate(() => window.heard.join())).toBe('halves,mix');

    await page.getByRole('link', { name: 'Script and export' }).click();
    await page.getByRole('button', { name: 'Draft', exact: true }).click();
    const link = page.getByRole('link', { name: 'MP4', exact: true });
    await expect(link).toBeVisible({ timeout: 150_000 });
    const [download] = await Promise.all([page.waitForEvent('download'), link.click()]);
    const told = execFileSync('sh', ['-c', 'ffmpeg -hide_banner -i "$1" -af ebur128=peak=true -f null - 2>&1', '-',
        await download.path()]).toString().split('Summary:').at(-1);
    expect(Math.abs(Number(told.match(/I:\s+(-[\d.]+)/)[1]) + 14)).toBeLessThanOrEqual(0.6);
    expect(Number(told.match(/Peak:\s+(-[\d.]+)/)[1])).toBeLessThanOrEqual(-1);
});

test('music and effects are brought and taken away, and what is none is refused by name', async ({ page }) => {
    await signIn(page);
    await page.locator('body').press('q');
    const sound = execFileSync('ffmpeg', ['-v', 'error', '-f', 'lavfi', '-i',
        "aevalsrc='0.5*sin(2*PI*80*t)*exp(-12*mod(t,0.5))':d=8", '-f', 'wav', '-']);
    await page.getByLabel('Sound files').setInputFiles([
        { name: 'My own march.wav', mimeType: 'audio/wav', buffer: sound },
        { name: 'not a sound.mp3', mimeType: 'audio/mpeg', buffer: Buffer.from('nothing') },
    ]);
    await page.getByRole('button', { name: 'Upload as music' }).click();
    await expect(page.locator('.told')).toContainText('My own march is here.');
    await expect(page.getByRole('alert').filter({ hasText: 'not a sound.mp3' })).toBeVisible();
    const row = page.getByRole('row', { name: /My own march/ });
    await expect(row).toContainText('120');
    await row.getByLabel('Mood of My own march').selectOption('grand');
    await expect(page.locator('.told')).toContainText('is grand');
    await row.getByRole('button', { name: 'Delete My own march' }).click();
    await expect(page.locator('.told')).toContainText('was deleted');
    await expect(page.getByRole('row', { name: /My own march/ })).toHaveCount(0);
});
