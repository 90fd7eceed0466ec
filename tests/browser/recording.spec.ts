import { expect, type Page, test } from '@playwright/test';
import { endServer, startServer } from './server';
import { begunAnew, clicking, hearing, middleOf, onsets, openRoom, recorded, signIn, tellClicks } from './steps';

const CLICKS = 'storage/playwright-clicks.wav';

test.use({ launchOptions: hearing(CLICKS) });

test.beforeAll(() => {
  clicking(CLICKS);
});

/** A key pressed for a click: when by the take’s clock, and how long after the click; both in milliseconds. */
interface Press {
  at: number;
  late: number;
}

interface RecordedTake {
  id: string;
  slide: string;
  state: string;
  length: number;
  events: { kind: string; at: number }[];
}

async function takes(page: Page, lesson: string): Promise<RecordedTake[]> {
  return (await (await page.request.get(`/api/lessons/${lesson}/takes`)).json()) as RecordedTake[];
}

async function readyTake(page: Page, lesson: string, before: number): Promise<RecordedTake> {
  await expect
    .poll(async () => (await takes(page, lesson)).filter((take) => take.state === 'ready').length, { timeout: 45_000 })
    .toBe(before + 1);
  const ready = (await takes(page, lesson)).filter((take) => take.state === 'ready');
  return ready[ready.length - 1] as RecordedTake;
}

/** Milliseconds at which clicks begin in a take’s sound. */
async function clicksIn(page: Page, take: string): Promise<number[]> {
  return onsets(await (await page.request.get(`/api/takes/${take}/sound`)).body()).map((second) => second * 1000);
}

test('a reveal is kept within 60 ms of where it was made', async ({ page }) => {
  // Every click that the microphone hears presses the key as soon as the page comes to it, and says how long ago it was heard: the
  // event belongs so long after the click.
  await tellClicks(page);
  await page.addInitScript(() => {
    const presses: Press[] = [];
    Object.assign(window, { presses });
    let started = 0;
    const start = MediaRecorder.prototype.start;
    MediaRecorder.prototype.start = function (piece) {
      started = performance.now();
      start.call(this, piece);
    };
    addEventListener('click-heard', (event) => {
      const now = performance.now();
      presses.push({ at: now - started, late: now - (event as CustomEvent<number>).detail });
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }));
    });
  });
  await signIn(page);
  const lesson = await openRoom(page, 'Shadows that move', 'record?slide=growing-shadow');
  const before = (await takes(page, lesson)).filter((take) => take.state === 'ready').length;
  await page.getByRole('button', { name: 'Use the microphone' }).click();
  await page.getByRole('button', { name: 'Start recording this slide' }).click();
  await expect(page.getByText('Step 4 of 4')).toBeVisible({ timeout: 40_000 });
  await page.getByRole('button', { name: 'Stop recording' }).click();
  const take = await readyTake(page, lesson, before);
  const clicks = await clicksIn(page, take.id);
  const reveals = take.events.filter((event) => event.kind === 'step').map((event) => event.at);
  expect(reveals).toHaveLength(3);
  const presses = await page.evaluate(() => (window as unknown as { presses: Press[] }).presses);
  const errors = reveals.map((at) => {
    const [press] = [...presses].sort((one, other) => Math.abs(one.at - at) - Math.abs(other.at - at));
    const made = at - (press?.late ?? 0);
    return clicks.reduce((least, click) => (Math.abs(made - click) < Math.abs(least) ? made - click : least), 1e9);
  });
  console.log(`reveals are off by ${errors.map((error) => error.toFixed(1)).join(', ')} ms`);
  expect(middleOf(errors.map(Math.abs))).toBeLessThan(60);
});

