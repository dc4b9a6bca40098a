import { expect, test } from '@playwright/test';
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { batch, probe } from './journey.js';

const fonts = fileURLToPath(new URL('../../resources/fonts', import.meta.url));
const SCRIPT = '# The lamp\nThe lamp at Calder Ness went out at nine, and nobody came before dawn.\n'
    + 'Captain Orla Venn wrote 1,200 letters about the bell.\nFollow us.';

async function toCaptions(page, name) {
    await batch(page, SCRIPT, name);
    await page.getByRole('link', { name: 'The lamp', exact: true }).click();
    await page.getByRole('link', { name: 'Captions', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Captions', exact: true })).toBeVisible();
    await expect(page.locator('.lead').first()).toContainText('stand out', { timeout: 120_000 });
}

const cue = (page, text) => page.locator('.cue').filter({ hasText: text }).first();

test('captions are edited by mouse and by key, and the downloaded file says so', async ({ page }) => {
    await toCaptions(page, 'Edited');
    const first = page.locator('.cue').first();
    const count = await page.locator('.cue').count();
    await first.locator('.cue-time').click();
    await first.getByRole('button', { name: 'Join with next' }).click();
    await expect(page.locator('.cue')).toHaveCount(count - 1);
    await expect(first).toContainText('by hand');

    await first.locator('.cue-word').nth(2).click();
    await page.locator('body').press('x');
    await expect(page.locator('.cue')).toHaveCount(count);
    await expect(first.locator('.cue-word')).toHaveCount(2);

    await first.locator('.cue-time').click();
    await first.locator('.cue-text').fill('Out <b>went</b> {\\an8} the lamp');
    await first.locator('.cue-text').press('Enter');
    await expect(first.locator('.cue-word')).toHaveText(['Out', '<b>went</b>', '{\\an8}', 'the', 'lamp']);
    const begins = await page.locator('.cue').nth(1).locator('.cue-time').innerText();
    await page.locator('.cue').nth(1).locator('.cue-time').click();
    await page.locator('body').press('.');
    await expect(page.locator('.cue').nth(1).locator('.cue-time')).not.toHaveText(begins);

    const number = cue(page, '1,200');
    await number.locator('.cue-word').filter({ hasText: '1,200' }).click();
    await page.locator('body').press('e');
    await expect(number.locator('.cue-word.stands')).toHaveText('1,200');
    await number.getByLabel('Emoji after the word').fill('🔔');
    await number.getByRole('button', { name: 'Put' }).click();
    await expect(number.locator('.cue-emoji')).toHaveText('🔔');
    await page.getByRole('button', { name: /^Undo: changed an emoji/ }).click();
    await expect(number.locator('.cue-emoji')).toHaveCount(0);

    const [download] = await Promise.all([
        page.waitForEvent('download'), page.getByRole('link', { name: 'SRT', exact: true }).click(),
    ]);
    const srt = readFileSync(await download.path(), 'utf8');
    expect(srt.replaceAll('\u2060', '').replace(/\s+/g, ' ')).toContain('Out <b>went</b> {\\an8} the lamp');

    // Brought back, it says the same; a broken one is refused and nothing is lost.
    const folder = mkdtempSync(join(tmpdir(), 'captions-'));
    writeFileSync(join(folder, 'back.srt'), srt.replace('wrote', 'sent'));
    await page.locator('#bring').setInputFiles(join(folder, 'back.srt'));
    await page.getByRole('button', { name: 'In step with the voice' }).click();
    await expect(page.getByRole('status').first()).toContainText('captions taken over');
    await expect(page.locator('.cues')).toContainText('sent');
    writeFileSync(join(folder, 'bad.srt'), '1\n00:00:05,000 --> 00:00:02,000\nback');
    await page.locator('#bring').setInputFiles(join(folder, 'bad.srt'));
    await page.getByRole('button', { name: 'In step with the voice' }).click();
    await expect(page.getByRole('alert').filter({ hasText: 'ends before it begins' })).toBeVisible();

    // One of which only the begin says the same is asked about; all of it stands at its times then, whatever it says.
    const half = srt.split('\n\n').map((cue, i) => (i > 1 ? cue.replace(/(-->.*\n)[^]*/, '$1etwas anderes') : cue));
    writeFileSync(join(folder, 'half.srt'), half.join('\n\n'));
    await page.locator('#bring').setInputFiles(join(folder, 'half.srt'));
    await page.getByRole('button', { name: 'In step with the voice' }).click();
    await page.getByRole('button', { name: 'All, at the times of the file' }).click();
    await expect(page.locator('.cues')).toContainText('etwas anderes');
    await page.getByRole('button', { name: /^Undo: uploaded captions/ }).click();
    await expect(page.locator('.cues')).not.toContainText('etwas anderes');

    // Down to the video.
    await page.getByRole('link', { name: '01 The lamp' }).click();
    await page.getByRole('button', { name: /draft/i }).first().click();
    await expect(page.locator('.player[src]')).toBeVisible({ timeout: 200_000 });
    const [video] = await Promise.all([
        page.waitForEvent('download'), page.getByRole('link', { name: 'MP4', exact: true }).click(),
    ]);
    const { streams } = probe(await video.path());
    expect(streams.map((one) => one.codec_type).sort()).toEqual(['audio', 'video']);
});

test('a faint style is told, mended at a press, and kept under a name', async ({ page }) => {
    await toCaptions(page, 'Faint');
    await page.getByText('What the style is made of').click();
    for (const [label, value] of [['Outline', '0'], ['Shadow', '0']]) {
        await page.getByLabel(`${label} of the short`, { exact: true }).fill(value);
        await page.getByLabel(`${label} of the short`, { exact: true }).press('Tab');
        await expect(page.locator(`[data-setting=caption_${label.toLowerCase()}] > .scope-from summary`))
            .toHaveText('set here');
    }
    await page.getByLabel('Colour of the short', { exact: true }).fill('#7d8a8c');
    await page.getByLabel('Colour of the spoken word of the short', { exact: true }).fill('#7d8a8c');
    await expect(page.locator('.lead').first()).toContainText('faint', { timeout: 120_000 });
    await page.getByRole('button', { name: /^A plate behind it mends/ }).click();
    await expect(page.locator('.lead').first()).toContainText('all stand out', { timeout: 120_000 });
    await expect(page.locator('[data-setting=caption_plate] select')).toHaveValue('words');

    await page.getByLabel('Keep all of it as a style').fill('Slate');
    await page.getByRole('button', { name: 'Save the style' }).click();
    await expect(page.getByRole('status').first()).toContainText('Saved as “Slate”');
    await page.getByRole('link', { name: 'All styles' }).click();
    await expect(page.locator('.style-row')).toHaveCount(16);
    await expect(page.locator('.style-row[data-drawn=yes]')).toHaveCount(16, { timeout: 120_000 });
    await page.locator('.style-row').filter({ hasText: 'Slate' }).getByRole('button', { name: 'Use for this short' })
        .click();
    await expect(page.locator('.style-row.is-used')).toContainText('Slate');

    // A face of one's own, and one that is none.
    await page.getByLabel('TTF or OTF file').setInputFiles(join(fonts, 'Kalam_700Bold.ttf'));
    await page.getByRole('button', { name: 'Upload a typeface' }).click();
    await expect(page.getByText('“Kalam Bold” can be chosen now.')).toBeVisible();
    await page.getByLabel('TTF or OTF file').setInputFiles({
        name: 'no.ttf', mimeType: 'font/ttf', buffer: Buffer.from('no font at all'),
    });
    await page.getByRole('button', { name: 'Upload a typeface' }).click();
    await expect(page.getByText('This is not a font file.')).toBeVisible();
});

/** Left, right, top and bottom of what is to be seen in a picture; null where it is black. */
function box(picture) {
    const told = spawnSync('ffmpeg', [
        '-hide_banner', '-nostats', '-i', picture, '-vf', 'bbox=min_val=70', '-frames:v', '1', '-f', 'null', '-',
    ]).stderr.toString();
    const found = told.match(/x1:(\d+) x2:(\d+) y1:(\d+) y2:(\d+)/);
    return found ? found.slice(1).map(Number) : null;
}

test('the preview of every style is what is burned, within two pixels at 1080', async ({ page }) => {
    await toCaptions(page, 'Exact');
    const folder = mkdtempSync(join(tmpdir(), 'exact-'));
    const short = page.url().match(/shorts\/(\d+)/)[1];
    await page.setViewportSize({ width: 1080, height: 1920 });
    const styles = await page.locator('[data-setting=caption_style] option').evaluateAll(
        (options) => options.map((option) => option.value),
    );
    expect(styles.length).toBeGreaterThanOrEqual(15);
    // The stage alone, as large as what is burned, on black.
    await page.addStyleTag({ content: `
        .stage { position: fixed !important; inset: 0; width: 1080px !important; height: 1920px; z-index: 99;
            background: #000 !important }
        .stage video, .stage-none { display: none !important }` });
    const moments = [0.5, 4.1];
    let script;
    for (const style of styles) {
        const isSet = page.waitForResponse((answer) => answer.request().method() === 'PUT');
        await page.locator('[data-setting=caption_style] select').evaluate((select, value) => {
            select.value = value;
            select.dispatchEvent(new Event('change', { bubbles: true }));
        }, style);
        await isSet;
        const state = async () => (await page.request.get(`/shorts/${short}/captions/state`)).json();
        // The plan follows what is set, and no two styles write the same.
        const before = script;
        await expect.poll(async () => {
            const now = await state();
            script = now.script;
            return script === before ? 'as before' : now.settings;
        }, { intervals: [150] }).toMatch(new RegExp(`value="${style}"\\s+selected`));
        writeFileSync(join(folder, 'a.ass'), script);
        await expect.poll(() => page.locator('.captions-page').evaluate(
            (element) => window.Alpine?.$data(element)?.script ?? element._x_dataStack[0].script,
        )).toBe(script);
        for (const moment of moments) {
            await page.getByLabel('Moment').evaluate((range, at) => {
                range.value = at;
                range.dispatchEvent(new Event('input', { bubbles: true }));
            }, moment);
            await expect(page.locator('.stage')).toHaveAttribute('data-drawn', moment.toFixed(3));
            // One picture, told that it stands there.
            const at = Math.floor(moment * 30 + 0.001);
            execFileSync('ffmpeg', [
                '-y', '-v', 'error', '-f', 'lavfi', '-i', 'color=black:size=1080x1920:rate=30:duration=1', '-vf',
                `settb=1/30,setpts=N+${at},ass=a.ass:fontsdir=${fonts}`, '-frames:v', '1', 'burnt.png',
            ], { cwd: folder, env: { ...process.env, FONTCONFIG_FILE: `${fonts}/fonts.conf` } });
            const burnt = box(join(folder, 'burnt.png'));
            expect(burnt, `${style} at ${moment}`).not.toBeNull();
            await expect.poll(async () => {
                await page.screenshot({ path: join(folder, 'shown.png') });
                const shown = box(join(folder, 'shown.png'));
                return shown === null ? 'nothing' : Math.max(...shown.map((edge, i) => Math.abs(edge - burnt[i])));
            }, { message: `${style} at ${moment}`, timeout: 8_000 }).toBeLessThanOrEqual(2);
        }
    }
});
