import { execFileSync } from 'node:child_process';
import { rmSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { expect, type Page, test } from '@playwright/test';
import { findNothing, openRoom, signIn } from './steps';

/** Takes the demo’s first lesson away and unpacks it; gives the address of its first page. */
async function unpacked(page: Page, format: string): Promise<string> {
  await signIn(page);
  const lesson = await openRoom(page, 'Shadows that move', 'share');
  const folder = resolve(`storage/playwright-${format}`);
  rmSync(folder, { recursive: true, force: true });
  writeFileSync(`${folder}.zip`, await (await page.request.get(`/api/lessons/${lesson}/files/${format}`)).body());
  execFileSync('unzip', ['-q', `${folder}.zip`, '-d', folder]);
  return `file://${folder}/index.html`;
}

/** Answers what is asked, says that it was right where nobody else can, and goes on. */
async function triedRightly(page: Page): Promise<void> {
  const answer = page.getByRole('button', { name: 'Show the answer' });
  if (await answer.isVisible()) {
    const right = page.getByRole('radio', { name: /at noon/ });
    if (await right.isVisible()) await right.check();
    else await page.getByLabel(/^Your answer/).fill('As I think');
    await answer.click();
    const compared = page.getByRole('button', { name: 'I had it right' });
    await expect(compared.or(page.getByText('That is right.'))).toBeVisible();
    if (await compared.isVisible()) await compared.click();
  }
  await page.getByRole('button', { name: 'Go on with the lesson' }).click();
}

test('a package plays from a file, stops, compares answers and remembers, with no connection at all', async ({
  page,
  browser,
}) => {
  const address = await unpacked(page, 'package');
  const context = await browser.newContext();
  const taken = await context.newPage();
  const outside: string[] = [];
  taken.on('request', (request) => {
    if (!/^(file|blob|data):/.test(request.url())) outside.push(request.url());
  });
  await context.setOffline(true);
  await taken.goto(address);
  await findNothing(taken);
  await taken.getByRole('button', { name: /^Exit check: the day/ }).click();
  await taken.getByRole('button', { name: 'Start' }).click();
  await expect(taken.getByRole('heading', { name: 'Stop and try' })).toBeVisible({ timeout: 15_000 });
  await taken.getByRole('radio', { name: /just after sunrise/ }).check();
  await taken.getByRole('button', { name: 'Show the answer' }).click();
  await expect(taken.getByText('Not yet.', { exact: true })).toBeVisible();
  await expect(taken.getByRole('status').filter({ hasText: 'at noon' })).toBeVisible();
  await findNothing(taken);
  await taken.getByRole('button', { name: 'Go on with the lesson' }).click();
  await expect.poll(() => taken.evaluate(() => document.fonts.check('16px Lexend'))).toBe(true);
  await taken.reload();
  await taken.getByRole('button', { name: /^Exit check: the day/ }).click();
  await taken.getByRole('button', { name: 'Go on', exact: true }).click();
  const waits = taken.getByRole('region', { name: 'Pause point' });
  await expect(waits).toContainText('Answer: at noon');
  await waits.getByRole('button', { name: 'Go on with the lesson' }).click();
  await taken.getByRole('button', { name: /^Exit check: the day/ }).click();
  await expect(waits).toContainText('How long is the shadow', { timeout: 15_000 });
  expect(outside).toEqual([]);
  await context.close();
});

test('a learning platform is told the score, when the lesson is done and how long it took', async ({
  page,
  browser,
}) => {
  const address = await unpacked(page, 'scorm');
  const taken = await (await browser.newContext()).newPage();
  // A platform as SCORM 1.2 describes its run-time environment: it keeps what it is told.
  await taken.addInitScript(() => {
    const told: Record<string, string> = { 'cmi.core.lesson_status': 'not attempted', calls: '' };
    const call = (name: string) => {
      told.calls += ` ${name}`;
      return 'true';
    };
    Object.assign(window, {
      told,
      API: {
        LMSInitialize: () => call('initialize'),
        LMSGetValue: (element: string) => told[element] ?? '',
        LMSSetValue: (element: string, value: string) => {
          told[element] = value;
          return 'true';
        },
        LMSCommit: () => 'true',
        LMSFinish: () => call('finish'),
      },
    });
  });
  const told = () => taken.evaluate(() => (window as unknown as { told: Record<string, string> }).told);
  await taken.goto(address);
  expect(await told()).toMatchObject({ calls: ' initialize', 'cmi.core.lesson_status': 'incomplete' });
  await taken.getByLabel('Speed').selectOption('2 ×');
  await taken.getByRole('button', { name: 'Start' }).click();
  const end = taken.getByText('You have reached the end, with 100% of the questions right.');
  const waits = taken.getByRole('region', { name: 'Pause point' });
  const plays = taken.getByRole('button', { name: 'Stop', exact: true });
  while (!(await end.isVisible())) {
    await expect(waits.or(plays).or(end)).toBeVisible();
    if (await plays.isVisible()) await taken.getByLabel('Place in the lesson').press('End');
    await expect(waits.or(end)).toBeVisible({ timeout: 20_000 });
    if (await waits.isVisible()) await triedRightly(taken);
  }
  await expect.poll(async () => (await told())['cmi.core.lesson_status']).toBe('completed');
  expect(JSON.parse((await told())['cmi.suspend_data'] ?? '').tried).toBeTruthy();
  await taken.evaluate(() => window.dispatchEvent(new PageTransitionEvent('pagehide')));
  expect(await told()).toMatchObject({ calls: ' initialize finish', 'cmi.core.exit': 'suspend' });
  expect((await told())['cmi.core.session_time']).toMatch(/^\d{4}:\d{2}:\d{2}\.\d{2}$/);
  await taken.context().close();
});
