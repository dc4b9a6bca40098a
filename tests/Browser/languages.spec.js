import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { batch, probe } from './journey.js';

const SCRIPT = [
    '# Ada and the lamp', '', 'The girl could not reach the lamp, so she stood on the oil can.', '',
    'Tell someone brave about Ada.',
].join('\n');

test('a short in two more languages, one of them from the right, out to a translator and down as a file', async ({
    page,
}) => {
    await batch(page, SCRIPT, 'Two languages');
    await page.getByRole('link', { name: 'Ada and the lamp', exact: true }).click();
    await page.getByRole('link', { name: 'Languages', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'In other languages' })).toBeVisible();
    await page.getByLabel('German').check();
    await page.getByLabel('Arabic').check();
    await page.getByRole('button', { name: 'Make', exact: true }).click();
    await expect(page.getByText('2 versions ordered')).toBeVisible();
    await expect(page.locator('.version-list a')).toHaveCount(2, { timeout: 200_000 });
    await expect(page.getByText('as its source')).toHaveCount(2, { timeout: 200_000 });

    await page.locator('.version-list').getByRole('link', { name: 'Arabic' }).click();
    const last = page.getByLabel('Arabic of: Tell someone brave about Ada.');
    await expect(last).toHaveAttribute('dir', 'rtl');
    await last.fill('احكوا للشجعان عن Ada.');
    await page.getByRole('button', { name: 'Save sentences' }).click();
    await expect(page.getByText('One sentence was changed.')).toBeVisible();
    await page.waitForLoadState();

    const [sent] = await Promise.all([
        page.waitForEvent('download'), page.getByRole('link', { name: 'XLIFF' }).click(),
    ]);
    expect(sent.suggestedFilename()).toBe('01-ar-ada-and-the-lamp.xlf');
    const xliff = readFileSync(await sent.path(), 'utf8');
    expect(xliff).toContain('احكوا للشجعان عن Ada.');
    await page.locator('#translation').setInputFiles({
        name: 'back.xlf', mimeType: 'application/xliff+xml',
        buffer: Buffer.from(xliff.replace('احكوا للشجعان عن Ada.', 'احكوا لشخص شجاع عن Ada.')),
    });
    await expect(page.getByText('3 sentences were taken.')).toBeVisible();
    await expect(last).toHaveValue('احكوا لشخص شجاع عن Ada.');

    await page.getByRole('link', { name: 'Open it' }).click();
    await page.getByRole('link', { name: 'Captions', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Captions', exact: true })).toBeVisible();
    await page.waitForLoadState();
    await page.getByLabel('Second captions of the short', { exact: true }).selectOption({ label: 'English' });
    await expect(page.getByText('second captions set to “English”.')).toBeVisible();
    const drawn = await (await page.request.get(page.url().replace(/captions.*$/, 'captions.ass'))).text();
    expect(drawn).toContain('brave');
    expect(drawn).toContain('شجاع');
    await page.goBack();
    await page.getByRole('button', { name: 'Draft', exact: true }).click();
    await expect(page.locator('.player[src]')).toBeVisible({ timeout: 200_000 });
    await page.goto(page.url().replace(/shorts\/\d+$/, ''));
    await page.getByRole('link', { name: 'Two languages' }).click();
    const [file] = await Promise.all([
        page.waitForEvent('download'), page.locator('.is-version').getByRole('link', { name: /as MP4$/ }).click(),
    ]);
    expect(file.suggestedFilename()).toBe('01-ar-ada-and-the-lamp.mp4');
    const { streams, format } = probe(await file.path());
    expect(streams.map(({ codec_type: kind }) => kind).sort()).toEqual(['audio', 'video']);
    expect(Number(format.duration)).toBeGreaterThan(4);
});
