// Reads a JSON list of requests from standard input and writes the list of what was set.
import { answer } from './answer.mjs';

let input = '';
for await (const chunk of process.stdin) input += chunk;
process.stdout.write(`${JSON.stringify(JSON.parse(input).map(answer))}\n`);
