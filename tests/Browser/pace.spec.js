import { expect, test } from '@playwright/test';
import { batch, probe, setForAll, sheet } from './journey.js';

const BELL = `# The bell that rang by itself
The bell on Corrow Quay rang every night for nine years, and nobody pulled the rope.
The keeper thought it was a ghost. He told the priest, the priest told the town, and the town stopped sleeping.
In the winter of 1887 a sailor named Aldo Brenn climbed the tower with a lamp and a piece of chalk.
He marked the rope, the wheel, and the beam. Then he waited.
At ten past two the bell rang. The rope had not moved, and neither had the wheel.
But the beam was wet. Not with rain. With salt water.
Aldo looked down and saw that the tide stood higher than any chart allowed.
The whole quay was sinking, a hand's width a year, and the tower leaned with it.
Every night at high water the lean grew just enough to let the clapper touch the rim.
The bell was not calling the dead. It was warning the living.
The harbour master laughed at him, and the council laughed, and the priest blessed the tower once more.
Two winters later the lower town flooded, and every house on the quay was empty.
Aldo had gone from door to door with his piece of chalk and drawn a line at the height of the water to come.
Not one line was wrong by more than a finger. The mayor kept one of them behind glass for forty years.
The bell still hangs in Corrow. Today it rings twice a night.`;

// Half a minute of it is rendered; the whole is measured alone.
const SHORTER = [...BELL.split('\n').slice(0, 7), BELL.split('\n').at(-1)].join('\n');

const length = async (page) => Number((await page.locator('.lead').innerText()).match(/([\d.]+) s of/)[1]);

test('a script that is too long is brought to a length, to the frame, and back', async ({ page }) => {
    await batch(page, SHORTER, 'Too long');
    await sheet(page, 'The bell that rang by itself', { seen: false });
    const before = await length(page);
    expect(before).toBeGreaterThan(26);

    await page.locator('body').press('l');
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Seconds').fill('24.0');
    await dialog.getByRole('button', { name: 'Show what it takes' }).click();
    await expect(dialog).toContainText(`From ${before.toFixed(2)} s to 24.00 s.`);
    await expect(dialog.getByRole('row', { name: /^Pauses inside scenes/ })).toContainText('−');
    expect(await length(page)).toBe(before);
    await dialog.getByRole('button', { name: 'Do it' }).click();
    await expect(page.locator('.lead')).toContainText('24.00 s of 60 s', { timeout: 120_000 });

    await page.getByRole('link', { name: 'Script and export' }).click();
    await page.getByRole('button', { name: 'Draft', exact: true }).click();
    const link = page.getByRole('link', { name: 'MP4', exact: true });
    await expect(link).toBeVisible({ timeout: 120_000 });
    const [download] = await Promise.all([page.waitForEvent('download'), link.click()]);
    const found = probe(await download.path());
    expect(Number(found.format.duration)).toBeCloseTo(24, 1);
    expect(Number(found.streams.find((stream) => stream.codec_type === 'video').nb_frames)).toBe(720);

    await page.getByRole('link', { name: 'Sheet', exact: true }).click();
    await page.getByRole('button', { name: /^Undo: tightened/ }).click();
    await expect(page.locator('.lead')).toContainText(`${before.toFixed(2)} s`, { timeout: 120_000 });
});

test('a shot is repaired by key and by mouse, words and pauses too, and all of it undone', async ({ page }) => {
    await batch(page, '# The map\nThe map showed an island that no captain had ever seen in the bay.\n'
        + 'Three ships were sent to find it before the winter came.\nAsk the clerk.', 'Repair');
    await sheet(page, 'The map');
    const shots = page.locator('.seen-shot');
    const count = await shots.count();
    const says = (i) => shots.nth(i).innerText();
    const first = await says(0);

    // The second shot begins a word later, by key.
    await page.locator('body').press('PageDown');
    await expect(shots.nth(1)).toHaveClass(/is-chosen/);
    await page.locator('body').press(']');
    await expect(page.locator('.told')).toContainText('moved where a picture changes', { timeout: 90_000 });
    await expect.poll(() => says(0), { timeout: 90_000 }).not.toBe(first);
    const moved = await says(0);
    // And by mouse somewhere else.
    const edge = await shots.nth(1).locator('.seen-edge').boundingBox();
    const top = await shots.nth(0).boundingBox();
    await page.mouse.move(edge.x + 60, edge.y + 3);
    await page.mouse.down();
    await page.mouse.move(edge.x + 60, top.y + top.height * 0.55, { steps: 4 });
    await page.mouse.up();
    await expect.poll(() => says(0), { timeout: 90_000 }).not.toBe(moved);

    // Another shot begins at a word, and goes again.
    await page.locator('.said-word').nth(3).click();
    await page.locator('body').press('s');
    await expect(shots).toHaveCount(count + 1, { timeout: 90_000 });
    await page.locator('body').press('PageUp');
    await page.locator('body').press('PageDown');
    await page.locator('body').press('j');
    await expect(shots).toHaveCount(count, { timeout: 90_000 });

    // The same by mouse.
    const bar = page.getByRole('group', { name: 'What stands at the line' });
    await page.locator('.said-word').nth(3).click();
    await bar.getByRole('button', { name: 'Split' }).last().click();
    await expect(shots).toHaveCount(count + 1, { timeout: 90_000 });
    await page.locator('body').press('u');
    await expect(shots).toHaveCount(count, { timeout: 90_000 });

    // Other words: only what changed is voiced again.
    await page.locator('.said-word').first().dblclick();
    await page.getByLabel('Words of the scene').fill('The map showed one island too many.');
    await page.getByLabel('Words of the scene').press('Enter');
    await expect(page.locator('.said-scene').first()).toContainText('many.', { timeout: 90_000 });
    const before = await length(page);
    await page.locator('body').press('Home');
    await page.locator('body').press('x');
    await expect.poll(() => length(page), { timeout: 120_000 }).toBeLessThan(before);
    await page.locator('body').press('o');
    await expect(page.locator('.said-scene').first()).toHaveClass(/is-optional/, { timeout: 90_000 });

    for (let i = 0; i < 8 && await page.locator('.told button:visible', { hasText: 'Undo' }).count() > 0; i++) {
        const undo = page.locator('.told button', { hasText: 'Undo' });
        const was = await undo.innerText();
        await page.locator('body').press('u');
        await expect(page.locator('.told')).toContainText(`Undone: ${was.replace('Undo: ', '')}`);
    }
    await expect(page.locator('.said-scene').first()).toContainText('bay.', { timeout: 90_000 });
    await expect.poll(() => says(0), { timeout: 90_000 }).toBe(first);
});

