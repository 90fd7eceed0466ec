import { type Browser, expect, type Page, test } from '@playwright/test';
import { enterClass, findNothing, lessonWith, recordAndShare } from './steps';

const ask = (type: string, prompt: string, value: string) => ({
  kind: 'question',
  content: { type, prompt, marks: 2, value, seconds: 10, stops: true },
});

/** Seconds until the end of a sound; a recording that was broken off does not say them itself. */
const lastMoment = (sound: HTMLAudioElement) =>
  new Promise<number>((resolve) => {
    sound.ontimeupdate = () => resolve(sound.currentTime);
    sound.currentTime = 1e6;
  });

const secondsLong = (sound: HTMLAudioElement) =>
  new Promise<number>((resolve, reject) => {
    sound.addEventListener('loadedmetadata', () => resolve(sound.duration));
    sound.addEventListener('error', () => reject(new Error('It cannot be played.')));
    sound.load();
  });

/** The student’s page on a phone, at the first question. */
async function atQuestion(browser: Browser, link: string): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, permissions: ['microphone'] });
  const student = await context.newPage();
  await enterClass(student, 'Lena', 'sunny');
  await student.goto(link);
  await student.getByRole('button', { name: 'Start' }).click();
  await expect(student.getByRole('heading', { name: 'Stop and try' })).toBeVisible({ timeout: 30_000 });
  return student;
}

test('an answer is said aloud, another is drawn; the teacher hears and sees them, and marks', async ({
  page,
  browser,
}) => {
  const lesson = await lessonWith(page, 'Trial of voices', [
    {
      title: 'The shadow',
      script: 'Say what the shadow does. Then draw it. Take all the time that you need for both of them.',
      blocks: [
        ask('spoken', 'What does the shadow do?', 'It grows.'),
        ask('drawn', 'Draw the shadow in the evening.', 'A long one.'),
      ],
    },
  ]);
  await page.goto(`/lesson/${lesson}/record`);
  const student = await atQuestion(browser, await recordAndShare(page, /Explain: The shadow/));

  await test.step('what was recorded outlives the page until it is given', async () => {
    await student.getByRole('button', { name: 'Record' }).click();
    await expect(student.getByRole('button', { name: /Stop\s*0:03/ })).toBeVisible();
    await expect(student.getByRole('button', { name: 'Answer', exact: true })).toBeDisabled();
    // The page is lost in the middle: all but the last second is there when it is opened again.
    await student.reload();
    await student.getByRole('button', { name: /^(Start|Go on)$/ }).click();
    const begun = student.getByLabel('Your answer');
    await expect.poll(() => begun.evaluate(lastMoment)).toBeGreaterThan(1);
    await student.getByRole('button', { name: 'Record it again' }).click();
    await expect(student.getByRole('button', { name: /Stop\s*0:02/ })).toBeVisible();
    await student.getByRole('button', { name: /^Stop\s*0:0/ }).click();
    const heard = student.getByLabel('Your answer');
    await expect(heard).toBeVisible();
    await findNothing(student);
    await student.reload();
    await student.getByRole('button', { name: /^(Start|Go on)$/ }).click();
    await expect(student.getByLabel('Your answer')).toBeVisible();
    await student.getByRole('button', { name: 'Answer', exact: true }).click();
    await expect(student.getByText(/You answered: a recording of \d seconds/)).toBeVisible();
    await student.getByRole('button', { name: 'Go on with the lesson' }).click();
  });

  await test.step('a drawing is made line by line, and sent without a connection later', async () => {
    const sheet = student.getByRole('img', { name: 'Sheet to draw on' });
    await sheet.scrollIntoViewIfNeeded();
    const box = await sheet.boundingBox();
    if (!box) throw new Error('There is no sheet.');
    for (const down of [0.3, 0.6]) {
      await student.mouse.move(box.x + 20, box.y + box.height * down);
      await student.mouse.down();
      await student.mouse.move(box.x + box.width - 20, box.y + box.height * down + 10, { steps: 8 });
      await student.mouse.up();
    }
    await expect(sheet.locator('polyline')).toHaveCount(2);
    await student.getByRole('button', { name: 'Take the last line away' }).click();
    await expect(sheet.locator('polyline')).toHaveCount(1);
    // The same line on the slide; a page that is lost shows it there again.
    await student.getByRole('button', { name: 'Draw on the slide' }).click();
    await expect(student.getByRole('img', { name: 'The slide to draw on' }).locator('polyline')).toHaveCount(1);
    await findNothing(student);
    await student.reload();
    await student.getByRole('button', { name: /^(Start|Go on)$/ }).click();
    await student.getByRole('button', { name: 'Go on with the lesson' }).click();
    const given = student.getByRole('img', { name: 'Your answer' });
    await expect.poll(() => given.evaluate((picture: HTMLImageElement) => picture.naturalHeight)).toBe(675);
    await student.context().setOffline(true);
    await student.getByRole('button', { name: 'Answer', exact: true }).click();
    await expect(student.getByText('The server cannot be reached').first()).toBeVisible();
    await student.context().setOffline(false);
    await expect(student.getByRole('img', { name: 'a picture' })).toBeVisible({ timeout: 20_000 });
  });

  await test.step('the teacher', async () => {
    await page.goto(`/lesson/${lesson}/replies`);
    await page.getByRole('tab', { name: 'To mark (2)' }).click();
    const voice = page.getByLabel(/^a recording of/);
    await expect(voice).toBeVisible();
    const length = await voice.evaluate(secondsLong);
    expect(length).toBeGreaterThan(1);
    const drawn = page.getByRole('img', { name: 'a picture' });
    await drawn.scrollIntoViewIfNeeded();
    await expect.poll(() => drawn.evaluate((picture: HTMLImageElement) => picture.naturalWidth)).toBe(1200);
    await page
      .getByRole('listitem', { name: /Lena: to mark/ })
      .first()
      .focus();
    await page.keyboard.press('2');
    await expect(page.getByRole('tab', { name: 'To mark (1)' })).toBeVisible();
    await findNothing(page);
  });

  await test.step('a recording that was sent back is made again, and heard by the teacher', async () => {
    const spoken = page.getByRole('region', { name: 'What does the shadow do?' });
    await spoken.getByRole('listitem').first().click();
    await spoken.getByLabel('Your words for the student').fill('Say why, too.');
    await spoken.getByRole('checkbox', { name: 'May be tried again' }).check();
    await student.reload();
    await expect(student.getByText('Say why, too.')).toBeVisible();
    await student.getByRole('button', { name: 'Record', exact: true }).click();
    await expect(student.getByRole('button', { name: /Stop\s*0:03/ })).toBeVisible();
    await student.getByRole('button', { name: /^Stop\s*0:0/ }).click();
    await expect(student.getByLabel('Your answer')).toBeVisible();
    await student.getByRole('button', { name: 'Answer again' }).click();
    await expect(student.getByRole('button', { name: 'Answer again' })).toBeHidden();
    await page.reload();
    await page.getByRole('tab', { name: 'To mark (2)' }).click();
    const voice = spoken.getByLabel(/^a recording of/).first();
    const told = Number((await voice.getAttribute('aria-label'))?.match(/\d+/)?.[0]);
    expect(told).toBeGreaterThan(2);
    expect(Math.abs((await voice.evaluate(secondsLong)) - told)).toBeLessThan(1);
  });
  await student.context().close();
});
