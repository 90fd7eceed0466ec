// Keeps the formula setter warm: listens on the socket named by its argument, one JSON list a line in, one a line out.
import { rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { answer } from './answer.mjs';

const path = process.argv[2];
rmSync(path, { force: true });
const server = createServer((socket) => {
  let input = '';
  socket.on('error', () => socket.destroy());
  socket.on('data', (chunk) => {
    input += chunk;
    const end = input.indexOf('\n');
    if (end >= 0) socket.end(answered(input.slice(0, end)));
    else if (input.length > 1_000_000) socket.destroy();
  });
});

function answered(line) {
  try {
    return `${JSON.stringify(JSON.parse(line).map(answer))}\n`;
  } catch (error) {
    console.error(error.message);
    return '\n';
  }
}

server.listen(path);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => process.exit(0));
process.on('exit', () => rmSync(path, { force: true }));