test('a dip between all pictures of a batch, seen before it is exported, and undone', async ({ page }) => {
    await batch(page, '# Lamp\nThe lamp burned all night. Nobody saw it.\n---\n'
        + '# Bell\nThe bell rang once. A boat came in.', 'Dipped');
    await setForAll(page, 'transition', 'dip');
    await expect(page.locator('.told')).toContainText('dip to black');
    await sheet(page, 'Lamp');
    // In the middle of the dip the stage is black.
    const darkness = () => page.locator('.stage video').evaluate(async (video) => {
        const shot = document.querySelectorAll('.seen-shot')[1];
        const zoom = Number(document.querySelector('[aria-label="Pixels a second"]').value);
        const at = parseFloat(shot.style.top) / zoom;
        video.currentTime = at - 0.09;
        await new Promise((done) => video.addEventListener('seeked', done, { once: true }));
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [9, 16];
        const pen = canvas.getContext('2d');
        pen.drawImage(video, 0, 0, 9, 16);
        const pixels = pen.getImageData(0, 0, 9, 16).data;
        return pixels.filter((_, i) => i % 4 < 3).reduce((sum, one) => sum + one, 0) / (9 * 16 * 3);
    });
    await expect.poll(darkness, { timeout: 120_000 }).toBeLessThan(60);

    await page.goBack();
    await page.goBack();
    await page.getByRole('button', { name: /^Undo: .*dip to black/ }).click();
    await expect(page.locator('.told')).toContainText('Undone');
});

test('the rundown shows what a length takes of every short before it is done', async ({ page }) => {
    await batch(page, `${BELL}\n---\n# Short\nThe lamp burned. It was cold.`, 'Many');
    await expect(page.locator('tr[data-id]').first()).not.toContainText('≈', { timeout: 90_000 });
    await page.getByRole('button', { name: 'Length…' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('row', { name: /The bell that rang/ })).toContainText('58.00 s', { timeout: 90_000 });
    await expect(dialog.getByRole('row', { name: /Short/ }).last()).toContainText('nothing to tighten');
    await dialog.getByRole('button', { name: 'Do it' }).click();
    await expect(page.locator('.told')).toContainText('1 short: tightened to 58.00 s');
    await expect(page.locator('tr[data-id]').first()).toContainText('58.0', { timeout: 120_000 });
});

test('a scene has a voice of its own, a shot any picture, and what stands out leads to its place', async ({ page }) => {
    await batch(page, '# The map\nThe map showed an island that no captain had ever seen in the whole wide bay.\n'
        + 'Three ships were sent to find it before the winter came.', 'On the sheet');
    await sheet(page, 'The map');
    const before = await length(page);

    // The voice of the second scene alone, by key and field.
    await page.locator('.said-scene').nth(1).locator('.said-word').nth(2).click();
    await page.locator('body').press('a');
    const here = page.getByRole('group', { name: 'What is set for this scene and this shot' });
    await expect(here.getByRole('heading', { name: 'Scene 2' })).toBeVisible();
    await here.getByLabel('Speed of scene 2', { exact: true }).fill('80');
    await here.getByLabel('Speed of scene 2', { exact: true }).press('Tab');
    await expect(page.locator('.told')).toContainText('80 %');
    await expect.poll(() => length(page), { timeout: 120_000 }).toBeGreaterThan(before + 0.4);
    await expect(here.getByLabel(/^Framing of the shot at [\d:.]+$/)).toBeVisible({ timeout: 90_000 });
    await page.locator('body').press('a');
    await expect(here).toBeHidden();

    // Any picture that is found by its name.
    await page.locator('body').press('6');
    const picker = page.getByRole('dialog', { name: 'Swap the picture' });
    await picker.getByLabel('Search footage').fill('great lens');
    await picker.getByRole('button', { name: /Great lens/ }).click();
    await expect(page.locator('.seen-shot.is-chosen')).toContainText('Great lens', { timeout: 90_000 });

    // The hook takes too long: the margin says so, and the report of the batch leads there.
    await expect(page.locator('.said-flag').first()).toContainText('late hook');
    await page.getByRole('link', { name: 'On the sheet', exact: true }).click();
    await page.locator('body').press('p');
    await expect(page.getByRole('heading', { name: 'Pace', exact: true })).toBeVisible();
    await expect(page.locator('.rhythm')).toHaveCount(1);
    await page.getByRole('link', { name: 'late hook' }).click();
    await expect(page.getByRole('heading', { name: 'Sheet', exact: true })).toBeVisible();
});
