// What Chromium shows of pictures and clips: node sources.mjs FILE… prints a JSON object by name, with the size as
// shown and the colour in the middle of each quarter; null where it cannot show it.
import { readFileSync } from 'node:fs';
import { basename, extname } from 'node:path';
import { chromium } from 'playwright-core';
import { chromiumOptions } from '../Browser/chromium.js';

const types = {
    '.jpg': 'image/jpeg', '.png': 'image/png', '.webp': 'image/webp', '.mp4': 'video/mp4', '.webm': 'video/webm',
    '.mov': 'video/mp4', '.mkv': 'video/x-matroska',
};

const browser = await chromium.launch(chromiumOptions);
const page = await browser.newPage();
await page.route('http://sources.test/**', (route) => {
    const name = decodeURIComponent(new URL(route.request().url()).pathname.slice(1));
    const file = process.argv.slice(2).find((one) => basename(one) === name);
    return file
        ? route.fulfill({ body: readFileSync(file), contentType: types[extname(file)] ?? 'application/octet-stream' })
        : route.fulfill({ body: '<!doctype html><body>', contentType: 'text/html' });
});
await page.goto('http://sources.test/');
const shown = {};
for (const file of process.argv.slice(2)) {
    shown[basename(file)] = await page.evaluate(async ([name, isVideo]) => {
        const source = document.createElement(isVideo ? 'video' : 'img');
        const ready = new Promise((resolve, reject) => {
            source.addEventListener(isVideo ? 'seeked' : 'load', resolve);
            source.addEventListener('error', reject);
            setTimeout(reject, 20000);
        });
        source.muted = true;
        source.src = `/${name}`;
        if (isVideo) {
            source.addEventListener('loadeddata', () => { source.currentTime = 0.05; });
        }
        try {
            await ready;
        } catch {
            return null;
        }
        const [width, height] = isVideo
            ? [source.videoWidth, source.videoHeight]
            : [source.naturalWidth, source.naturalHeight];
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [width, height];
        const context = canvas.getContext('2d');
        const draw = () => {
            context.fillStyle = 'white';
            context.fillRect(0, 0, width, height);
            context.drawImage(source, 0, 0, width, height);
            return [[1, 1], [3, 1], [1, 3], [3, 3]].map(([x, y]) => [
                ...context.getImageData(Math.floor((width * x) / 4), Math.floor((height * y) / 4), 1, 1).data,
            ].slice(0, 3));
        };
        let quarters = draw();
        // A clip that was sought to may have no picture yet, where much else is going on.
        for (let tries = 0; isVideo && tries < 200 && quarters.flat().every((part) => part === 255); tries++) {
            await new Promise(requestAnimationFrame);
            quarters = draw();
        }
        return { width, height, quarters };
    }, [encodeURIComponent(basename(file)), ['.mp4', '.webm', '.mov', '.mkv'].includes(extname(file))]);
}
console.log(JSON.stringify(shown));
await browser.close();
