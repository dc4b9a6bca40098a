import { expect, test } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { rundown, signIn, unzip } from './journey.js';

const LONG = [
    'For eleven years, one lighthouse guided no ships at all. The keeper of the lighthouse lit the lamp every ',
    'night for ships that never came. Soup was hot.\n',
    'The lamp of the lighthouse burned oil, and the keeper carried the oil up the stairs. He had painted the door ',
    'green in one year and blue in another. A gull sat on the rail.\n',
    'In a winter storm, a boat with nine men lost its way among the rocks. They saw the lamp of the lighthouse, ',
    'and they steered for it. The keeper heard the boat before he saw it.\n',
    'He ran down the stairs with a rope and a lantern. Nine men came ashore, one after the other, and none of ',
    'them could speak. On Sundays he read an almanac.\n',
    'The keeper made a fire and gave them bread. In the morning the captain asked why the lamp was lit. The ',
    'keeper said that a light is not for the ships that come, but for the one that might.\n',
    'The captain wrote that down. The wind turned in the afternoon, and the ice on the stairs began to melt. The ',
    'nine men mended the boat with planks from the door of the shed.\n',
    'The boat went home, and the town heard of the lamp. Since then a lamp is lit every night on that coast.',
].join('');

const lost = (title, i) =>
    `# ${title}\nThe ${title.toLowerCase()} was lost ${'and found again '.repeat(i + 1)}in nine days.`;
const cell = (text) => `"${text.replaceAll('"', '""')}"`;
const MESSY = [
    'keywords;Title;notes;hook;SCRIPT;close;voice;profile;publish_at;hook 2;tags',
    [
        'bell',
        'The bell under the bay',
        'for Friday',
        'Welcome back to Lamplight Log! A bell rang under water for nine years.',
        [
            '# The bell',
            '',
            'HOST: In 1821, the church of Saint Orrin slid into Merrow Bay. [CAMERA: slow push on the drowned church]',
            '(0:12) Fishermen heard the bell before every storm. 🔔',
            '[music: low strings]',
            'Read more at https://example.org/bells #bells',
        ].join('\n'),
        'Follow for one more sound.',
        'Brenna',
        '60',
        '2026-12-01 18:00',
        'What if a bell could ring under water?',
        'sea',
    ]
        .map(cell)
        .join(';'),
    ['lamp', 'The lamp for nobody', '', '', LONG, 'Follow for another light.', '', '', '', '', ''].map(cell).join(';'),
    '',
].join('\r\n');

test.beforeEach(({ page }) => signIn(page));

