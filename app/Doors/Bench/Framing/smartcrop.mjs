// Asks the smartcrop package for the best window of every picture of a raw RGBA file, each by itself, and prints the
// middles as fractions of the width.
//   node smartcrop.mjs FILE WIDTH HEIGHT ASPECT
import { readFileSync } from 'node:fs';
import smartcrop from 'smartcrop';

const [file, ...numbers] = process.argv.slice(2);
const [width, height, aspect] = numbers.map(Number);
const bytes = readFileSync(file);
const size = width * height * 4;

const imageOperations = {
    open: (image) => Promise.resolve(image),
    resample: (image, toWidth, toHeight) => {
        const [across, down] = [Math.trunc(toWidth), Math.trunc(toHeight)];
        const data = new Uint8ClampedArray(across * down * 4);
        for (let y = 0; y < down; y++) {
            for (let x = 0; x < across; x++) {
                const from = (Math.trunc((y * image.height) / down) * image.width
                    + Math.trunc((x * image.width) / across)) * 4;
                data.set(image.data.subarray(from, from + 4), (y * across + x) * 4);
            }
        }
        return Promise.resolve({ width: across, height: down, data });
    },
    getData: (image) => Promise.resolve(image),
};

const middles = [];
for (let at = 0; at + size <= bytes.length; at += size) {
    const image = { width, height, data: new Uint8ClampedArray(bytes.buffer, bytes.byteOffset + at, size) };
    const { topCrop } = await smartcrop.crop(image, {
        width: Math.round(height * aspect),
        height,
        minScale: 1,
        imageOperations,
    });
    middles.push((topCrop.x + topCrop.width / 2) / width);
}
console.log(JSON.stringify(middles));
