import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { endServer, startServer } from './server';
import {
  CURVE,
  clicking,
  enterClass,
  hearing,
  lessonWith,
  middleOf,
  onsets,
  recorded,
  shared,
  tellClicks,
} from './steps';

const CLICKS = 'storage/playwright-film-clicks.wav';

test.use({ permissions: ['microphone', 'camera'], launchOptions: hearing(CLICKS) });

test.beforeAll(() => {
  clicking(CLICKS);
});

// Chromium has it on a page; the types of the standard know it in workers only.
declare class MediaStreamTrackGenerator extends MediaStreamTrack {
  constructor(init: { kind: 'video' });
  readonly writable: WritableStream<VideoFrame>;
}

const SLIDE = {
  title: 'Hands',
  script: 'Watch my hands.',
  blocks: [{ kind: 'text', content: { text: 'Fold it once.' } as Record<string, unknown> }],
};

/** The camera sees a flash whenever the microphone hears a click; how much later it was painted is kept in the page. */
async function flashAtClicks(page: Page): Promise<void> {
  await tellClicks(page);
  await page.addInitScript(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [320, 240];
    const paint = canvas.getContext('2d');
    // Frames are handed over as they are painted: a stream of the canvas itself waits for the next picture of the page.
    const camera = new MediaStreamTrackGenerator({ kind: 'video' });
    camera.getSettings = () => ({ frameRate: 50 });
    const frames = camera.writable.getWriter();
    const late: number[] = [];
    Object.assign(window, { late });
    let clicked = Number.NEGATIVE_INFINITY;
    let isLit = false;
    setInterval(() => {
      const isNow = performance.now() - clicked < 250;
      if (isNow && !isLit) late.push((performance.now() - clicked) / 1000);
      isLit = isNow;
      if (!paint) return;
      paint.fillStyle = isNow ? '#ffffff' : `rgb(8, 8, ${Math.floor(Math.random() * 16)})`;
      paint.fillRect(0, 0, 320, 240);
      const frame = new VideoFrame(canvas, { timestamp: performance.now() * 1000 });
      frames.write(frame).catch(() => frame.close());
    }, 20);
    addEventListener('click-heard', (event) => {
      clicked = (event as CustomEvent<number>).detail;
    });
    const open = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
    navigator.mediaDevices.getUserMedia = async (wanted) => {
      if (wanted?.video) return new MediaStream([camera]);
      return open(wanted);
    };
  });
}

interface FilmedTake {
  id: string;
  state: string;
  length: number;
  cuts: { from: number; to: number }[];
  events: { kind: string; at: number; change?: object }[];
  footage: { id: string; state: string }[];
}

/** The newest take of a lesson, once it and its film are ready. */
async function filmedTake(page: Page, lesson: string): Promise<FilmedTake> {
  const newest = async () =>
    ((await (await page.request.get(`/api/lessons/${lesson}/takes`)).json()) as FilmedTake[]).at(-1);
  await expect
    .poll(async () => [(await newest())?.state, (await newest())?.footage[0]?.state].join(' '), { timeout: 60_000 })
    .toBe('ready ready');
  return (await newest()) as FilmedTake;
}

/** Writes the film of a take to a file, and gives its path. */
async function film(page: Page, take: FilmedTake): Promise<string> {
  const answer = await page.request.get(`/api/takes/${take.id}/footage/${take.footage[0]?.id}/film`);
  writeFileSync('storage/playwright-film.mp4', await answer.body());
  return 'storage/playwright-film.mp4';
}

/** Seconds that a film goes on showing its last picture. */
const HELD = 5;

/** Seconds of its take at which a film has its last picture: it is played without the silence at the take's ends, which is cut. */
async function filmed(page: Page, take: FilmedTake): Promise<number> {
  const wanted = ['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0'];
  const cut = take.cuts.reduce((sum, range) => sum + range.to - range.from, 0) / 48_000;
  return Number(execFileSync('ffprobe', [...wanted, await film(page, take)])) - HELD + cut;
}

/** Seconds at which a film grows bright. */
function flashes(film: string): number[] {
  const told = execFileSync('ffmpeg', [
    '-v',
    'error',
    '-i',
    film,
    '-vf',
    'scale=32:24,signalstats,metadata=print:key=lavfi.signalstats.YAVG:file=-',
    '-f',
    'null',
    '-',
  ]).toString();
  const lights = [...told.matchAll(/pts_time:([\d.]+)\s+lavfi.signalstats.YAVG=([\d.]+)/g)];
  return lights.flatMap(([, at, light], index) => {
    const before = Number(lights[index - 1]?.[2] ?? 255);
    return Number(light) > 120 && before <= 120 ? [Number(at)] : [];
  });
}