test('a messy table becomes a rundown: cleaned, shortened, hooks tried, briefs exported', async ({ page }, info) => {
    await page.goto('/intake');
    await page.getByLabel('Scripts').fill('');
    await page
        .locator('#files')
        .setInputFiles({ name: 'week.csv', mimeType: 'text/csv', buffer: Buffer.from(`\uFEFF${MESSY}`) });
    await expect(page.getByRole('heading', { name: 'The bell under the bay' })).toBeVisible();
    await expect(page.getByText('“Welcome back to Lamplight Log!” comes first')).toBeVisible();
    await expect(page.getByText(/^Not spoken: .*1 music cue/)).toBeVisible();
    await expect(page.getByText('of 60 s, over')).toBeVisible();
    await page.getByLabel('Batch').fill('Week');
    await page.getByRole('button', { name: 'To the rundown' }).click();
    await expect(page.getByText('1 too long')).toBeVisible();

    // Shortened by one press, and taken back and done again; by what is spoken, not by what was estimated.
    await expect(page.locator('tr[data-id]').filter({ hasText: '≈' })).toHaveCount(0, { timeout: 120_000 });
    await page.getByRole('button', { name: 'Trim to length' }).click();
    await expect(page.getByText('1 short: trimmed to length.')).toBeVisible();
    await expect(page.getByText(/^\d+ too long/)).toHaveCount(0);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(page.getByText('1 too long')).toBeVisible();
    await page.keyboard.press('t');
    await expect(page.getByText('1 short: trimmed to length.')).toBeVisible();

    // Three hooks: one said instead, one kept and made a short of, one written.
    await page.getByRole('button', { name: 'Hook, findings and script of The bell under the bay' }).click();
    const hook = page.getByRole('region', { name: 'Hook' });
    await hook.getByRole('button', { name: 'Say instead: What if a bell could ring under water?' }).click();
    await expect(hook.locator('.hook-words')).toHaveText('What if a bell could ring under water?');
    // The part is read anew while the next hook is being written: its words and the place to write stay.
    const reading = page.waitForRequest(/\/script$/);
    let goOn;
    const written = new Promise((done) => { goOn = done; });
    await page.route(/\/script$/, (route) => written.then(() => route.continue()));
    await hook.getByRole('button', { name: /^Make a short of it: Welcome back/ }).click();
    await expect(page.getByText('Short 03 begins with it.')).toBeVisible();
    await reading;
    await hook.getByLabel('Another hook').pressSequentially('Nobody ever found');
    goOn();
    await (await (await reading).response()).finished();
    await page.keyboard.type(' the bell.');
    await expect(hook.getByLabel('Another hook')).toHaveValue('Nobody ever found the bell.');
    await page.unroute(/\/script$/);
    await page.keyboard.press('Enter');
    await hook.getByRole('button', { name: 'Make a short of it: Nobody ever found the bell.' }).click();
    await expect(page.getByText('Short 04 begins with it.')).toBeVisible();
    await expect(page.getByText('beside 01')).toHaveCount(2);
    // What stays out of it is still there, one press away.
    const script = page.getByRole('region', { name: 'Script' });
    await script.getByRole('button', { name: /spoken: \[music: low strings\]/ }).click();
    await expect(script.getByText('music: low strings')).toBeVisible();

    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'Briefs' }).first().click(),
    ]);
    const folder = info.outputPath('briefs');
    await download.saveAs(`${folder}.zip`);
    unzip(`${folder}.zip`, folder);
    const files = readdirSync(folder).sort();
    expect(files).toHaveLength(8);
    const plain = readFileSync(`${folder}/01-the-bell-under-the-bay-briefs.txt`, 'utf8').trim().split('\n');
    const table = readFileSync(`${folder}/01-the-bell-under-the-bay-briefs.csv`, 'utf8').trim().split('\r\n');
    expect(table).toHaveLength(plain.length + 1);
    expect(table.slice(1).map((row) => row.slice(0, 2))).toEqual(plain.map((_, i) => String(i + 1).padStart(2, '0')));
    expect(plain.every((line) => line.endsWith('muted blue and amber'))).toBe(true);
    expect(plain.join('\n')).toContain('slow push on the drowned church');
});

test('what was done is shown, even where another look at the page overtakes the one for it', async ({ page }) => {
    await rundown(page, lost('Anchor', 1), 'Overtaken');
    // Always at work, so that the page looks every second; the look for what is done below is answered after the next.
    let isActed = false;
    let held = 0;
    let overtake;
    const overtaken = new Promise((done) => { overtake = done; });
    await page.route('**/batches/*/state*', async (route) => {
        const response = await route.fetch();
        const json = { ...await response.json(), working: true };
        if (isActed && held++ === 0) await overtaken;
        if (held === 2) overtake();
        await route.fulfill({ response, json });
    });
    await page.getByRole('button', { name: 'Hook, findings and script of Anchor' }).click();
    const hook = page.getByRole('region', { name: 'Hook' });
    await hook.getByLabel('Another hook').fill('Nobody ever found the anchor.');
    await page.waitForResponse(/\/state/);
    isActed = true;
    await page.keyboard.press('Enter');
    await expect(hook.getByRole('button', { name: 'Say instead: Nobody ever found the anchor.' })).toBeVisible();
    expect(held).toBeGreaterThan(1);
});

test('rows are walked, chosen in ranges, sorted, deleted and brought back by keyboard', async ({ page }) => {
    await page.goto('/intake');
    await page
        .getByLabel('Scripts')
        .fill(['Cellar', 'Anchor', 'Beacon', 'Dory'].map(lost).join('\n---\n'));
    await page.getByLabel('Batch').fill('Keys');
    await page.getByRole('button', { name: 'To the rundown' }).click();
    const rows = page.locator('tr[data-id]');
    const titles = () => page.locator('tr[data-id]:visible .what > a').allTextContents();
    await expect(rows).toHaveCount(4);
    await expect(page.getByText('≈')).toHaveCount(0, { timeout: 90_000 });

    await page.getByRole('button', { name: 'Short', exact: true }).click();
    expect(await titles()).toEqual(['Anchor', 'Beacon', 'Cellar', 'Dory']);
    await page.getByRole('button', { name: 'Length', exact: true }).click();
    await page.getByRole('button', { name: 'Length', exact: true }).click();
    expect((await titles())[0]).toBe('Dory');
    await page.getByRole('button', { name: 'No.' }).click();
    await page.getByLabel('Find a title').fill('anch');
    expect(await titles()).toEqual(['Anchor']);
    await page.getByLabel('Find a title').fill('');

    await rows.first().focus();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Shift+ArrowDown');
    await expect(page.getByText('3 chosen').first()).toBeVisible();
    await page.keyboard.press('Delete');
    await expect(page.getByText('3 shorts: deleted.')).toBeVisible();
    expect(await titles()).toEqual(['Cellar']);
    await page.keyboard.press('u');
    await expect(rows).toHaveCount(4);
    await rows.nth(1).focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('region', { name: 'Hook' })).toBeVisible();
    await page.keyboard.press('ArrowLeft');
    await expect(page.getByRole('region', { name: 'Hook' })).toHaveCount(0);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Anchor' })).toBeVisible();
});