test('one step is recorded again, and what was said and done before it is kept and there to see', async ({ page }) => {
  await signIn(page);
  const lesson = await openRoom(page, 'Shadows that move', 'record?slide=growing-shadow');
  const known = (await takes(page, lesson)).filter((take) => take.state === 'ready');
  const ofSlide = known.filter((take) => take.slide === 'growing-shadow').length;
  await page.getByRole('button', { name: 'Use the microphone' }).click();
  await page.getByRole('button', { name: 'Start recording this slide' }).click();
  await page.getByRole('button', { name: 'Cover next' }).click();
  await page.getByRole('button', { name: 'Pen', exact: true }).click();
  const drawing = page.getByTestId('drawing');
  await drawing.dragTo(drawing, { sourcePosition: { x: 200, y: 120 }, targetPosition: { x: 400, y: 160 } });
  await recorded(page, 2);
  await page.keyboard.press('ArrowRight');
  await recorded(page, 3);
  await page.getByRole('button', { name: 'Stop recording' }).click();
  const earlier = await readyTake(page, lesson, known.length);
  await expect(page.getByText(`${ofSlide + 1} take`)).toBeVisible();
  const [second] = earlier.events.filter((event) => event.kind === 'step');
  const isCovered = drawing.locator('svg rect');
  const isDrawn = drawing.locator('svg polyline');

  // Pressed twice, while a second of the earlier take is heard, it begins once.
  await page.getByRole('button', { name: 'Record again from step 2' }).dblclick();
  await expect(page.getByText('Step 2 of 4')).toBeVisible();
  await expect(page.getByText('Recording', { exact: true })).toBeVisible({ timeout: 20_000 });
  await expect(isCovered).toHaveCount(1);
  await expect(isDrawn).toHaveCount(1);
  await page.getByRole('button', { name: 'Uncover' }).click();
  await expect(isCovered).toHaveCount(0);
  await recorded(page, 3);
  await page.getByRole('button', { name: 'Stop recording' }).click();
  const take = await readyTake(page, lesson, known.length + 1);
  expect((await takes(page, lesson)).filter((each) => each.state === 'recording')).toEqual([]);
  expect(take.length / 48).toBeGreaterThan((second?.at ?? 0) + 2500);
  const done = take.events.filter((event) => ['cover', 'ink', 'step', 'uncover'].includes(event.kind));
  expect(done.map((event) => event.kind)).toEqual(['cover', 'ink', 'step', 'uncover']);
  expect(Math.abs((done[2]?.at ?? 0) - (second?.at ?? 0))).toBeLessThan(100);
});

/** Begins a take of the recap slide with the microphone. */
async function recordRecap(page: Page): Promise<{ lesson: string; before: number; begun: number }> {
  await signIn(page);
  const lesson = await openRoom(page, 'Shadows that move', 'record?slide=recap');
  // What an earlier try left broken off is not this test's.
  const broken = page.getByRole('button', { name: 'Throw it away' });
  for (let left = await broken.count(); left > 0; left--) {
    await broken.first().click();
    await expect(broken).toHaveCount(left - 1);
  }
  const before = (await takes(page, lesson)).filter((take) => take.state === 'ready').length;
  await page.getByRole('button', { name: 'Use the microphone' }).click();
  await page.getByRole('button', { name: 'Start recording this slide' }).click();
  return { lesson, before, begun: Date.now() };
}

test('a page that dies in the middle of a take loses at most two seconds', async ({ page }) => {
  const { lesson, before, begun } = await recordRecap(page);
  await recorded(page, 6);
  const lasted = Date.now() - begun;
  await page.goto('about:blank');
  await page.goto(`/lesson/${lesson}/record?slide=recap`);
  await expect(page.getByText('was broken off')).toBeVisible();
  await page.getByRole('button', { name: 'Keep what was recorded' }).click();
  const take = await readyTake(page, lesson, before);
  expect(take.length / 48).toBeGreaterThan(lasted - 2000);
});

test('a connection that drops loses nothing', async ({ page, context }) => {
  const { lesson, before } = await recordRecap(page);
  await recorded(page, 1);
  await context.setOffline(true);
  await expect(page.getByText('The recording cannot reach the server')).toBeVisible();
  // By the teacher's clock: how long a machine takes until it records is not part of what may be lost.
  await recorded(page, 4);
  await page.getByRole('button', { name: 'Stop recording' }).click();
  await context.setOffline(false);
  const take = await readyTake(page, lesson, before);
  expect(take.length / 48).toBeGreaterThan(3500);
});

