import { execFileSync } from 'node:child_process';
import { expect, type Page, test } from '@playwright/test';
import { enterClass, lessonWith, openRoom, recorded, sentTake, shared, signIn } from './steps';

const SAID = 'storage/playwright-said.webm';

const SCRIPT =
  'Look at the stick with me. In the morning the shadow of the stick is very long. At noon the shadow is shortest.';

/** A sentence that is begun twice, as a microphone hears it. */
test.beforeAll(() => {
  const said =
    'Look at the stick with me. In the morning the shadow of, In the morning the shadow of the stick is very long. At noon the shadow is shortest.';
  execFileSync('flite', ['-voice', 'rms', '-t', said, '-o', 'storage/playwright-said.wav']);
  const heard = ['-i', 'storage/playwright-said.wav', '-ar', '48000', '-c:a', 'libopus', '-b:a', '64k', SAID];
  execFileSync('ffmpeg', ['-v', 'error', '-y', ...heard]);
});

/** Opens the Edit room of a demo lesson once the worker has recorded and shared it, and heard where its words are. */
async function openRecorded(page: Page, title: string): Promise<void> {
  const lesson = await openRoom(page, title, 'record');
  const shares = async () => (await (await page.request.get(`/api/lessons/${lesson}/share`)).json()).shares.length;
  await expect.poll(shares, { timeout: 120_000 }).toBeGreaterThan(0);
  await heard(page, lesson);
  await page.goto(`/lesson/${lesson}/edit`);
}

/** Waits until the words of every take have been looked for: on a busy machine that takes long. */
async function heard(page: Page, lesson: string): Promise<void> {
  const awaited = async () => {
    const answer = await page.request.get(`/api/lessons/${lesson}/takes`);
    const takes: { state: string; wordsAwaited: boolean }[] = await answer.json();
    return takes.filter((take) => take.state !== 'ready' || take.wordsAwaited).length;
  };
  await expect.poll(awaited, { timeout: 120_000 }).toBe(0);
}

