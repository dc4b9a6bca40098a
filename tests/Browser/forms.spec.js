import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { probe, signIn, unzip } from './journey.js';

const TABLE = [
    "Here's your 20-second video script in table form:",
    '',
    '| Time | Visual | Voiceover |',
    '|------|--------|-----------|',
    '| 0:00-0:03 | Dark pier, rain | The pier had no end. |',
    '| 0:03-0:10 | Drone over the fog | Men walked out on it, and they did not come back for supper. |',
    '| 0:10-0:15 | Old photo of a gate | In 1888 the town built a gate. |',
    '',
    'Let me know if you want changes to the script!',
].join('\n');
const SCREENPLAY = [
    'FADE IN:', '', 'INT. LANTERN ROOM - NIGHT', '', 'Rain on the panes. EDDA (60) trims the wick.', '', 'EDDA',
    '(quietly)', 'You were late by nine years, and the soup is cold.', '', 'JOSS steps out of the dark.', '', 'JOSS',
    'The road was longer than I thought.', '', 'CUT TO:', '', 'EXT. CLIFF - DAWN', '', 'EDDA (V.O.)',
    'He had walked around the whole bay to avoid one bridge.', '', 'FADE OUT.',
].join('\n');
const PAGE = [
    'Skip to main content', 'Home', 'News', 'Weather', 'The harbour that moved in one night', 'By Ansel Korrow',
    'Published 12 March 2024', 'Share this on social',
    'On the ninth of March the people of Sallow woke to find their harbour dry, and all the fish were gone.',
    'Read more: Ten best ovens', 'The old quay. Photo: Sallow Archive',
    'For three weeks the fishermen carried their boats across the fields. Then they began to dig.',
    'Related articles', 'Why rivers change their minds', 'We use cookies to improve your experience. Accept all',
    '© 2024 The Sallow Post',
].join('\n');
const SPOKEN = [
    'The pier had no end. Men walked out on it, and they did not come back for supper. In 1888 the town built a gate.',
    'You were late by nine years, and the soup is cold. The road was longer than I thought. He had walked around the '
        + 'whole bay to avoid one bridge.',
    'On the ninth of March the people of Sallow woke to find their harbour dry, and all the fish were gone. For three '
        + 'weeks the fishermen carried their boats across the fields. Then they began to dig.',
];
const words = (text) => text.toLowerCase().match(/[\p{L}\p{N}]+/gu).join(' ');

test.beforeEach(({ page }) => signIn(page));

test('a table, a screenplay and a copied page become three clean shorts', async ({ page }, info) => {
    await page.goto('/intake');
    await page.getByLabel('Scripts').fill([TABLE, SCREENPLAY, PAGE].join('\n\n---\n\n'));
    await expect(page.getByText(/^Not spoken: .*remarks? about the script/)).toBeVisible();
    await expect(page.getByText(/^Not spoken: .*picture note/).first()).toBeVisible();
    await expect(page.getByText(/^Not spoken: .*web page furniture/)).toBeVisible();
    await page.getByLabel('Batch').fill('Pasted');
    await page.getByLabel('Quality').selectOption('draft');
    await page.getByRole('button', { name: 'Make 3 shorts' }).click();
    await expect(page.locator('.state-ready')).toHaveCount(3, { timeout: 220_000 });

    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: /Download/ }).first().click(),
    ]);
    const folder = info.outputPath('shorts');
    await download.saveAs(`${folder}.zip`);
    unzip(`${folder}.zip`, folder);
    const files = execFileSync('find', [folder, '-name', '*.srt'], { encoding: 'utf8' }).trim().split('\n').sort();
    expect(files).toHaveLength(3);
    files.forEach((file, i) => {
        // Captions say what was said: without numbers and times of cues they are the script.
        const said = readFileSync(file, 'utf8').replace(/^\d+\r?\n[\d:,]+ --> [\d:,]+$/gm, '');
        expect(words(said)).toBe(words(SPOKEN[i]));
        expect(probe(file.replace(/srt$/, 'mp4')).streams.length).toBeGreaterThanOrEqual(2);
    });
    // What the table wants seen is the brief.
    const [briefs] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'Briefs' }).first().click(),
    ]);
    await briefs.saveAs(`${folder}-briefs.zip`);
    unzip(`${folder}-briefs.zip`, `${folder}-briefs`);
    const [first] = readdirSync(`${folder}-briefs`).filter((name) => name.endsWith('.txt')).sort();
    expect(readFileSync(`${folder}-briefs/${first}`, 'utf8').toLowerCase()).toContain('dark pier, rain');
});

test('a voice of another maker fails, is told why, and reads the short after all', async ({ page, request }, info) => {
    const simulate = (fail) => request.post('http://127.0.0.1:9099/simulate', { data: { fail } });
    await simulate(500);
    await page.goto('/intake');
    await page.getByLabel('Scripts').fill('The lamp went out at nine. Nobody came. The sea kept the door open.');
    await page.getByLabel('Voice', { exact: true }).selectOption({ label: 'Wren' });
    await page.getByLabel('Batch').fill('Outside');
    await page.getByLabel('Quality').selectOption('draft');
    await page.getByRole('button', { name: 'Make the short' }).click();
    const told = 'The voice service “Simulated voices” could not do it: it is out of breath.';
    await expect(page.getByText(told).first()).toBeVisible({ timeout: 120_000 });

    // The plan is told first; the video may still be on its way to fail.
    const again = page.getByRole('button', { name: /again/i }).or(page.getByRole('link', { name: 'Try again' }));
    await expect(again).toBeVisible({ timeout: 120_000 });
    await simulate(0);
    await again.click();
    await expect(page.locator('.state-ready')).toHaveCount(1, { timeout: 120_000 });
    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: /Download/ }).first().click(),
    ]);
    await download.saveAs(info.outputPath('outside.zip'));
    unzip(info.outputPath('outside.zip'), info.outputPath('outside'));
    const [file] = execFileSync('find', [info.outputPath('outside'), '-name', '*.mp4'], { encoding: 'utf8' }).trim()
        .split('\n');
    expect(probe(file).streams.map((stream) => stream.codec_type).sort()).toEqual(['audio', 'video']);
});
