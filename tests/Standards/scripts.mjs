// Reads an ASS script with ass-compiler and prints its size and events as JSON.
import { readFileSync } from 'node:fs';
import { compile } from 'ass-compiler';

const script = compile(readFileSync(process.argv[2], 'utf8'), {});
console.log(JSON.stringify({
    width: script.width,
    height: script.height,
    events: script.dialogues
        .map(({ start, end, pos, slices }) => ({
            start,
            end,
            pos: pos ?? null,
            text: slices.flatMap((slice) => slice.fragments.map((one) => one.drawing ? '' : one.text)).join(''),
        }))
        .filter((event) => event.text !== ''),
}));
