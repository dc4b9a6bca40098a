import { expect, test } from '@playwright/test';
import { ownChannel, rundown, signIn } from './journey.js';

const SCRIPT = '# The lamp\nThe lamp went out at nine. Nobody came before dawn.\nFollow us.';

async function toShort(page, name) {
    await rundown(page, SCRIPT, name);
    await page.getByRole('link', { name: 'The lamp', exact: true }).click();
    await expect(page.locator('.scene-said textarea')).toHaveCount(3);
}

const scope = (page, of, key) => page.locator(`[data-setting=${key}]`, { has: page.getByLabel(of, { exact: true }) });

test('a setting is made for a scene, used for the whole short, and given back to the house style', async ({ page }) => {
    await signIn(page);
    await toShort(page, 'Settings');

    await page.getByText('Set for this scene').nth(1).click();
    const scene = scope(page, 'Speed of scene 2', 'speed');
    await expect(scene.locator('summary')).toHaveText('default');
    await page.getByLabel('Speed of scene 2', { exact: true }).fill('500');
    await page.getByLabel('Speed of scene 2', { exact: true }).press('Tab');
    const refused = 'The speed of a voice is from 60 to 180 %; “500” is not.';
    await expect(page.getByRole('alert').filter({ hasText: refused })).toBeVisible();
    await page.getByLabel('Speed of scene 2', { exact: true }).fill('130');
    await page.getByLabel('Speed of scene 2', { exact: true }).press('Tab');
    await expect(scene.locator('summary')).toHaveText('set here');
    await scene.locator('summary').click();
    await scene.getByRole('button', { name: 'Use for the whole short' }).click();
    await expect(scene.locator('summary')).toHaveText('from the short');
    await expect(page.getByLabel('Speed of scene 2', { exact: true })).toHaveValue('130');

    await page.getByText('Settings of this short', { exact: true }).click();
    const short = scope(page, 'Speed of the short', 'speed');
    await expect(short.locator('summary')).toHaveText('set here');
    await short.locator('summary').click();
    await short.getByRole('button', { name: 'Back to 100 %' }).click();
    await expect(short.locator('summary')).toHaveText('default');

    await expect(page.getByRole('button', { name: 'Save the words' })).toHaveCount(0);
    await page.getByRole('button', { name: /^Undo: speed as inherited/ }).click();
    await expect(page.getByLabel('Speed of the short', { exact: true })).toHaveValue('130');
    await page.getByRole('button', { name: /^Do again: speed as inherited/ }).click();
    await expect(page.getByLabel('Speed of the short', { exact: true })).toHaveValue('100');
});

test('a change of the house style reaches the short that inherits it, by keyboard too', async ({ page }) => {
    await signIn(page);
    await toShort(page, 'House');
    const short = page.url();
    await page.goto('/house');
    await page.getByLabel('Voice of the channel', { exact: true }).selectOption('brenna');
    await expect(page.locator('[data-setting=voice] summary')).toHaveText('set here');
    await page.goto(short);
    await expect(page.locator('.lead').first()).toContainText('Read by Brenna');
    await page.goto('/house');
    await page.locator('body').press('u');
    await expect(page.locator('[data-setting=voice] summary')).toHaveText('default');
    await page.goto(short);
    await expect(page.locator('.lead').first()).toContainText('Read by Aldous');
});

test('of two windows on one short the later save of an older state is refused, and nothing typed is lost', async ({
    page,
    context,
}) => {
    await signIn(page);
    await toShort(page, 'Two windows');
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.locator('.scene-said textarea')).toHaveCount(3);

    const mine = page.getByLabel('Scene 2, beat');
    await mine.fill('Nobody came before noon.');
    await other.getByLabel('Scene 1, hook').fill('The lamp went out at ten.');
    await other.getByRole('button', { name: 'Save the words' }).click();
    await expect(other.getByRole('button', { name: /^Undo: reworded scene/ })).toBeVisible();

    await page.getByRole('button', { name: 'Save the words' }).click();
    const meanwhile = 'changed in another window meanwhile: reworded scene';
    await expect(page.getByRole('alert').filter({ hasText: meanwhile })).toBeVisible();
    await expect(mine).toHaveValue('Nobody came before noon.');
    await page.getByRole('button', { name: 'Save the words' }).click();
    await expect(page.getByLabel('Scene 1, hook')).toHaveValue('The lamp went out at ten.');
    await expect(mine).toHaveValue('Nobody came before noon.');
});

test('an earlier state is looked at and brought back, and that is undone too', async ({ page }) => {
    await signIn(page);
    await toShort(page, 'Earlier');
    await page.getByLabel('Scene 1, hook').fill('A bell rang at nine.');
    await page.getByRole('button', { name: 'Save the words' }).click();
    await expect(page.getByRole('button', { name: /^Undo: reworded scene/ })).toBeVisible();
    await page.getByText('What was changed').click();
    await page.getByRole('link', { name: 'As it was before' }).first().click();
    await expect(page.getByText('The lamp went out at nine.')).toBeVisible();
    await page.getByRole('button', { name: 'Restore this state' }).click();
    await expect(page.getByLabel('Scene 1, hook')).toHaveValue('The lamp went out at nine.');
    await page.getByRole('button', { name: /^Undo: restored/ }).click();
    await expect(page.getByLabel('Scene 1, hook')).toHaveValue('A bell rang at nine.');
});

test('two tabs are in two channels, each with its own batches and library', async ({ page, context }) => {
    await signIn(page);
    const first = await context.newPage();
    await first.goto('/');
    await ownChannel(page, 'Second Log');
    await expect(page.getByText('No batch yet')).toBeVisible();
    await page.getByRole('link', { name: 'Footage', exact: true }).click();
    await expect(page.getByText('0 clips and stills')).toBeVisible();
    // The other tab stays where it was, whatever it does.
    await first.getByRole('link', { name: 'Footage', exact: true }).click();
    await expect(first.getByText('0 clips and stills')).toHaveCount(0);
    await expect(first.getByText('Lamplight Log').first()).toBeVisible();
    await page.getByRole('link', { name: 'House style' }).click();
    await expect(page.getByLabel('Channel', { exact: true })).toHaveValue('Second Log');
    await page.getByLabel('Voice of the channel', { exact: true }).selectOption('brenna');
    await expect(page.locator('[data-setting=voice] summary')).toHaveText('set here');
    await first.getByRole('link', { name: 'House style' }).click();
    await expect(first.locator('[data-setting=voice] summary')).toHaveText('default');
    await first.close();
    await page.getByText('Second Log').first().click();
    await page.getByRole('button', { name: 'Lamplight Log', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
    await expect(page.getByText('No batch yet')).toHaveCount(0);
});
