import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Locator, type Page } from '@playwright/test';
import config from '../../playwright.config';

/** Makes a sound or a picture out of what ffmpeg invents. */
export function invented(source: string, file: string, ...more: string[]): string {
  execFileSync('ffmpeg', ['-v', 'error', '-y', '-f', 'lavfi', '-i', source, ...more, file]);
  return file;
}

export async function signIn(page: Page): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('School address').fill('teacher@larkfield.example');
  await page.getByLabel('Password').fill('daybright');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Your lessons', exact: true })).toBeVisible();
}

/** Opens a room of a demo lesson. */
export async function openRoom(page: Page, lesson: string, room: string): Promise<string> {
  await page.goto('/');
  const href = await page.locator('ol a', { hasText: lesson }).first().getAttribute('href');
  const id = href?.split('/')[2] ?? '';
  await page.goto(`/lesson/${id}/${room}`);
  await expect(page.getByRole('navigation', { name: 'Rooms' })).toBeVisible();
  return id;
}

export async function enterClass(page: Page, name: string, word: string, code = 'HERN6ABC'): Promise<void> {
  await page.goto(`/join/${code}`);
  await page.getByRole('button', { name, exact: true }).click();
  await page.getByLabel(/personal word/).fill(word);
  await page.getByRole('button', { name: 'Go in' }).click();
  await expect(page.getByRole('heading', { name: `Hello, ${name}` })).toBeVisible();
}

export async function saved(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible({ timeout: 15_000 });
}

/** A new lesson with a slide in Explain, open in the Storyboard. */
export async function newStoryboard(page: Page, title: string): Promise<Locator> {
  await signIn(page);
  await page.getByRole('button', { name: 'New lesson' }).click();
  await page.getByRole('textbox', { name: 'Title' }).fill(title);
  await page.getByRole('button', { name: 'Start planning' }).click();
  await page.getByRole('button', { name: 'Add a slide to Explain for no aim' }).click();
  await saved(page);
  await page.getByRole('link', { name: 'Storyboard' }).click();
  const slide = page.getByRole('region', { name: /^Explain/ });
  await slide.getByLabel('Title of the slide').fill('The tank');
  return slide;
}

/** Puts a block on the slide by its sign. */
export async function put(slide: Locator, kind: string): Promise<void> {
  await slide
    .getByRole('toolbar', { name: 'Put on the slide' })
    .getByRole('button', { name: kind, exact: true })
    .click();
}

/** Opens what of the chosen block cannot be said on the slide. */
export async function details(page: Page, kind: string): Promise<Locator> {
  await page.getByRole('button', { name: 'Details' }).click();
  const form = page.getByRole('dialog', { name: kind });
  await expect(form).toBeVisible();
  return form;
}

/** Chooses a figure from the catalogue by a word, and gives its form. */
export async function putFigure(page: Page, slide: Locator, word: string, figure: string): Promise<Locator> {
  await put(slide, 'Figure');
  const catalogue = page.getByRole('dialog', { name: 'What do you want to show?' });
  await catalogue.getByLabel('A word').fill(word);
  await catalogue.getByRole('button', { name: figure }).click();
  const form = page.getByRole('dialog', { name: 'Figure' });
  await expect(form.getByText(figure, { exact: true })).toBeVisible();
  return form;
}

/**
 * What axe finds on the page as it stands: nothing. It runs in the page itself, which has no frames: by default
 * it opens a blank page beside it for every look, and Chromium did not answer there once in some hundred times.
 */
export async function findNothing(page: Page): Promise<void> {
  // What is right need not be described, which takes axe longer than finding it so.
  const result = await new AxeBuilder({ page })
    .setLegacyMode()
    .options({ resultTypes: ['violations'] })
    .analyze();
  expect(
    result.violations.map((each) => `${each.id}: ${each.nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`),
  ).toEqual([]);
}

