// Reads XLIFF 2 with another reader, prints its sentences as JSON, and writes it again with targets: xliff.mjs IN OUT
import { readFileSync, writeFileSync } from 'node:fs';
import { js2xliff, xliff2js } from 'xliff';

const [from, to] = process.argv.slice(2);
const read = await xliff2js(readFileSync(from, 'utf8'));
const units = Object.values(read.resources)[0];
console.log(JSON.stringify({
    source: read.sourceLanguage,
    target: read.targetLanguage,
    units: Object.fromEntries(Object.entries(units).map(([id, { source }]) => [id, source])),
}));
for (const unit of Object.values(units)) unit.target = `${unit.source} & back`;
writeFileSync(to, await js2xliff(read));
