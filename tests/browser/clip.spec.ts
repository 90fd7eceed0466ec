import { execFileSync } from 'node:child_process';
import { statSync, writeFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { enterClass, findNothing, LEAD, newStoryboard, put, recorded, saved } from './steps';

test.use({ permissions: ['microphone', 'camera'] });

const FILM = 'storage/playwright-film.mov';

/** Four seconds as a camera writes them: two of red, then two of blue, in more than one piece. */
function film(): void {
  const colour = (name: string) => `color=${name}:size=640x360:rate=25:duration=2`;
  execFileSync('ffmpeg', [
    ...['-v', 'error', '-y', '-f', 'lavfi', '-i', `${colour('red')}[r];${colour('blue')}[b];[r][b]concat`],
    ...[
      '-f',
      'lavfi',
      '-i',
      'sine=frequency=440:duration=4',
      '-c:v',
      'mjpeg',
      '-q:v',
      '2',
      '-c:a',
      'pcm_s16le',
      '-ar',
      '48000',
      '-ac',
      '2',
      FILM,
    ],
  ]);
}

/** The colour in the middle of a video at a second: a picture stays until the next one comes. */
function colourAt(video: string, second: number): number[] {
  const filter = `fps=50,select=gte(t\\,${second}),crop=2:2,scale=1:1,format=rgb24`;
  return [
    ...execFileSync('ffmpeg', ['-v', 'error', '-i', video, '-frames:v', '1', '-vf', filter, '-f', 'rawvideo', '-']),
  ];
}

async function record(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Record' }).click();
  await page.getByRole('button', { name: 'Use the microphone' }).click();
  await page.getByRole('button', { name: 'Start recording this slide' }).click();
  await recorded(page, 3);
  await page.getByRole('button', { name: 'Stop recording' }).click();
  await expect(page.getByText('1 take of this slide')).toBeVisible();
  await page.getByRole('link', { name: 'Edit' }).click();
  await expect(page.getByText('in the lesson')).toBeVisible({ timeout: 20_000 });
}

interface RecordedTake {
  state: string;
  events: { kind: string; at: number; plays?: boolean }[];
}

/** The newest video file of the lesson, once it is made. */
async function downloaded(page: Page): Promise<string> {
  const listed = page.getByRole('listitem').filter({ hasText: /^Video file/ });
  const download = listed.getByRole('link', { name: 'Download' });
  await expect(download).toBeVisible({ timeout: 60_000 });
  const video = 'storage/playwright-clip.mp4';
  writeFileSync(video, await (await page.request.get((await download.getAttribute('href')) ?? '')).body());
  return video;
}

test('a clip is sent over a connection that drops, cut, captioned, played in its place and found in the video', async ({
  page,
  browser,
}) => {
  film();
  expect(statSync(FILM).size).toBeGreaterThan(600_000);
  const slide = await newStoryboard(page, 'The gate');
  await slide.getByLabel('Script of step 1').fill('Look what the gate does to the light.');

  await test.step('sent', async () => {
    let dropped = 0;
    await page.route('**/api/clips/*/pieces/1', (route) => (++dropped > 2 ? route.continue() : route.abort()));
    await put(slide, 'Clip');
    const form = page.getByRole('dialog', { name: 'Clip' });
    await expect(form.getByText('up to 200.0 MB and 15 minutes')).toBeVisible();
    await form.locator('input[type=file]').setInputFiles(FILM);
    await expect(form.getByText('The clip cannot reach the server.')).toBeVisible();
    await expect(form.getByRole('button', { name: 'Another clip' })).toBeVisible({ timeout: 60_000 });
    expect(dropped).toBe(3);
    await form.getByLabel('What it shows').fill('A red wall that turns blue.');
    await form.getByLabel('Whose it is').fill('Rowan Ash');
    await form.getByLabel('Licence').selectOption('own');
  });

  await test.step('cut and captioned', async () => {
    await page.getByRole('button', { name: 'Cut and captions' }).click();
    const sheet = page.getByRole('dialog', { name: 'Cut and captions' });
    await sheet.getByLabel('Begins at').fill('1');
    await sheet.getByLabel('Ends at').fill('3');
    await expect(sheet.getByText('0:03.0')).toBeVisible();
    await sheet.locator('input[type=file]').setInputFiles({
      name: 'gate.vtt',
      mimeType: 'text/vtt',
      buffer: Buffer.from('WEBVTT\n\n00:01.000 --> 00:02.000\nThe wall is red.\n'),
    });
    await expect(sheet.getByLabel('Caption 1', { exact: true })).toHaveValue('The wall is red.');
    await sheet.getByRole('button', { name: 'Add a caption' }).click();
    await sheet.getByLabel('Caption 2', { exact: true }).fill('Now it is blue.');
    await sheet.getByRole('button', { name: 'Show this picture on the slide' }).click();
    await findNothing(page);
    await sheet.getByRole('button', { name: 'Done' }).click();
    await page.getByRole('button', { name: 'Done' }).click();
    await slide.getByRole('textbox', { name: 'Title of the clip' }).fill('Two colours');
    await saved(page);
    await expect(slide.getByText('0:02')).toBeVisible();
    await expect(page.getByText('has sound and no captions')).toHaveCount(0);
  });

  await record(page);
  const link = await test.step('shared', async () => {
    await page.getByRole('link', { name: 'Share', exact: true }).click();
    await page.getByRole('button', { name: 'Share this lesson' }).click();
    await expect(page.getByText(/Version 1, made/)).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Give it to this class' }).click();
    await page.getByRole('button', { name: 'Make the video file' }).click();
    return (await page.getByRole('link', { name: /\/w\// }).getAttribute('href')) ?? '';
  });

  await test.step('played by a student', async () => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const student = await context.newPage();
    await enterClass(student, 'Lena', 'sunny');
    await student.goto(link);
    await student.getByRole('button', { name: 'Start' }).click();
    const playing = student.getByLabel('A red wall that turns blue.');
    await expect(playing).toBeVisible({ timeout: 30_000 });
    await expect(student.getByText('The wall is red.')).toBeVisible();
    await expect(student.getByText('Now it is blue.')).toBeVisible();
    // It ends by itself, and so does the lesson.
    await expect(playing).toHaveCount(0);
    await expect(student.getByText('You have reached the end.')).toBeVisible();
    await student.getByRole('button', { name: 'Play the clip again: Two colours' }).click();
    await expect(playing).toBeVisible();
    await student.getByRole('button', { name: 'Go on without' }).click();
    await expect(playing).toHaveCount(0);
    await context.close();
  });

  await test.step('found in the video', async () => {
    const video = await downloaded(page);
    const seconds = Number(
      execFileSync('ffprobe', ['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', video]),
    );
    // The clip is the last thing of this lesson.
    const [red, , blue] = [colourAt(video, seconds - 1.7), null, colourAt(video, seconds - 0.6)];
    expect(red[0]).toBeGreaterThan(200);
    expect(blue[2]).toBeGreaterThan(200);
  });

  const take = await test.step('recorded again, with words while it plays', async () => {
    await page.getByRole('link', { name: 'Record', exact: true }).click();
    await page.getByRole('button', { name: 'Use the microphone' }).click();
    await page.getByRole('button', { name: 'Start recording this slide' }).click();
    await recorded(page, 1);
    await page.getByRole('button', { name: 'Play clip' }).click();
    const playing = page.getByLabel('A red wall that turns blue.');
    await expect(playing).toBeVisible();
    await expect(playing).toHaveCount(0, { timeout: 20_000 });
    await page.getByRole('button', { name: 'Stop recording' }).click();
    await expect(page.getByText('2 takes of this slide')).toBeVisible();
    const lesson = new URL(page.url()).pathname.split('/')[2];
    const newest = async () =>
      ((await (await page.request.get(`/api/lessons/${lesson}/takes`)).json()) as RecordedTake[]).at(-1);
    await expect.poll(async () => (await newest())?.state, { timeout: 30_000 }).toBe('ready');
    return newest();
  });
  const [begun, over] = (take?.events ?? []).filter((event) => event.kind === 'clip');
  expect(over?.plays).toBe(false);
  expect((over?.at ?? 0) - (begun?.at ?? 0)).toBeGreaterThan(1900);

  await test.step('shared again', async () => {
    await page.getByRole('link', { name: 'Share', exact: true }).click();
    await page.getByRole('button', { name: 'Share the lesson as it is now' }).click();
    await expect(page.getByText(/Version 2, made/)).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Make the video file' }).click();
  });
  await test.step('seen while it is spoken, and the lesson does not wait', async () => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const student = await context.newPage();
    await enterClass(student, 'Kofi', 'kites');
    await student.goto(link);
    await student.getByRole('button', { name: 'Start' }).click();
    const playing = student.getByLabel('A red wall that turns blue.');
    await expect(playing).toBeVisible({ timeout: 30_000 });
    await expect(student.getByRole('button', { name: 'Go on without' })).toHaveCount(0);
    await expect(playing).toHaveCount(0);
    await expect(student.getByText('You have reached the end.')).toBeVisible();
    await context.close();
  });
  await test.step('found in the video at its moment', async () => {
    const video = await downloaded(page);
    // Of the clip its second and third second are seen, and after the first of them it is blue.
    const turns = (begun?.at ?? 0) / 1000 + LEAD + 1;
    expect(colourAt(video, turns - 0.06)[0]).toBeGreaterThan(200);
    expect(colourAt(video, turns + 0.06)[2]).toBeGreaterThan(200);
  });
});

test('a clip is filmed, and what was filmed before the page died is used', async ({ page }) => {
  const slide = await newStoryboard(page, 'The stick');
  await put(slide, 'Clip');
  await page.getByRole('button', { name: 'Film a clip' }).click();
  const sheet = page.getByRole('dialog', { name: 'Film a clip' });
  await sheet.getByRole('button', { name: 'Start filming' }).click();
  await expect(sheet.getByRole('timer')).toHaveText(/^0:03/, { timeout: 20_000 });
  const lesson = new URL(page.url()).pathname.split('/')[2];
  // The room behind the sheet says nothing meanwhile: the server is asked.
  await expect
    .poll(async () => (await page.request.get(`/api/lessons/${lesson}`)).text(), { timeout: 15_000 })
    .toMatch(/"coming":"[a-z0-9]{22}"/);
  await page.reload();

  await slide.getByRole('button', { name: 'Change clip' }).click();
  const form = page.getByRole('dialog', { name: 'Clip', exact: true });
  await form.getByRole('button', { name: 'Use what has arrived' }).click();
  await expect(form.getByRole('button', { name: 'Another clip' })).toBeVisible({ timeout: 60_000 });

  await test.step('another is filmed to its end', async () => {
    await form.getByRole('button', { name: 'Film a clip' }).click();
    await sheet.getByRole('button', { name: 'Start filming' }).click();
    await expect(sheet.getByRole('timer')).toHaveText(/^0:02/, { timeout: 20_000 });
    await sheet.getByRole('button', { name: 'Stop filming' }).click();
    await expect(sheet).toHaveCount(0);
    await expect(form.getByRole('button', { name: 'Cut and captions' })).toBeVisible({ timeout: 60_000 });
    await saved(page);
  });
});