test('scenes are split, joined and moved by keyboard, and every change is taken back', async ({ page }) => {
    await rundown(page, '# Scenes\nThe lamp went out at nine. Nobody came before dawn.\nFollow us.', 'Scenes');
    await page.getByRole('link', { name: 'Scenes', exact: true }).click();
    const said = page.locator('.scene-said textarea');
    const texts = () => said.evaluateAll((areas) => areas.map((area) => area.value));
    await expect(said).toHaveCount(3);

    await said.first().evaluate((area) => { area.focus(); area.setSelectionRange(17, 17); });
    await page.keyboard.press('Alt+Enter');
    await expect(said).toHaveCount(4);
    expect(await texts()).toEqual(['The lamp went out', 'at nine.', 'Nobody came before dawn.', 'Follow us.']);
    await expect(said.nth(1)).toBeFocused();
    await page.keyboard.press('Alt+ArrowDown');
    await expect.poll(texts).toEqual(['The lamp went out', 'Nobody came before dawn.', 'at nine.', 'Follow us.']);
    await expect(said.nth(2)).toBeFocused();
    await page.keyboard.press('Alt+ArrowUp');
    await expect.poll(texts).toEqual(['The lamp went out', 'at nine.', 'Nobody came before dawn.', 'Follow us.']);
    await said.first().focus();
    await page.keyboard.press('Alt+j');
    await expect(said).toHaveCount(3);
    for (let i = 0; i < 4; i++) {
        await page.getByRole('button', { name: /^Undo/ }).click();
        await expect(page.getByText(/^Undone/)).toBeVisible();
    }
    await expect.poll(texts).toEqual(['The lamp went out at nine.', 'Nobody came before dawn.', 'Follow us.']);
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeHidden();
});

test('a note is spoken by one press at the intake, and sketches come to it', async ({ page }) => {
    await page.goto('/intake');
    await page.getByLabel('Scripts').fill('The lamp went out. [nobody came]');
    await page.getByRole('button', { name: '[nobody came]' }).click();
    await expect(page.getByLabel('Scripts')).toHaveValue('The lamp went out. \\[nobody came]');
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(page.getByLabel('Scripts')).toHaveValue('The lamp went out. [nobody came]');

    await page.getByLabel('Scripts').fill('');
    await expect(page.getByText('What will become of them')).toBeVisible();
    await page.getByRole('link', { name: 'Sketches' }).click();
    await page.getByLabel('Topic, or several, one a line').fill('the bell under the bay');
    await page.getByRole('button', { name: 'Write sketches' }).click();
    await expect(page.locator('.sketch')).toHaveCount(6);
    await page.getByRole('button', { name: 'Six more' }).click();
    await expect(page.locator('.sketch')).toHaveCount(12);
    await page.getByRole('button', { name: 'Take all to the intake' }).click();

    // A script in other words goes along.
    await page.getByLabel('Script', { exact: true }).fill(
        'For eleven years, one lighthouse guided no ships at all.\nNobody told the keeper of the light.\n'
            + 'In 1911, a storm came out of the north.\nHe did not know that nine men were at sea.',
    );
    await page.getByLabel('For whom', { exact: true }).fill('night owls');
    await page.getByRole('button', { name: 'Reword', exact: true }).click();
    await expect(page.locator('.sketch')).toHaveCount(6);
    await expect(page.locator('.sketch').first()).toContainText('1911');
    await expect(page.locator('.sketch').first()).toContainText(/night owls/i);
    await page.locator('.sketch').first().getByRole('button', { name: 'Take to the intake' }).click();
    await page.getByRole('link', { name: 'Go to the intake' }).click();
    await expect(page.getByRole('button', { name: 'Make 13 shorts' })).toBeEnabled();
});
