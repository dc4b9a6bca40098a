// Reads a WebVTT file with the parser of the W3C's validator and prints its cues and complaints as JSON.
import { readFileSync } from 'node:fs';
import parsers from 'webvtt-parser';

const tree = new parsers.WebVTTParser().parse(readFileSync(process.argv[2], 'utf8'), 'metadata');
console.log(JSON.stringify({
    errors: tree.errors,
    cues: tree.cues.map((cue) => ({ start: cue.startTime, end: cue.endTime, text: cue.text })),
    markup: new parsers.WebVTTParser().parse(readFileSync(process.argv[2], 'utf8'), 'subtitles').errors,
}));
