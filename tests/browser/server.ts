import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';

const PORT = process.env.DAYBRIGHT_TEST_PORT ?? '8137';
const DATA = 'storage/browser-tests';

const PID = `${DATA}/server.pid`;

/** Serves a demo of its own, with a speech file for the fake microphone. */
export default async function serve(): Promise<() => void> {
  // A server that is there already is used as it is: quicker while writing a test.
  if (await isUp()) return () => undefined;
  rmSync(DATA, { recursive: true, force: true });
  mkdirSync(DATA, { recursive: true });
  speech('storage/playwright-speech.wav');
  await startServer();
  return () => endServer('SIGTERM');
}

/** Starts the server on the data that is there, and waits until it answers. */
export async function startServer(): Promise<void> {
  const server = spawn('bin/start', ['--port', PORT], {
    detached: true,
    stdio: 'ignore',
    env: { ...process.env, DAYBRIGHT_DATA: DATA },
  });
  writeFileSync(PID, String(server.pid));
  for (let tries = 0; tries < 2000; tries++) {
    if (await isUp()) return;
    if (server.exitCode !== null) throw new Error('bin/start ended before it served anything.');
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  endServer('SIGTERM');
  throw new Error('bin/start did not serve within ten minutes.');
}

/** With SIGKILL nothing has time to tidy up: web server, queue worker and all. */
export function endServer(signal: 'SIGTERM' | 'SIGKILL'): void {
  const parent = Number(readFileSync(PID, 'utf8'));
  const children = signal === 'SIGKILL' ? spawnSync('pgrep', ['-P', String(parent)], { encoding: 'utf8' }).stdout : '';
  for (const group of [parent, ...children.split('\n').filter(Boolean).map(Number)]) {
    try {
      process.kill(-group, signal);
    } catch {
      // It has ended by itself.
    }
  }
}

async function isUp(): Promise<boolean> {
  return (await fetch(`http://127.0.0.1:${PORT}/up`).catch(() => null))?.ok ?? false;
}

/** Half a minute of speech with silence at its end. */
function speech(file: string): void {
  const words = 'The shadow of the stick is long in the morning and short at noon. '.repeat(6);
  execFileSync('espeak-ng', ['-v', 'en-gb', '-s', '140', '-w', `${file}.raw.wav`, words]);
  execFileSync('ffmpeg', [
    '-v',
    'error',
    '-y',
    '-i',
    `${file}.raw.wav`,
    '-af',
    'apad=pad_dur=20',
    '-ar',
    '48000',
    '-ac',
    '1',
    file,
  ]);
  rmSync(`${file}.raw.wav`);
}