test('a server that is killed in the middle of a take loses at most two seconds', async ({ page }) => {
  const { lesson, before, begun } = await recordRecap(page);
  await recorded(page, 2);
  endServer('SIGKILL');
  await expect(page.getByText('The recording cannot reach the server')).toBeVisible();
  await page.getByRole('button', { name: 'Stop recording' }).click();
  const lasted = Date.now() - begun;
  await startServer();
  const take = await readyTake(page, lesson, before);
  expect(take.length / 48).toBeGreaterThan(lasted - 2000);
});

test('another slide on the strip is another take', async ({ page }) => {
  await signIn(page);
  const lesson = await openRoom(page, 'Shadows that move', 'record?slide=recap');
  const before = await takes(page, lesson);
  await page.getByRole('button', { name: 'Use the practice voice' }).click();
  await page.locator('body').press('s');
  await recorded(page, 1);
  await page.getByRole('button', { name: /^Aims: By the end you can/ }).click();
  await expect(page.getByText('Step 1 of 3')).toBeVisible();
  await begunAnew(page);
  await recorded(page, 1);
  await page.locator('body').press('S');
  const made = async () =>
    (await takes(page, lesson)).filter((take) => !before.some((each) => each.id === take.id) && take.state === 'ready');
  await expect.poll(async () => (await made()).length, { timeout: 20_000 }).toBe(2);
  expect((await made()).map((take) => take.slide)).toEqual(['recap', 'aims-today']);
});

test('the practice voice, pausing and starting again', async ({ page }) => {
  await signIn(page);
  const lesson = await openRoom(page, 'Shadows that move', 'record?slide=recap');
  const there = await takes(page, lesson);
  const before = there.filter((take) => take.state === 'ready').length;
  await page.getByRole('button', { name: 'Use the practice voice' }).click();
  await page.locator('body').press('s');
  await recorded(page, 1);
  await page.locator('body').press('x');
  await begunAnew(page);
  await recorded(page, 1);
  await page.locator('body').press('p');
  await expect(page.getByText('Paused')).toBeVisible();
  await recorded(page, 3);
  await page.locator('body').press('p');
  await recorded(page, 5);
  await page.locator('body').press('s');
  const take = await readyTake(page, lesson, before);
  const pause = take.events
    .filter((event) => event.kind === 'pause' || event.kind === 'resume')
    .map((event) => event.at);
  expect(pause).toHaveLength(2);
  expect(take.length / 48).toBeGreaterThan(4000);
  const [paused = 0, resumed = 0] = pause;
  expect(resumed - paused).toBeGreaterThan(1000);
  const programme = await (await page.request.get(`/api/lessons/${lesson}/programme?take=${take.id}`)).json();
  expect(programme.length).toBeLessThan(take.length / 48 - (resumed - paused) + 100);
  // The take that was thrown away has left nothing behind.
  expect(await takes(page, lesson)).toHaveLength(there.length + 1);
});

test('a count of three, where it is wanted, comes before the take', async ({ page }) => {
  await signIn(page);
  await openRoom(page, 'Shadows that move', 'record?slide=recap');
  await page.getByRole('button', { name: 'Use the microphone' }).click();
  await page.getByRole('checkbox', { name: 'Count to three first' }).check();
  await page.locator('body').press('s');
  await expect(page.getByRole('status').filter({ hasText: /^In 3$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Do not begin yet' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Ready$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Start recording this slide' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^In 1$/ })).toBeVisible();
  await recorded(page, 1);
  await page.getByRole('button', { name: 'Stop recording' }).click();
  await page.reload();
  await page.getByRole('button', { name: 'Use the microphone' }).click();
  await expect(page.getByRole('checkbox', { name: 'Count to three first' })).toBeChecked();
});
