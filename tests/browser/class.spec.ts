import { type APIRequestContext, type BrowserContext, expect, type Page, request, test } from '@playwright/test';
import config from '../../playwright.config';
import { enterClass, openRoom, signIn } from './steps';

const NAMES = Array.from({ length: 30 }, (_, number) => `Pupil ${number + 1}`);

/** Asks the server as a page does, with the token that a form must carry. */
async function ask(context: APIRequestContext, method: string, address: string, data?: unknown) {
  const { cookies } = await context.storageState();
  const token = cookies.find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '';
  const answer = await context.fetch(address, {
    method,
    data,
    headers: { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },
  });
  expect(answer.ok(), `${method} ${address}: ${answer.status()}`).toBe(true);
  return answer.status() === 204 ? undefined : answer.json();
}

interface Asked {
  block: string;
  prompt: string;
  question: { type: string; choices?: { id: string; text: string }[] } | null;
}

/** What a student gives: every third one slips everywhere. */
function answerOf({ question, prompt }: Asked, number: number): string {
  const slips = number % 3 === 0;
  if (question?.type === 'choice') {
    const wanted = slips ? 'just after sunrise' : 'at noon';
    return question.choices?.find((choice) => choice.text === wanted)?.id ?? question.choices?.[0]?.id ?? '';
  }
  if (prompt.includes('4 o’clock')) return slips ? '48 cm' : '41 cm';
  if (question?.type === 'number') return slips ? '3 h' : '8 h';
  return `High Sun, says pupil ${number}.`;
}

/** Answers one question after the other as they come, and hands the exit check in, twice. */
async function doLesson(student: APIRequestContext, share: string, number: number): Promise<void> {
  const done = new Set<string>();
  for (;;) {
    const lesson = await ask(student, 'GET', `/api/watch/${share}`);
    const open = lesson.pauses.find(
      (pause: Asked) => pause.question && !done.has(pause.block) && !lesson.visit.answers[pause.block],
    );
    if (!open) break;
    done.add(open.block);
    await ask(student, 'PUT', `/api/watch/${share}/answers/${open.block}`, { given: answerOf(open, number) });
  }
  for (let time = 0; time < 2; time++) await ask(student, 'POST', `/api/watch/${share}/exit-check`, { answers: {} });
}

/** Goes in with the class code, and gives the share of the lesson. */
async function enter(context: APIRequestContext, code: string, name: string): Promise<string> {
  await ask(context, 'GET', '/api/session');
  const { students } = await ask(context, 'POST', '/api/watch/join', { code });
  const student = students.find((each: { name: string }) => each.name === name).id;
  const { lessons } = await ask(context, 'POST', '/api/watch/enter', { code, student, word: 'cloud' });
  return lessons[0].id;
}

/** Goes to where the next question stops the lesson, or to its end. */
async function goOn(student: Page): Promise<void> {
  const last = student.getByRole('button', { name: /^Afterwards/ }).last();
  if ((await last.getAttribute('aria-current')) === null) await last.click();
  await expect(
    student.getByRole('heading', { name: 'Stop and try' }).or(student.getByRole('heading', { name: 'Exit check' })),
  ).toBeVisible();
}

/** The whole lesson on a device that keeps it: done with no connection, the page closed in the middle. */
async function doesItOffline(context: BrowserContext, code: string, name: string, number: number): Promise<string> {
  // Firefox asks whether much may be kept, and a child may never answer.
  await context.addInitScript(() => {
    navigator.storage.persist = () => new Promise(() => {});
  });
  let student = await context.newPage();
  await enterClass(student, name, 'cloud', code);
  await student.getByRole('button', { name: 'Keep it for when there is no connection' }).click();
  await expect(student.getByText(/^Kept on this device, /)).toBeVisible({ timeout: 60_000 });
  await context.setOffline(true);
  for (let visit = 0; visit < 2; visit++) {
    await student.close();
    student = await context.newPage();
    await student.goto('/join');
    await expect(student.getByText('There is no connection.')).toBeVisible();
    await student.getByRole('button', { name: /^Shadows that move/ }).click();
    await student.getByRole('button', { name: /^(Start|Go on)$/ }).click();
    if (visit === 0) {
      await goOn(student);
      await student.getByRole('button', { name: 'I am lost here' }).click();
      await answersHere(student, number);
    }
  }
  const exitCheck = student.getByRole('heading', { name: 'Exit check' });
  for (await goOn(student); !(await exitCheck.isVisible()); await goOn(student)) await answersHere(student, number);
  await student.getByRole('button', { name: 'Hand in the exit check' }).click();
  await expect(student.getByRole('heading', { name: 'Exit check, handed in' })).toBeVisible();
  await expect(student.getByText(/things that you did are still to be sent/)).toBeVisible();
  const share = new URL(student.url()).pathname.split('/')[2] ?? '';
  await student.close();
  return share;
}