/** Seconds on the clock of the recording. */
export async function recordingClock(page: Page): Promise<number> {
  const written = await page.getByRole('complementary', { name: 'Recording' }).textContent();
  const [, minutes, seconds] = written?.match(/(\d+):(\d\d)of/) ?? [];
  return seconds === undefined ? -1 : Number(minutes) * 60 + Number(seconds);
}

/** A slide with a curve that can be turned. */
export const CURVE = {
  title: 'A curve to turn',
  script: 'Watch where it meets the line.',
  blocks: [
    {
      kind: 'figure',
      content: {
        figure: 'function-graph',
        quantities: { functions: 'x² − 2x − 3', from: '-3', to: '5', table: false },
      },
    },
  ],
};

/** Lets the recording go on until its clock shows so many seconds. */
export async function recorded(page: Page, seconds: number): Promise<void> {
  await expect.poll(() => recordingClock(page), { timeout: 30_000, intervals: [100] }).toBeGreaterThanOrEqual(seconds);
}

/** Waits until another take has begun after one of a second or more. */
export async function begunAnew(page: Page): Promise<void> {
  await expect.poll(() => recordingClock(page), { timeout: 30_000, intervals: [50] }).toBe(0);
}

/** Waits until the server knows how far a student has come. */
export async function placeReported(student: Page): Promise<void> {
  const share = new URL(student.url()).pathname.split('/')[2];
  const place = Number(await student.getByLabel('Place in the lesson').inputValue());
  const apart = async () => {
    const lesson = await (await student.request.get(`/api/watch/${share}`)).json();
    return Math.abs(lesson.visit.position - place);
  };
  await expect.poll(apart, { timeout: 30_000 }).toBeLessThan(1000);
}

/** Moves on with Tab until the wanted thing has the focus; nothing is clicked. */
export async function tabTo(page: Page, name: RegExp, most = 220): Promise<void> {
  for (let press = 0; press < most; press++) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const at = document.activeElement as HTMLElement | null;
      const labelled =
        at instanceof HTMLInputElement || at instanceof HTMLTextAreaElement || at instanceof HTMLSelectElement
          ? at.labels?.[0]?.textContent
          : undefined;
      return at?.getAttribute('aria-label') ?? labelled ?? at?.textContent ?? '';
    });
    if (name.test(label.trim())) return;
  }
  throw new Error(`Tab never reaches ${name}.`);
}

/** A lesson with these slides in Explain, each with one step and its blocks; gives its id. */
export async function lessonWith(page: Page, title: string, slides: SlideContent[]): Promise<string> {
  await signIn(page);
  return page.evaluate(
    async ({ title, slides }) => {
      const token = document.cookie.split('; ').find((each) => each.startsWith('XSRF-TOKEN='));
      const ask = async (method: string, address: string, body?: unknown) => {
        const headers = {
          'Content-Type': 'application/json',
          Accept: 'application/json',
          'X-XSRF-TOKEN': decodeURIComponent(token?.slice(11) ?? ''),
        };
        const answer = await fetch(address, { method, headers, body: body ? JSON.stringify(body) : undefined });
        if (!answer.ok) throw new Error(await answer.text());
        return answer.json();
      };
      const { id } = await ask('POST', '/api/lessons', { title, minutes: 5 });
      const { document: lesson, version } = await ask('GET', `/api/lessons/${id}`);
      for (const part of lesson.parts) {
        part.slides =
          part.kind !== 'explain'
            ? []
            : slides.map((slide, number) => ({
                id: `slide-${number}`,
                title: slide.title,
                side: false,
                arrangement: 'whole',
                aims: [],
                steps: [{ id: `step-${number}`, script: slide.script, pause: 0 }],
                blocks: slide.blocks.map((block, index) => ({
                  id: `block-${number}-${index}`,
                  region: 'main',
                  step: `step-${number}`,
                  reveals: {},
                  ...block,
                })),
              }));
      }
      await ask('PUT', `/api/lessons/${id}`, { version, document: lesson });
      return id as string;
    },
    { title, slides },
  );
}

