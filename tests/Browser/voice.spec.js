import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { chromiumOptions } from './chromium.js';
import { batch } from './journey.js';

const folder = fileURLToPath(new URL('../../var/browser-sounds', import.meta.url));
const LINES = [
    'For eleven years one lighthouse guided no ships at all.',
    'Nobody told the keeper of the light.',
    'Follow for another light tomorrow.',
];
const SCRIPT = `# The lamp\n${LINES.join('\n')}`;

const flite = (text, name) => {
    execFileSync('flite', ['-voice', 'slt', '-t', text, `${folder}/${name}`]);
    return `${folder}/${name}`;
};
/** Files and seconds of silence one after the other, at 48 kHz. */
const joined = (name, ...parts) => {
    const inputs = parts.flatMap(part =>
        typeof part === 'number' ? ['-f', 'lavfi', '-t', String(part), '-i', 'anullsrc=r=48000:cl=mono'] : ['-i', part],
    );
    const streams = parts.map((_, i) => `[${i}:a]aresample=48000[s${i}]`).join(';');
    execFileSync('ffmpeg', [
        '-v',
        'error',
        '-y',
        ...inputs,
        '-filter_complex',
        `${streams};${parts.map((_, i) => `[s${i}]`).join('')}concat=n=${parts.length}:v=0:a=1`,
        '-ac',
        '1',
        `${folder}/${name}`,
    ]);
    return `${folder}/${name}`;
};

mkdirSync(folder, { recursive: true });
// What the browser's false microphone hears: quiet while it counts in, then the second line.
const microphone = joined('microphone.wav', 2.4, flite(LINES[1], 'second.wav'), 30);

test.use({
    permissions: ['microphone'],
    launchOptions: {
        ...chromiumOptions,
        args: [
            ...chromiumOptions.args,
            '--use-fake-ui-for-media-stream',
            '--use-fake-device-for-media-stream',
            `--use-file-for-fake-audio-capture=${microphone}%noloop`,
        ],
    },
});

test.beforeEach(async ({ page }) => {
    await batch(page, SCRIPT, 'Read aloud');
    await page.getByRole('link', { name: 'The lamp', exact: true }).click();
    await page.getByRole('link', { name: 'Voice', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Voice' })).toBeVisible();
});

test('a scene is recorded in the browser and takes the narrator’s place when it is kept and used', async ({ page }) => {
    await page.getByRole('button', { name: 'Record scene 2' }).click();
    await expect(page.locator('.recorder-text')).toHaveText(LINES[1]);
    await page.getByRole('button', { name: 'Record', exact: true }).click();
    await expect(page.getByRole('button', { name: 'Stop', exact: true })).toBeVisible();
    const level = () => page.getByLabel('Level').evaluate((meter) => meter.value);
    await expect.poll(level, { timeout: 20_000, intervals: [30] }).toBeGreaterThan(0.1);
    // It is over when nothing has been heard for a second.
    await page.waitForFunction(() => {
        const meter = document.querySelector('.recorder-level');
        if (meter.value > 0.02) meter.dataset.heard = Date.now();
        return Date.now() - Number(meter.dataset.heard ?? Date.now()) > 1_000;
    });
    await page.getByRole('button', { name: 'Stop', exact: true }).click();
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('A new reading, not used yet.')).toBeVisible({ timeout: 40_000 });
    await expect(page.getByText('It does not sound like these words')).toHaveCount(0);
    await page.getByRole('button', { name: 'Use this reading of scene 2' }).click();
    await expect(page.getByText('Your reading.')).toBeVisible();
    await expect(page.getByText('Aldous.')).toHaveCount(2);

    // Its words stand over the wave, and one is put elsewhere.
    const word = page.getByRole('group', { name: 'Sound of scene 2' }).getByRole('button', { name: /^keeper,/ });
    await word.focus();
    await page.keyboard.press('Shift+ArrowDown');
    await expect(page.getByRole('button', { name: /^keeper,.*Pinned/ })).toBeVisible();
});

test('an uploaded reading is aligned, its dead air cut, and the exported captions follow it', async ({
    page,
}, info) => {
    const [first, second, third] = ['For eleven years', 'one lighthouse guided no ships at all.', LINES[1]].map(
        (text, i) => flite(text, `part-${i}.wav`),
    );
    const whole = joined('whole.wav', 0.5, first, 1.2, second, 0.8, third, 0.6, flite(LINES[2], 'part-3.wav'), 0.5);
    await page.locator('#whole').setInputFiles(whole);
    await expect(page.getByText('A new reading, not used yet.')).toHaveCount(3, { timeout: 120_000 });
    await page.getByRole('button', { name: 'use all of them' }).click();
    await expect(page.getByText('Your reading.')).toHaveCount(3);

    const pause = page
        .getByRole('group', { name: 'Sound of scene 1' })
        .getByRole('button', { name: /^A pause of 1\d\d\d ms, shortened to 120/ });
    await expect(pause).toBeVisible();
    await pause.click();
    await expect(page.getByRole('button', { name: /^A pause of 1\d\d\d ms, left as it was spoken/ })).toBeVisible();
    await page.getByRole('button', { name: /^A pause of 1\d\d\d ms, left as it was spoken/ }).click();
    await expect(pause).toBeVisible();
    await expect(page.getByText(/dead air saved: [1-9]/)).toBeVisible();

    await page.getByRole('link', { name: /01 The lamp/ }).click();
    await page.getByRole('button', { name: 'Draft' }).click();
    await expect(page.locator('.export .state-ready')).toBeVisible({ timeout: 120_000 });
    const files = {};
    for (const kind of ['JSON', 'SRT']) {
        const [download] = await Promise.all([
            page.waitForEvent('download'),
            page.getByRole('link', { name: kind, exact: true }).click(),
        ]);
        await download.saveAs((files[kind] = info.outputPath(`lamp.${kind}`)));
    }
    const cut = JSON.parse(readFileSync(files.JSON, 'utf8'));
    expect(cut.words.map((word) => word.text).join(' ')).toBe(LINES.join(' '));
    // The pause of more than a second after "years" is gone, and no word with it.
    expect(cut.words[3].start_ms - cut.words[2].end_ms).toBeLessThan(260);
    expect(cut.words[3].start_ms - cut.words[2].start_ms).toBeGreaterThan(250);
    const cues = readFileSync(files.SRT, 'utf8')
        .split('\n\n')
        .filter(Boolean)
        .map(block => block.split('\n'));
    const ms = time =>
        Number(time.slice(0, 2)) * 3_600_000 +
        Number(time.slice(3, 5)) * 60_000 +
        Number(time.slice(6, 8)) * 1_000 +
        Number(time.slice(9, 12));
    let at = 0;
    for (const [, times, ...lines] of cues) {
        expect(Math.abs(ms(times.slice(0, 12)) - cut.words[at].start_ms)).toBeLessThan(40);
        at += lines.join(' ').split(' ').length;
    }
});

test('voices are filtered and heard with a typed sentence', async ({ page }) => {
    await page.goto('/voices');
    await page.getByLabel('Language').selectOption('English');
    await page.getByLabel('Pitch').selectOption('high');
    await expect(page.getByRole('button', { name: 'Hear Brenna' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Hear Aldous' })).toBeHidden();
    await page.getByLabel('A sentence to hear').fill('A bell under water.');
    const [answer] = await Promise.all([
        page.waitForResponse(response => /\/voices\/said\//.test(response.url()) && response.ok()),
        page.getByRole('button', { name: 'Hear Brenna' }).click(),
    ]);
    expect(answer.headers()['content-type']).toContain('audio/wav');
});
