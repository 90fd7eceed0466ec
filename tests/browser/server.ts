import { execFileSync, spawn } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';

const PORT = process.env.DAYBRIGHT_TEST_PORT ?? '8137';
const DATA = 'storage/browser-tests';

/** Serves a demo of its own, with a speech file for the fake microphone. */
export default async function serve(): Promise<() => void> {
  // A server that is there already is used as it is: quicker while writing a test.
  if (await isUp()) return () => undefined;
  rmSync(DATA, { recursive: true, force: true });
  mkdirSync(DATA, { recursive: true });
  speech('storage/playwright-speech.wav');
  const server = spawn('bin/start', ['--port', PORT], {
    detached: true,
    stdio: 'ignore',
    env: { ...process.env, DAYBRIGHT_DATA: DATA },
  });
  const stop = () => {
    try {
      process.kill(-(server.pid ?? 0), 'SIGTERM');
    } catch {
      // It has ended by itself.
    }
  };
  for (let tries = 0; tries < 600; tries++) {
    if (await isUp()) return stop;
    if (server.exitCode !== null) throw new Error('bin/start ended before it served anything.');
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  stop();
  throw new Error('bin/start did not serve within three minutes.');
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
