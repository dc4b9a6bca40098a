import { expect, test } from '@playwright/test';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { probe, rundown, signIn } from './journey.js';

const SERVICE = 'http://127.0.0.1:10099';
const folder = mkdtempSync(join(tmpdir(), 'outbox-'));

test.describe.configure({ mode: 'serial' });
test.beforeEach(async ({ page }) => signIn(page));

test('an outlet is added, signed in at, and given its hours', async ({ page }) => {
    await page.locator('body').press('9');
    await expect(page.getByRole('heading', { name: 'Outbox' })).toBeVisible();
    await page.getByRole('link', { name: 'Add the first outlet' }).click();
    await page.getByLabel('Place').selectOption({ label: 'Stand-in service (publishing service)' });
    await page.getByRole('button', { name: 'Add the outlet' }).click();
    const outlet = page.getByRole('region', { name: 'Outlet Stand-in service' });
    await expect(outlet).toContainText('Nothing leaves for it until somebody signs in');
    await outlet.getByRole('button', { name: 'Sign in at Stand-in service' }).click();
    await expect(page.getByText('Stand-in for a publishing service')).toBeVisible();
    await page.getByRole('button', { name: 'Allow' }).click();
    await expect(page.getByText('You are signed in at “Stand-in service”.')).toBeVisible();
    await outlet.getByLabel('Hours').fill('8, 18:30');
    await outlet.getByLabel('A day').fill('2');
    await outlet.getByLabel('Days off').fill('someday');
    await outlet.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert').filter({ hasText: '“someday” is not a day of the week' })).toBeVisible();
    await outlet.getByLabel('Hours').fill('8, 18:30');
    await outlet.getByLabel('A day').fill('2');
    await outlet.getByRole('button', { name: 'Save' }).click();
    await expect(outlet.getByLabel('Hours')).toHaveValue('08:00, 18:30');
});

test('ten pasted scripts are ten posted files in five actions', async ({ page }) => {
    const titles = ['Lamp', 'Bell', 'Boat', 'Fog', 'Gull', 'Map', 'Rope', 'Tower', 'Wave', 'Storm'];
    await page.goto('/intake');
    // One: the scripts are pasted.
    const scripts = titles.map((one) => `# ${one}\nNobody saw the ${one.toLowerCase()}.`);
    await page.getByLabel('Scripts').fill(scripts.join('\n---\n'));
    // Two: they are made.
    await page.getByRole('button', { name: 'Make 10 shorts' }).click();
    await expect(page.locator('.order-rows tbody tr[data-id]')).toHaveCount(10);
    // Three: what leaves of them.
    await page.getByRole('link', { name: 'Outbox', exact: true }).last().click();
    await expect(page.getByRole('heading', { name: 'Outbox' })).toBeVisible();
    await expect(page.getByText('being planned')).toHaveCount(0, { timeout: 120_000 });
    // Four: cleared, as nothing stops them.
    await page.getByRole('button', { name: 'Clear all' }).click();
    await expect(page.locator('.told')).toContainText('10 shorts are cleared.');
    // Five: posted.
    await page.getByRole('button', { name: 'Post all now' }).click();
    await expect(page.locator('.lead')).toContainText('10 of 10 posted', { timeout: 400_000 });

    const watch = await page.getByRole('link', { name: 'See Gull there' }).getAttribute('href');
    const id = watch.split('/').at(-1);
    const file = join(folder, 'gull.mp4');
    writeFileSync(file, await (await page.request.get(`${SERVICE}/files/${id}.mp4`)).body());
    const [video] = probe(file).streams;
    expect([video.width, video.height]).toEqual([1080, 1920]);
    await page.goto(SERVICE);
    await expect(page.locator('li')).toHaveCount(10);
    await expect(page.getByText('Nobody saw the gull', { exact: true })).toBeVisible();
});

