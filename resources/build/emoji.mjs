// Makes the lists of emoji by keyword out of emojibase-data (MIT): node resources/build/emoji.mjs
import { readFileSync, writeFileSync } from 'node:fs';

// Animals, food, travel, activities, objects: things that can be named. No faces, people, signs or flags.
const groups = new Set([3, 4, 5, 6, 7]);
const grave = /coffin|headstone|urn|skull|dagger|pistol|bomb|syringe|blood|knife|cigarette|crossed swords/;
const root = new URL('../../', import.meta.url);
const read = (language) =>
    JSON.parse(readFileSync(new URL(`node_modules/emojibase-data/${language}/data.json`, root)));
const allowed = new Set(read('en')
    .filter((one) => groups.has(one.group) && one.version <= 13 && !grave.test(one.label))
    .filter((one) => !one.emoji.includes('\u200d'))
    .map((one) => one.hexcode));

for (const language of ['en', 'de', 'fr', 'es', 'it', 'pt']) {
    const found = new Map();
    const offer = (word, emoji, weight) => {
        const known = found.get(word);
        found.set(word, known ? [...known, [weight, emoji]] : [[weight, emoji]]);
    };
    for (const one of read(language)) {
        if (!allowed.has(one.hexcode)) continue;
        const emoji = one.emoji.replace(/\ufe0f/g, '');
        const label = one.label.toLowerCase();
        offer(label, emoji, 10);
        const words = label.split(/[\s:,()’'-]+/);
        words.forEach((word, i) => offer(word, emoji, words.length < 3 && i === words.length - 1 ? 4 : 2));
        (one.tags ?? []).forEach((tag) => offer(tag.toLowerCase(), emoji, 1));
    }
    const list = {};
    for (const [word, offers] of [...found].sort(([a], [b]) => (a < b ? -1 : 1))) {
        if (word.length < 3 || /[\s\d]/.test(word)) continue;
        const best = Math.max(...offers.map(([weight]) => weight));
        const first = offers.filter(([weight]) => weight === best);
        // A word that could mean many things means none.
        const few = best === 10 ? Infinity : best === 4 ? 3 : 1;
        if (first.length <= few && new Set(offers.map(([, emoji]) => emoji)).size <= (best === 1 ? 1 : 12)) {
            list[word] = first[0][1];
        }
    }
    writeFileSync(
        new URL(`resources/data/emoji/${language}.json`, root),
        JSON.stringify(list, null, 0).replaceAll('","', '",\n"').replace('{', '{\n').replace(/}$/, '\n}\n'),
    );
}