export interface SlideContent {
  title: string;
  script: string;
  blocks: { kind: string; content: Record<string, unknown> }[];
}

/** Shares the lesson with the class, and begins its video file; gives the link. */
export async function shared(page: Page): Promise<string> {
  await page.getByRole('link', { name: 'Share', exact: true }).click();
  await page.getByRole('button', { name: 'Share this lesson' }).click();
  await expect(page.getByText(/Version 1, made/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Give it to this class' }).click();
  await page.getByRole('button', { name: 'Make the video file' }).click();
  return (await page.getByRole('link', { name: /\/w\// }).getAttribute('href')) ?? '';
}

/** Records the question's slide with the practice voice, and gives the lesson to the class. */
export async function recordAndShare(page: Page, slide = /Your turn: Now you/): Promise<string> {
  await page.getByRole('link', { name: 'Record' }).click();
  await page.getByRole('button', { name: slide }).click();
  await page.getByRole('button', { name: 'Use the practice voice' }).click();
  await page.locator('body').press('s');
  await recorded(page, 1);
  await page.locator('body').press('ArrowRight');
  await recorded(page, 2);
  await page.locator('body').press('s');
  await expect(page.getByText('1 take of this slide')).toBeVisible({ timeout: 20_000 });
  const lesson = page.url().split('/')[4] ?? '';
  const isReady = async () =>
    ((await (await page.request.get(`/api/lessons/${lesson}/takes`)).json()) as { state: string }[]).some(
      (take) => take.state === 'ready',
    );
  await expect.poll(isReady, { timeout: 30_000 }).toBe(true);
  await page.getByRole('link', { name: 'Share', exact: true }).click();
  await page.getByRole('button', { name: 'Share this lesson' }).click();
  await expect(page.getByText(/Version 1, made/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Give it to this class' }).click();
  return (await page.getByRole('link', { name: /\/w\// }).getAttribute('href')) ?? '';
}

/**
 * Sends a sound as the Record room sends what it hears on a lesson's first slide.
 *
 * On a machine that stands still for moments a browser's microphone hears with holes, and what has holes is another sound.
 */
export async function sentTake(page: Page, lesson: string, sound: string): Promise<void> {
  const id = Array.from({ length: 22 }, () => Math.floor(Math.random() * 36).toString(36)).join('');
  const bytes = readFileSync(sound);
  const headers = { 'Sec-Fetch-Site': 'same-origin', Accept: 'application/json' };
  const events = JSON.stringify([{ kind: 'show', slide: 'slide-0', at: 0 }]);
  const sha256 = createHash('sha256').update(bytes).digest('hex');
  const piece = { name: 'piece.webm', mimeType: 'audio/webm', buffer: bytes };
  const multipart = { _method: 'PUT', sha256, events, sound: piece };
  const begun = { slide: 'slide-0', source: 'microphone' };
  await expect(await page.request.put(`/api/lessons/${lesson}/takes/${id}`, { headers, data: begun })).toBeOK();
  await expect(await page.request.post(`/api/takes/${id}/pieces/0`, { headers, multipart })).toBeOK();
  await expect(await page.request.post(`/api/takes/${id}/finish`, { headers, data: { pieces: 1 } })).toBeOK();
}

/** A browser whose microphone hears a file once. */
export function hearing(file: string) {
  const options = config.use?.launchOptions;
  const args = (options?.args ?? []).map((arg) =>
    arg.startsWith('--use-file-for-fake-audio') ? `--use-file-for-fake-audio-capture=${file}%noloop` : arg,
  );
  return { ...options, args };
}

/** Makes a sound with a click of 5 ms every 1.3 seconds, in faint noise. */
export function clicking(file: string): void {
  invented("aevalsrc='if(lt(mod(t,1.3),0.005),0.8*sin(2*PI*2000*t),0.001*(random(0)-0.5))':s=48000:d=90", file);
}

// Chromium has it on a page; the types of the standard know it in workers only.
declare class MediaStreamTrackProcessor {
  constructor(init: { track: MediaStreamTrack });
  readonly readable: ReadableStream<AudioData>;
}

/** In the page, “click-heard” comes for every click that its microphone hears, with the moment by the page’s clock at which it was caught. */
export async function tellClicks(page: Page): Promise<void> {
  await page.addInitScript(() => {
    // Each piece of sound says when its first sample was caught, by a clock of its own; it is handed over after its last one, and the
    // piece that came soonest joins the two clocks. So a machine that stands still for a moment makes it late and not wrong.
    const listen = async (track: MediaStreamTrack) => {
      const pieces = new MediaStreamTrackProcessor({ track }).readable.getReader();
      let between = Number.POSITIVE_INFINITY;
      let last = Number.NEGATIVE_INFINITY;
      for (let { value } = await pieces.read(); value; { value } = await pieces.read()) {
        const caught = value.timestamp / 1000;
        between = Math.min(between, performance.now() - caught - value.duration / 1000);
        const samples = new Float32Array(value.numberOfFrames);
        value.copyTo(samples, { planeIndex: 0, format: 'f32-planar' });
        const heard = samples.findIndex((each) => Math.abs(each) > 0.1);
        const at = caught + between + (heard / value.sampleRate) * 1000;
        value.close();
        if (heard < 0 || at - last < 800) continue;
        last = at;
        dispatchEvent(new CustomEvent('click-heard', { detail: at }));
      }
    };
    const open = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
    navigator.mediaDevices.getUserMedia = async (wanted) => {
      const stream = await open(wanted);
      for (const track of stream.getAudioTracks()) listen(track.clone());
      return stream;
    };
  });
}

/** One of many measures that most are not far from: a machine that stands still for a moment spoils single ones. */
export function middleOf(measures: number[]): number {
  const sorted = [...measures].sort((one, other) => one - other);
  return sorted[Math.floor(sorted.length / 2)] ?? Number.POSITIVE_INFINITY;
}

/** Seconds at which something loud begins in a sound: at least half a second apart. */
export function onsets(sound: Buffer): number[] {
  writeFileSync('storage/playwright-sound', sound);
  const raw = execFileSync(
    'ffmpeg',
    ['-v', 'error', '-i', 'storage/playwright-sound', '-ac', '1', '-ar', '48000', '-f', 's16le', '-'],
    { maxBuffer: 64_000_000 },
  );
  const found: number[] = [];
  for (let sample = 0; sample < raw.length / 2; sample++) {
    const at = sample / 48_000;
    if (Math.abs(raw.readInt16LE(sample * 2)) > 3000 && at - (found[found.length - 1] ?? -1) > 0.5) found.push(at);
  }
  return found;
}

/** Seconds of silence with which each slide of a video begins. */
export const LEAD = 1024 / 48000;

/** Seconds at which the chapters of a video begin. */
export function chaptersOf(video: string): number[] {
  const told = execFileSync(
    'ffprobe',
    ['-v', 'error', '-show_entries', 'chapter=start_time', '-of', 'csv=p=0', video],
    {
      encoding: 'utf8',
    },
  );
  return told.trim().split('\n').map(Number);
}

/** The picture of a video at a second, 160 by 90 and in grays: it stays until the next one comes. */
export function grayAt(video: string, second: number): Uint8Array {
  const filter = `fps=50,select=gte(t\\,${second}),scale=160:90,format=gray`;
  return execFileSync('ffmpeg', ['-v', 'error', '-i', video, '-frames:v', '1', '-vf', filter, '-f', 'rawvideo', '-']);
}

/** How many points of two such pictures are clearly others. */
export function changedPoints(one: Uint8Array, other: Uint8Array): number {
  return one.reduce((count, gray, index) => count + Number(Math.abs(gray - (other[index] ?? 0)) > 24), 0);
}