test('texts are edited as in a spreadsheet, and slips are moved over the days', async ({ page }) => {
    await rundown(page, '# One\nThe lamp burned.\n---\n# Two\nThe bell rang.\n---\n# Three\nThe map was wrong.',
        'Texts');
    await page.getByRole('link', { name: 'Outbox', exact: true }).last().click();
    const title = (of) => page.getByLabel(`Title of ${of}`, { exact: true });
    await expect(title('One')).toHaveValue('The lamp burned');
    await title('One').fill('x'.repeat(101));
    await expect(page.locator('#leaves-' + await page.locator('tr', { has: title('One') }).getAttribute('data-id')))
        .toContainText('101 of 100');
    await title('One').fill('A lamp of its own');
    await title('One').press('Tab');
    await expect(page.locator('.told')).toContainText('Saved.');
    await title('One').focus();
    await page.getByRole('button', { name: 'Fill down' }).click();
    await expect(title('Three')).toHaveValue('A lamp of its own');
    await page.getByLabel('Find in the texts').fill('lamp');
    await page.getByLabel('Replace by').fill('light');
    await page.getByRole('button', { name: 'Replace', exact: true }).click();
    await expect(title('Two')).toHaveValue('A light of its own');
    await page.getByRole('button', { name: 'Title of Two as proposed' }).click();
    await expect(title('Two')).toHaveValue('The bell rang');
    await page.getByRole('button', { name: 'Undo: edited the texts of “Two”' }).click();
    await expect(title('Two')).toHaveValue('A light of its own');
    // As a spreadsheet puts it: two rows of three cells.
    await title('Two').evaluate((field) => {
        const data = new DataTransfer();
        data.setData('text/plain', 'Second\tIts text\tbell, sea\nThird\tAnother\tmap');
        field.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
    });
    await expect(title('Three')).toHaveValue('Third');
    await expect(page.getByLabel('Tags of Two', { exact: true })).toHaveValue('bell, sea');

    await page.getByLabel('Choose One').check();
    await page.getByRole('button', { name: 'Deal over the days' }).click();
    await expect(page.locator('.told')).toContainText('1 short is scheduled.');
    await page.locator('body').press('9');
    const slip = page.locator('.slip', { hasText: 'One' });
    await expect(slip).toHaveCount(1);
    const [day, minute] = [await slip.getAttribute('data-day'), Number(await slip.getAttribute('data-minute'))];
    await slip.focus();
    await page.keyboard.press('ArrowDown');
    await expect(slip).not.toHaveAttribute('data-day', day);
    await expect(slip).toBeFocused();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(slip).toHaveAttribute('data-minute', String(minute + 60));
    await page.locator('body').press('u');
    await expect(page.locator('.told')).toContainText('Undone: moved “One”.');
    await expect(slip).toHaveAttribute('data-minute', String(minute));
    await slip.scrollIntoViewIfNeeded();
    const [from, to] = [await slip.boundingBox(), await page.locator('.day-track').last().boundingBox()];
    await page.mouse.move(from.x + 20, from.y + 10);
    await page.mouse.down();
    await page.locator('.day-track').last().scrollIntoViewIfNeeded();
    const at = await page.locator('.day-track').last().boundingBox();
    await page.mouse.move(at.x + at.width / 2 + 20, at.y + 12, { steps: 6 });
    await page.mouse.up();
    expect(to).not.toBeNull();
    await expect(slip).toHaveAttribute('data-day', await page.locator('.day-track').last().getAttribute('data-day'));
    expect(Math.abs(Number(await slip.getAttribute('data-minute')) - 720)).toBeLessThanOrEqual(15);
});

test('a table of results is taken in, its columns said once, and what works is shown', async ({ page }) => {
    await page.locator('body').press('0');
    await expect(page.getByRole('heading', { name: 'Results', exact: true })).toBeVisible();
    const table = (views) => ({
        name: 'week.csv', mimeType: 'text/csv',
        buffer: Buffer.from([
            'Clip;How often;Counted on', `Nobody saw the gull;${views};2026-11-29`, 'Unheard of;5;2026-11-29', '',
        ].join('\n')),
    });
    await page.getByLabel('As an outlet gives it out').setInputFiles(table('1.234'));
    await page.getByRole('button', { name: 'Import it' }).click();
    await page.getByLabel('What Clip means').selectOption({ label: 'Title' });
    await page.getByLabel('What How often means').selectOption({ label: 'Views' });
    await page.getByLabel('What Counted on means').selectOption({ label: 'nothing that is kept' });
    await page.getByRole('button', { name: 'Import it' }).click();
    await expect(page.getByText('1 row was imported. 1 of shorts that were not posted here.')).toBeVisible();
    await expect(page.locator('.results-rows tr', { hasText: 'Gull' })).toContainText('1,234');
    await page.getByLabel('As an outlet gives it out').setInputFiles(table('2.000'));
    await page.getByRole('button', { name: 'Import it' }).click();
    await expect(page.getByLabel('What Clip means')).toHaveValue('title');
    await page.getByRole('button', { name: 'Ask the outlets' }).isHidden();
    await page.goto('/results?rate=20');
    await expect(page.getByText('At USD 20 for 1,000 views it would be')).toBeVisible();
    await page.locator('.results-rows tr', { hasText: 'Gull' }).getByRole('button').click();
    await expect(page.getByRole('heading', { name: 'Sketches' })).toBeVisible();
});
