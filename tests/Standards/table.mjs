// Reads a CSV file with Papa Parse and prints its rows as JSON.
import { readFileSync } from 'node:fs';
import Papa from 'papaparse';

const { data, errors } = Papa.parse(readFileSync(process.argv[2], 'utf8').replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
});
console.log(JSON.stringify({ data, errors }));