async function record(page: Page, seconds: number, slide = SLIDE): Promise<string> {
  const lesson = await lessonWith(page, 'A demonstration', [slide]);
  await page.goto(`/lesson/${lesson}/record`);
  await page.getByRole('button', { name: 'Use the microphone' }).click();
  await page.getByLabel('The camera').selectOption('beside');
  await expect(page.getByLabel('What the camera sees')).toBeVisible();
  await page.getByRole('button', { name: 'Start recording this slide' }).click();
  await recorded(page, seconds);
  return lesson;
}

test('what the camera sees stays within 60 ms of what the microphone hears, as recorded and as watched', async ({
  page,
  browser,
}) => {
  await flashAtClicks(page);
  const lesson = await record(page, 7);
  await page.keyboard.press('v');
  await recorded(page, 9);
  await page.getByRole('button', { name: 'Stop recording' }).click();
  const take = await filmedTake(page, lesson);
  const sound = await (await page.request.get(`/api/takes/${take.id}/narration`)).body();
  const clicks = onsets(sound);
  const seen = flashes(await film(page, take));
  expect(seen.length).toBeGreaterThan(4);
  const late = await page.evaluate(() => (window as unknown as { late: number[] }).late);
  // The microphone was listened to before the recording began: the last flashes are those of the film.
  const apart = seen.map((flash, number) => {
    const made = flash - (late[late.length - seen.length + number] ?? 0);
    return clicks.reduce((least, click) => (Math.abs(made - click) < Math.abs(least) ? made - click : least), 1e9);
  });
  console.log(`flashes are off by ${apart.map((each) => (each * 1000).toFixed(0)).join(', ')} ms`);
  expect(middleOf(apart.map(Math.abs))).toBeLessThan(0.06);

  const link = await shared(page);
  const context = await browser.newContext();
  const student = await context.newPage();
  await student.addInitScript(() => {
    window.Audio = class extends Audio {
      constructor() {
        super();
        Object.assign(window, { heard: this });
      }
    };
  });
  await enterClass(student, 'Lena', 'sunny');
  await student.goto(link);
  await student.getByRole('button', { name: 'Start' }).click();
  const shown = student.getByLabel('The teacher, filmed');
  await expect(shown).toBeVisible();
  // How far film and place in the lesson are apart while it plays: the middle of many looks.
  const middle = () =>
    shown.evaluate(async (element) => {
      const video = element as HTMLVideoElement;
      const audio = (window as unknown as { heard: HTMLAudioElement }).heard;
      const apart: number[] = [];
      while (apart.length < 60) {
        await new Promise(requestAnimationFrame);
        if (!audio.paused && !video.paused) apart.push(Math.abs(video.currentTime - audio.currentTime));
      }
      return apart.sort((one, other) => one - other)[30] ?? 9;
    });
  await expect.poll(middle, { timeout: 20_000 }).toBeLessThan(0.06);
  await context.close();
});

test('a page that dies in the middle of a film loses at most two seconds of it, and none of what could not be sent yet', async ({
  page,
}) => {
  await flashAtClicks(page);
  // The connection stands still: what is filmed stays in the browser.
  let goOn = () => {};
  const connected = new Promise<void>((resolve) => {
    goOn = resolve;
  });
  await page.route('**/footage/*/pieces/*', (route) => connected.then(() => route.continue()).catch(() => undefined));
  const lesson = await record(page, 6);
  await page.goto('about:blank');
  await page.goto(`/lesson/${lesson}/record`);
  await expect(page.getByText('pieces still on their way')).toBeVisible();
  const keep = page.getByRole('button', { name: 'Keep what was recorded' });
  await expect(keep).toBeHidden();
  goOn();
  await keep.click();
  const take = await filmedTake(page, lesson);
  expect(take.length / 48_000).toBeGreaterThan(4);
  expect(await filmed(page, take)).toBeGreaterThan(4);
});

test('a server that is killed in the middle of a film and of acts loses two seconds of the film at most, and no act', async ({
  page,
}) => {
  await flashAtClicks(page);
  const lesson = await record(page, 2, CURVE);
  const dial = page.getByRole('slider', { name: /□x/ });
  for (let press = 0; press < 5; press++) await dial.press('ArrowRight');
  await recorded(page, 4);
  endServer('SIGKILL');
  try {
    await expect(page.getByText('The recording cannot reach the server')).toBeVisible();
    for (let press = 0; press < 5; press++) await dial.press('ArrowRight');
    await expect(dial).toHaveValue('-1');
    await recorded(page, 6);
    await page.getByRole('button', { name: 'Stop recording' }).click();
  } finally {
    await startServer();
  }
  const take = await filmedTake(page, lesson);
  const acts = take.events.filter((event) => event.kind === 'act');
  expect(acts.length).toBeGreaterThan(2);
  expect(JSON.stringify(acts.at(-1)?.change)).toContain('1x');
  expect(take.length / 48_000).toBeGreaterThan(5);
  expect(await filmed(page, take)).toBeGreaterThan(take.length / 48_000 - 2);
});
