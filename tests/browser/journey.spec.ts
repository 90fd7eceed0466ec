import { execFileSync, spawnSync } from 'node:child_process';
import { statSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { begunAnew, details, enterClass, put, recorded, saved, signIn } from './steps';

test('a lesson goes the whole way: planned, told, recorded, cut, shared, watched, answered, read and taken away', async ({
  page,
  browser,
}) => {
  test.setTimeout(240_000);
  await signIn(page);

  await test.step('plan', async () => {
    await page.getByRole('button', { name: 'New lesson' }).click();
    await page.getByRole('textbox', { name: 'Title' }).fill('Lime tree');
    await page.getByLabel('Minutes of video').fill('3');
    await page.getByRole('button', { name: 'Start planning' }).click();
    await page.getByRole('button', { name: 'Add an aim' }).click();
    await page.getByLabel('Aim 1').fill('find a height from a shadow');
    await page.getByRole('button', { name: /add a slide to Your turn for find a height/ }).click();
    await saved(page);
  });

  await test.step('storyboard: a text with a false sum is found and put right', async () => {
    await page.getByRole('link', { name: 'Storyboard' }).click();
    const opening = page.getByRole('region', { name: 'Opening: Lime tree' });
    await opening.getByLabel('Script of step 1').fill('How high is the lime tree?');
    await put(opening, 'Text');
    await opening.getByRole('textbox', { name: 'Text' }).fill('14 × 30 = 450');
    await expect(opening.getByText('the right side would be 420')).toBeVisible();
    await opening.getByRole('textbox', { name: 'Text' }).fill('14 × 30 = 420');
    await expect(opening.getByText('the right side would be')).toHaveCount(0);

    const turn = page.getByRole('region', { name: /^Your turn/ });
    await turn.getByLabel('Title of the slide').fill('Now you');
    await turn.getByLabel('Script of step 1').fill('Stop and work it out.');
    await put(turn, 'Question');
    await turn.getByRole('textbox', { name: 'Question', exact: true }).fill('How high is the tree?');
    await details(page, 'Question');
    await page.getByLabel('Kind of question').selectOption({ label: 'Type a number with its unit' });
    await page.getByLabel('Right number').fill('6');
    await page.getByLabel('Unit').fill('m');
    await page.getByLabel('Seconds to try').fill('4');
    await page.keyboard.press('Escape');
    await turn.getByLabel('Script of step 2').fill('It is as high as four sticks and two.');
    await saved(page);
    // Four seconds are little time, and nothing was explained: both are meant so here.
    await page.getByText('Ready check: 2 findings').click();
    for (const matter of ['waits 4 seconds', 'is never explained']) {
      const finding = page.getByRole('listitem').filter({ hasText: matter });
      await finding.getByRole('button', { name: /^Leave it as it is/ }).click();
      await finding.getByRole('button', { name: 'Leave it as it is', exact: true }).click();
    }
    await expect(page.getByText('Ready check: nothing open')).toBeVisible();
    await saved(page);
  });

  await test.step('record both slides with the microphone', async () => {
    await page.getByRole('link', { name: 'Record' }).click();
    await page.getByRole('button', { name: /Opening: Lime tree/ }).click();
    await page.getByRole('button', { name: 'Use the microphone' }).click();
    await page.getByRole('button', { name: 'Start recording this slide' }).click();
    await expect(page.getByText('Recording', { exact: true })).toBeVisible();
    await recorded(page, 2);
    await page.getByRole('button', { name: 'Pen', exact: true }).click();
    const paper = await page.getByTestId('drawing').boundingBox();
    if (!paper) throw new Error('There is nothing to draw on.');
    await page.mouse.move(paper.x + 100, paper.y + 300);
    await page.mouse.down();
    await page.mouse.move(paper.x + 300, paper.y + 320, { steps: 8 });
    await page.mouse.up();
    await recorded(page, 3);
    await page.locator('body').press('ArrowDown');
    await begunAnew(page);
    await recorded(page, 2);
    await page.locator('body').press('ArrowRight');
    await expect(page.getByText('Step 2 of 2')).toBeVisible();
    await recorded(page, 4);
    await page.getByRole('button', { name: 'Stop recording' }).click();
    await expect(page.getByText('1 take of this slide')).toBeVisible();
  });

  await test.step('edit: cut a word out', async () => {
    await page.getByRole('link', { name: 'Edit' }).click();
    await expect(page.getByText('in the lesson')).toBeVisible({ timeout: 20_000 });
    // What is marked before it is known where it was said is cut where it was said.
    const word = page.getByRole('button', { name: 'work', exact: true });
    await word.click();
    await page.getByRole('button', { name: 'Cut it out' }).click();
    await expect(word).toHaveClass(/line-through/);
  });

  const link = await test.step('share', async () => {
    await page.getByRole('link', { name: 'Share', exact: true }).click();
    await page.getByRole('button', { name: 'Share this lesson' }).click();
    await expect(page.getByText(/Version 1, made/)).toBeVisible({ timeout: 30_000 });
    await page.getByLabel('Instructions for the class').fill('Have paper ready.');
    await page.getByRole('button', { name: 'Give it to this class' }).click();
    const address = await page.getByRole('link', { name: /\/w\// }).getAttribute('href');
    return address ?? '';
  });

  await test.step('a student watches, is stopped, answers and goes on', async () => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const student = await context.newPage();
    await enterClass(student, 'Lena', 'sunny');
    await student.goto(link);
    await expect(student.getByText('Have paper ready.')).toBeVisible();
    await student.getByRole('button', { name: 'Start' }).click();
    await expect(student.getByRole('heading', { name: 'Stop and try' })).toBeVisible({ timeout: 30_000 });
    await expect(student.getByText('Answer:').filter({ visible: true })).toHaveCount(0);
    await student.getByLabel('Your answer, with its unit').fill('600 cm');
    await student.getByRole('button', { name: 'Answer', exact: true }).click();
    await expect(student.getByText('That is right.')).toBeVisible();
    await student.getByRole('button', { name: 'Go on with the lesson' }).click();
    await expect(student.getByText('You have reached the end.')).toBeVisible({ timeout: 30_000 });
    await student.reload();
    await expect(student.getByRole('heading', { name: 'Lime tree' })).toBeVisible();
    await context.close();
  });

  await test.step('the teacher reads the reply', async () => {
    await page.getByRole('link', { name: 'Replies' }).click();
    await expect(page.getByText('1 right at the first try.')).toBeVisible();
    await page.getByText('All answers').click();
    await expect(page.getByText('600 cm')).toBeVisible();
  });

  await test.step('the video is examined by others', async () => {
    await page.getByRole('link', { name: 'Share', exact: true }).click();
    await page.getByRole('button', { name: 'Make the video file' }).click();
    const listed = page.getByRole('listitem').filter({ hasText: /^Video file/ });
    const download = listed.getByRole('link', { name: 'Download' });
    await expect(download).toBeVisible({ timeout: 60_000 });
    const address = (await download.getAttribute('href')) ?? '';
    const file = 'storage/playwright-lesson.mp4';
    writeFileSync(file, await (await page.request.get(address)).body());
    expect(statSync(file).size).toBeGreaterThan(20_000);
    const seen = JSON.parse(
      execFileSync('ffprobe', ['-v', 'error', '-show_streams', '-show_chapters', '-show_format', '-of', 'json', file], {
        encoding: 'utf8',
      }),
    );
    expect(seen.streams.map((stream: { codec_name: string }) => stream.codec_name)).toEqual(
      expect.arrayContaining(['h264', 'aac', 'mov_text']),
    );
    expect(seen.chapters.map((chapter: { tags: { title: string } }) => chapter.tags.title)).toEqual([
      'Lime tree',
      'Now you',
    ]);
    const joins = seen.chapters.map((chapter: { start_time: string }) => Number(chapter.start_time));
    const played = await playedBy(page, address, joins);
    expect(Math.abs(played.duration - Number(seen.format.duration))).toBeLessThan(0.05);
    for (const [wanted, found] of played.seeks) expect(Math.abs(wanted - found)).toBeLessThan(0.01);
    expect(played.passed).toEqual(joins.slice(1));
    const lesson = page.url().split('/')[4];
    expect(await cuesReadBy(page, `/api/lessons/${lesson}/files/captions`)).toEqual(
      cuesWritten(await (await page.request.get(`/api/lessons/${lesson}/files/captions`)).text()),
    );
    const programme = await (await page.request.get(`/api/lessons/${lesson}/programme`)).json();
    expect(Math.abs(Number(seen.format.duration) - programme.full / 1000)).toBeLessThan(0.2);
    // Before anything is drawn on it, and at the very end: the frames are the slides as they stand.
    const [first, last] = Object.values(programme.slides) as { svg: string }[];
    if (!first || !last) throw new Error('The programme shows no slides.');
    expect(likeness(file, 0.2, first.svg)).toBeGreaterThan(32);
    expect(likeness(file, programme.full / 1000 - 0.2, last.svg)).toBeGreaterThan(32);
    expect(likeness(file, 0.2, last.svg)).toBeLessThan(28);
  });
});

/** Chromium plays a video: it goes before, to and behind each join, and plays over all but the first without a halt. */
function playedBy(page: Page, address: string, joins: number[]) {
  return page.evaluate(
    async ({ address, joins }) => {
      const video = document.createElement('video');
      const once = (name: string) =>
        new Promise((done, failed) => {
          video.addEventListener(name, done, { once: true });
          video.addEventListener('error', () => failed(new Error(video.error?.message)), { once: true });
        });
      video.muted = true;
      video.src = address;
      await once('loadedmetadata');
      const seeks: [number, number][] = [];
      const go = async (at: number) => {
        video.currentTime = at;
        await once('seeked');
      };
      for (const at of joins.flatMap((join) => [Math.max(0, join - 0.05), join, join + 0.05])) {
        await go(at);
        seeks.push([at, video.currentTime]);
      }
      const passed: number[] = [];
      for (const join of joins.slice(1)) {
        await go(join - 0.3);
        let waits = 0;
        video.onwaiting = () => waits++;
        await video.play();
        while (video.currentTime < join + 0.3) await once('timeupdate');
        video.pause();
        if (waits === 0) passed.push(join);
      }
      return { duration: video.duration, seeks, passed };
    },
    { address, joins },
  );
}

/** The captions as Chromium's own reader of WebVTT finds them. */
function cuesReadBy(page: Page, address: string) {
  return page.evaluate(async (address) => {
    const video = document.createElement('video');
    const track = document.createElement('track');
    track.src = address;
    video.append(track);
    track.track.mode = 'hidden';
    await new Promise((done, failed) => {
      track.onload = done;
      track.onerror = failed;
    });
    return [...(track.track.cues ?? [])].map((cue) => [
      cue.startTime.toFixed(3),
      cue.endTime.toFixed(3),
      (cue as VTTCue).text,
    ]);
  }, address);
}

/** The captions of a file that has nothing but times and words. */
function cuesWritten(file: string): string[][] {
  const seconds = (time: string) => time.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
  return file
    .trim()
    .split('\n\n')
    .slice(1)
    .map((block) => {
      const [times = '', ...rows] = block.split('\n');
      return [...times.split(' --> ').map((time) => seconds(time).toFixed(3)), rows.join('\n')];
    });
}

/** How alike a frame of a video and a picture of a slide are: the peak signal-to-noise ratio of their light, in decibels. */
function likeness(video: string, at: number, svg: string): number {
  const picture = 'storage/playwright-scene';
  writeFileSync(`${picture}.svg`, svg);
  execFileSync('rsvg-convert', ['-w', '1280', '-h', '720', `${picture}.svg`, '-o', `${picture}.png`], {
    env: { ...process.env, FONTCONFIG_FILE: resolve('fonts/fonts.conf') },
  });
  const compare = '[0:v]format=gray[frame];[1:v]format=gray[picture];[frame][picture]psnr';
  const told = spawnSync(
    'ffmpeg',
    ['-ss', at.toFixed(3), '-i', video, '-i', `${picture}.png`, '-frames:v', '1', '-lavfi', compare, '-f', 'null', '-'],
    { encoding: 'utf8' },
  ).stderr;
  return Number(told.match(/average:([\d.]+|inf)/)?.[1]?.replace('inf', '100'));
}
