// Opens every page as a browser does, and says on which of them something ran that was only to be shown, which asked
// another machine for anything, and which failed. Arguments: address, and account and pages as JSON.
import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.js';

const [address, given] = process.argv.slice(2);
const { account, pages } = JSON.parse(given);
const browser = await chromium.launch(chromiumOptions);
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
const page = await context.newPage();
const wrong = [];
let at = '';
page.on('dialog', (dialog) => { wrong.push(`${at}: a dialog`); dialog.dismiss(); });
page.on('request', (request) => {
    if (!/^(?:data|blob):/.test(request.url()) && !request.url().startsWith(address)) {
        wrong.push(`${at} asked for ${request.url()}`);
    }
});
await page.goto(`${address}/sign-in`);
await page.fill('[name=email]', account.email);
await page.fill('[name=password]', account.password);
// It leads to the channel where somebody was last.
const isIn = ({ pathname }) => !pathname.endsWith('/sign-in');
await Promise.all([page.waitForURL(isIn), page.locator('main button, form button').first().click()]);
let seen = 0;
for (const one of pages) {
    at = one;
    try {
        const answer = await page.goto(address + one, { waitUntil: 'load', timeout: 30_000 });
        if (answer.status() >= 500 && answer.status() !== 503) wrong.push(`${one}: ${answer.status()}`);
        const found = await page.evaluate(() => ({
            owned: window.owned === 1,
            counted: document.body?.innerText.includes('42006') ?? false,
            broken: document.querySelectorAll('img[src="x"], script:not([src]):not([type])').length,
        }));
        if (found.owned || found.counted || found.broken > 0) wrong.push(`${one}: ${JSON.stringify(found)}`);
    } catch (problem) {
        // What is saved, and not shown, opens no page.
        if (!/Download is starting|ERR_ABORTED/.test(problem.message)) wrong.push(`${one}: ${problem.message}`);
    }
    seen += 1;
}
await browser.close();
process.stdout.write(JSON.stringify({ seen, wrong }));