test('a sentence begun twice is offered and cut, a word is put right, a sentence is said again, and it is heard in the lesson', async ({
  page,
  browser,
}) => {
  const lesson = await lessonWith(page, 'A shadow begun twice', [
    { title: 'Shadows', script: SCRIPT, blocks: [{ kind: 'text', content: { text: 'Look at the stick.' } }] },
  ]);
  await sentTake(page, lesson, SAID);
  await heard(page, lesson);
  await page.goto(`/lesson/${lesson}/edit`);

  const again = page.getByRole('group', { name: /^Begun again/ });
  await again.getByRole('button', { name: 'Cut', exact: true }).click();
  await expect(again.getByRole('button', { name: 'Put back' })).toBeVisible();

  await page.getByRole('button', { name: 'shortest.', exact: true }).click();
  await page.getByRole('button', { name: 'Type what is said' }).click();
  await page.getByLabel(/What is said here/).fill('briefest.');
  await page.getByRole('button', { name: 'Use these words' }).click();
  await expect(page.getByRole('button', { name: 'briefest.', exact: true })).toBeVisible();
  const vtt = 'WEBVTT\n\n00:00.000 --> 00:20.000\nOnly this is read.\n';
  await page
    .getByLabel('Bring captions in')
    .setInputFiles({ name: 'captions.vtt', mimeType: 'text/vtt', buffer: Buffer.from(vtt) });
  await expect(page.getByText('One caption says something else now.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Only', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last edit' }).click();
  await expect(page.getByRole('button', { name: 'briefest.', exact: true })).toBeVisible();

  // The practice voice says the second sentence again: another take, with all that was edited before.
  await page.getByRole('button', { name: 'At', exact: true }).click();
  await page.getByRole('button', { name: 'briefest.', exact: true }).click({ modifiers: ['Shift'] });
  await page.getByRole('button', { name: 'Say it again' }).click();
  await page.getByRole('button', { name: 'Use the practice voice' }).click();
  await page.getByRole('button', { name: 'Start recording' }).click();
  const loudness = () => page.getByLabel('How loud it is').evaluate((meter) => (meter as HTMLMeterElement).value);
  await expect.poll(loudness).toBeGreaterThan(0.05);
  await expect.poll(loudness).toBeLessThan(0.02);
  await page.getByRole('button', { name: 'Stop, and use it' }).click();
  await expect(page.getByRole('button', { name: /^Take 2/ })).toContainText('in the lesson', { timeout: 30_000 });
  await expect(page.getByRole('button', { name: 'shortest.', exact: true })).toBeVisible();
  await heard(page, lesson);
  await expect(again.getByRole('button', { name: 'Put back' })).toBeVisible();

  const link = await shared(page);
  const context = await browser.newContext();
  const student = await context.newPage();
  await enterClass(student, 'Lena', 'sunny');
  await student.goto(link);
  await student.getByRole('button', { name: 'Start' }).click();
  await student.getByText('Read the lesson').click();
  const line = student.getByRole('button', { name: /shortest\./ });
  await expect(line).toBeVisible();
  await expect(student.locator('[data-spoken]')).not.toHaveCount(0);
  // A touched word is the one that is spoken then.
  await student.getByRole('button', { name: 'Stop', exact: true }).click();
  await line.getByText('noon').click();
  await expect(student.locator('[data-spoken]')).toHaveText('noon');
  await context.close();
});

test('words are marked across slides by keyboard, cut, and taken back', async ({ page }) => {
  await signIn(page);
  await openRecorded(page, 'The height of a flagpole');
  const text = page.getByRole('region', { name: 'What is heard' });
  const sections = text.locator('section:has([data-word])');
  await expect(sections.first()).toBeVisible();
  const cut = text.locator('[data-word].line-through');
  const before = await cut.count();
  const here = await sections.nth(0).locator('[data-word]').count();
  await sections
    .nth(0)
    .locator('[data-word]')
    .nth(here - 3)
    .click();
  for (let number = 0; number < 5; number++) await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByText(/Marked: .* on 2 slides/)).toBeVisible();
  await page.keyboard.press('Delete');
  await expect(cut).not.toHaveCount(before);
  await page.getByRole('button', { name: 'Undo the last edit' }).click();
  await expect(cut).toHaveCount(before);
});

test('a reveal is moved on the wave by keyboard, taken out, and put back', async ({ page }) => {
  await signIn(page);
  await openRoom(page, 'Shadows that move', 'edit?slide=sun-path');
  const mark = page.getByRole('button', { name: /^Step 2 appears/ });
  const name = (await mark.getAttribute('aria-label')) ?? '';
  const at = Number(/at ([\d.]+) s/.exec(name)?.[1]);
  const named = (seconds: number) => `Step 2 appears, at ${seconds.toFixed(1)} s`;
  await mark.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(mark).toHaveAccessibleName(named(at + 1));
  await page.reload();
  await expect(mark).toHaveAccessibleName(named(at + 1));
  await mark.click();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(mark).toHaveAccessibleName(/taken out$/);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(mark).toHaveAccessibleName(named(at));
});

test('hum and hiss are made less, heard before and after, and as they were again', async ({ page }) => {
  await signIn(page);
  await openRecorded(page, 'The height of a flagpole');
  const sound = page.getByRole('region', { name: 'Sound', exact: true });
  const heard = page.waitForResponse((answer) => answer.url().includes('/sound?cleaned=1') && answer.ok());
  await sound.getByRole('button', { name: 'Hear after' }).click();
  await heard;
  await sound.getByRole('button', { name: 'Stop listening' }).click();
  const less = sound.getByRole('checkbox', { name: 'Make them less in the whole lesson' });
  await less.click();
  await expect(less).toBeChecked();
  await page.getByRole('button', { name: 'Undo the last edit' }).click();
  await expect(less).not.toBeChecked();
});

test('all long pauses are shortened at once, and what to leave out is offered for the minutes wanted', async ({
  page,
}) => {
  await signIn(page);
  await openRecorded(page, 'The height of a flagpole');
  // What was found for the longer pause stays in sight until the answer comes, and cannot be pressed.
  let answered = () => {};
  const held = new Promise<void>((resolve) => {
    answered = resolve;
  });
  await page.route('**/shortening?pause=400', async (route) => {
    await held;
    await route.continue();
  });
  const shorten = page.getByRole('button', { name: /^Shorten \d+ pauses?: wins/ });
  await page.getByLabel('A pause lasts at most').selectOption({ label: '0.4 s' });
  await expect(page.getByRole('button', { name: /^Shorten \d+ pauses?: wins|No pause is longer/ })).toBeDisabled();
  answered();
  await shorten.click();
  await expect(page.getByRole('button', { name: 'No pause is longer' })).toBeVisible();
  await page.getByLabel('Minutes it should take').fill('1');
  await expect(page.getByText(/To make it 1:00, tick more|Nothing was found|As it is, the lesson takes/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last edit' }).click();
  await expect(shorten).toBeVisible();
});

test('two lessons are made of one, and stand behind one another', async ({ page }) => {
  const slide = (title: string) => ({
    title,
    script: `${title}. This is said while the slide is seen.`,
    blocks: [{ kind: 'text', content: { text: title } }],
  });
  const lesson = await lessonWith(page, 'Long as a day', [slide('Morning'), slide('Evening')]);
  await page.goto(`/lesson/${lesson}/record`);
  await page.getByRole('button', { name: 'Use the practice voice' }).click();
  await page.getByRole('button', { name: 'Start recording this slide' }).click();
  await recorded(page, 3);
  await page.getByRole('button', { name: 'Stop recording' }).click();
  await expect(page.getByText('1 take of this slide')).toBeVisible({ timeout: 30_000 });
  await page.getByRole('link', { name: 'Edit' }).click();
  await page.getByRole('button', { name: 'Make two lessons of it' }).click();
  await page.getByRole('button', { name: 'Make two lessons', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Your lessons', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: /Long as a day \(first half\)/ }).first()).toBeVisible();
  await page
    .getByRole('link', { name: /Long as a day \(second half\)/ })
    .first()
    .click();
  await expect(page.getByText('Where we were').first()).toBeVisible();
});
