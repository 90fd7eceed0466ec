// Reads a JSON list of TeX formulas from standard input and writes the list of set formulas.
import { set } from './setter.mjs';

let input = '';
for await (const chunk of process.stdin) input += chunk;
process.stdout.write(`${JSON.stringify(JSON.parse(input).map(set))}\n`);