/** What the lesson waits for, and on from it. */
async function answersHere(student: Page, number: number): Promise<void> {
  const pause = student.getByRole('region', { name: 'Pause point' });
  const answer = pause.getByRole('button', { name: 'Answer', exact: true });
  // Some pauses ask for something to be done, and for no answer.
  if (await answer.isVisible()) {
    const prompt = (await pause.locator('p[lang]').textContent()) ?? '';
    const type = prompt.includes('How many hours') ? 'number' : 'text';
    if ((await pause.getByRole('radio').count()) > 0) await pause.getByRole('radio', { name: /at noon/ }).check();
    else await pause.getByRole('textbox').fill(answerOf({ block: '', prompt, question: { type } }, number));
    await answer.click();
    await expect(pause.getByText('It is kept on this device, and marked when there is a connection.')).toBeVisible();
  }
  await pause.getByRole('button', { name: 'Go on with the lesson' }).click();
}

/** The first question, on a borrowed device that has a connection. */
async function answersElsewhere(code: string, name: string): Promise<void> {
  const borrowed = await request.newContext({ baseURL: config.use?.baseURL });
  const share = await enter(borrowed, code, name);
  const { pauses } = await ask(borrowed, 'GET', `/api/watch/${share}`);
  const first = pauses.find((pause: Asked) => pause.question);
  await ask(borrowed, 'PUT', `/api/watch/${share}/answers/${first.block}`, { given: answerOf(first, 0) });
  await borrowed.dispose();
}

test('thirty students, two of them without a connection until they are done, do a lesson; all of it comes once, and is marked', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const lesson = await openRoom(page, 'Shadows that move', 'replies');
  const made = await ask(page.request, 'POST', '/api/classrooms', { name: '7 Kestrel' });
  await ask(page.request, 'POST', `/api/classrooms/${made.id}/students`, { names: NAMES });
  await ask(page.request, 'PUT', `/api/lessons/${lesson}/shares`, { classroom: made.id });

  await test.step('they do the lesson', async () => {
    const connected = NAMES.slice(2).map(async (name, number) => {
      const student = await request.newContext({ baseURL: config.use?.baseURL });
      await doLesson(student, await enter(student, made.code, name), number + 2);
      await student.dispose();
    });
    const offline = NAMES.slice(0, 2).map(async (name, number) => {
      const device = await browser.newContext();
      const share = await doesItOffline(device, made.code, name, number);
      // Meanwhile the first of them has answered one question on another device, and wrongly.
      if (number === 0) await answersElsewhere(made.code, name);
      await device.setOffline(false);
      const student = await device.newPage();
      await student.goto(`/w/${share}`);
      await expect(student.getByRole('heading', { name: 'Exit check, handed in' })).toBeVisible();
      await expect(student.getByText(/still to be sent/)).toHaveCount(0);
      await device.close();
    });
    await Promise.all([...connected, ...offline]);
  });

  await test.step('nothing is lost and nothing came twice', async () => {
    const { classes } = await ask(page.request, 'GET', `/api/lessons/${lesson}/replies`);
    const replies = classes.find((each: { name: string }) => each.name === '7 Kestrel');
    expect(replies.students.filter((each: { handedIn: string | null }) => each.handedIn)).toHaveLength(30);
    for (const question of replies.questions.filter((each: { answers: unknown[] }) => each.answers.length > 0)) {
      expect(new Set(question.answers.map((each: { student: string }) => each.student)).size).toBe(30);
      expect(question.answers).toHaveLength(30);
    }
    expect(replies.moments.flatMap((each: { lost: string[] }) => each.lost)).toEqual(['Pupil 1', 'Pupil 2']);
    const noon = replies.questions.find((each: { prompt: string }) => each.prompt.includes('shortest'));
    expect(noon.wrongAnswers.map((each: { count: number }) => each.count)).toEqual([10]);
    expect(noon.discrimination.coefficient).toBeGreaterThan(0);
  });

  await test.step('the teacher marks all by keyboard, and the next lesson asks again', async () => {
    await page.reload();
    await page.getByLabel('Class', { exact: true }).selectOption({ label: '7 Kestrel' });
    await expect(page.getByText('30 of 30 opened it, 30 handed in')).toBeVisible();
    await page.getByRole('tab', { name: 'To mark (30)' }).click();
    await page
      .getByRole('listitem', { name: /: to mark$/ })
      .first()
      .focus();
    for (let marked = 1; marked <= 30; marked++) {
      await page.keyboard.press('1');
      await page.keyboard.press('Enter');
      const left = 30 - marked;
      await expect(page.getByRole('tab', { name: left > 0 ? `To mark (${left})` : 'Marked by you' })).toBeVisible();
    }
    await page.getByRole('button', { name: 'Ask it at the opening of the next lesson' }).click();
    await expect(page.getByText(/The opening of “The height of a flagpole”/)).toBeVisible();
  });
});
