import { type Browser, expect, type Page, test } from '@playwright/test';
import { enterClass, findNothing, placeReported } from './steps';

test('pause points stop the student, and what was reached is there again later', async ({ browser, page }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const student = await context.newPage();
  await student.goto('/join/HERN6ABC');
  await student.getByRole('button', { name: 'Kofi' }).click();
  await student.getByLabel(/personal word/).fill('kites');
  await student.getByRole('button', { name: 'Go in' }).click();
  await student.getByRole('button', { name: /Shadows that move/ }).click();
  // Seeking past a pause point stops at it.
  await student.getByRole('button', { name: /^Exit check: the day/ }).click();
  await student.getByRole('button', { name: /^(Start|Go on)$/ }).click();
  await expect(student.getByRole('heading', { name: 'Stop and try' })).toBeVisible({ timeout: 15_000 });
  await expect(student.getByRole('radio', { name: /at noon/ })).toBeVisible();
  await student.getByRole('button', { name: 'Answer', exact: true }).click();
  await expect(student.getByText('Write an answer first, even a guess.')).toBeVisible();
  await student.getByRole('button', { name: 'Give me a hint' }).click();
  await expect(student.getByText('When is the Sun highest?')).toBeVisible();
  await student.getByRole('radio', { name: /just after sunrise/ }).check();
  await expect(student.getByText('Write an answer first, even a guess.')).toHaveCount(0);
  await student.getByRole('button', { name: 'Answer', exact: true }).click();
  await expect(student.getByText('A low Sun makes a long shadow.')).toBeVisible();
  // From where the lesson waits the strip leads on to the next question, and not behind it while it is not answered.
  await expect(student.getByRole('button', { name: 'Go on with the lesson' })).toBeEnabled();
  for (let time = 0; time < 2; time++) {
    await student.getByRole('button', { name: /^Exit check: the day/ }).click();
    await expect(student.getByRole('region', { name: 'Pause point' })).toContainText('How long is the shadow');
  }
  await placeReported(student);
  const place = await student.getByLabel('Place in the lesson').inputValue();
  await student.reload();
  await expect(student.getByLabel('Place in the lesson')).toBeVisible();
  expect(Math.abs(Number(await student.getByLabel('Place in the lesson').inputValue()) - Number(place))).toBeLessThan(
    3000,
  );
  await context.close();
  // Without signing in no room opens.
  await page.goto('/classes');
  await expect(page.getByRole('heading', { name: 'Sign in to your lessons' })).toBeVisible();
});

/** Opens the recorded lesson on a phone, and goes to where its first question stops it. */
async function atFirstQuestion(browser: Browser, name: string, word: string): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const student = await context.newPage();
  await enterClass(student, name, word);
  await student.getByRole('button', { name: /Shadows that move/ }).click();
  await student.getByRole('button', { name: /^Your turn: Now you: noon/ }).click();
  await student.getByRole('button', { name: /^Exit check: the day/ }).click();
  await student.getByRole('button', { name: /^(Start|Go on)$/ }).click();
  await expect(student.getByRole('heading', { name: 'Stop and try' })).toBeVisible({ timeout: 15_000 });
  return student;
}

test('an answer given without a connection arrives later, and one half written outlives the page', async ({
  browser,
}) => {
  const student = await atFirstQuestion(browser, 'Idris', 'birch');
  await student.getByText('Read the lesson').click();
  await expect(
    student.getByText(/The next lines come when you have tried the question: When is the shadow/),
  ).toBeVisible();
  await expect(student.getByRole('button', { name: /At noon the Sun is highest/ })).toHaveCount(0);
  await student.getByRole('radio', { name: /at noon/ }).check();
  await student.context().setOffline(true);
  await student.getByRole('button', { name: 'Answer', exact: true }).click();
  await expect(student.getByText('The server cannot be reached')).toBeVisible();
  await student.context().setOffline(false);
  await expect(student.getByText('That is right.')).toBeVisible({ timeout: 15_000 });
  await expect(student.getByRole('button', { name: /At noon the Sun is highest/ })).toHaveCount(1);

  await student.getByRole('button', { name: 'Go on with the lesson' }).click();
  await student.getByRole('button', { name: /^Exit check: the day/ }).click();
  await student.getByRole('button', { name: /^(Go on|Stop)$/ }).waitFor();
  if (await student.getByRole('button', { name: 'Go on', exact: true }).isEnabled())
    await student.getByRole('button', { name: 'Go on', exact: true }).click();
  await expect(student.getByText('How long is the shadow at 4 o’clock?').first()).toBeVisible({ timeout: 15_000 });
  await student.getByLabel('Your answer, with its unit').fill('41 c');
  await placeReported(student);
  await student.reload();
  await student.getByRole('button', { name: 'Go on', exact: true }).click();
  await expect(student.getByLabel('Your answer, with its unit')).toHaveValue('41 c', { timeout: 15_000 });
  await student.context().close();
});

test('a sound that could not be had is had again, and one kind that a device does not know is not missed', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const student = await context.newPage();
  await enterClass(student, 'Hana', 'kestrel');
  // As on a tablet that plays no Opus in WebM.
  await student.route('**/api/watch/*', async (route) => {
    const answer = await route.fetch();
    const told = (await answer.text()).replaceAll(/audio\\?\/webm; codecs=opus/g, 'audio/unheard-of');
    await route.fulfill({ response: answer, body: told });
  });
  await student.route('**/sound.*', (route) => route.abort('connectionreset'));
  await student.getByRole('button', { name: /Shadows that move/ }).click();
  await student
    .getByRole('button', { name: /^Opening/ })
    .first()
    .click();
  await student.getByRole('button', { name: /^(Start|Go on)$/ }).click();
  const trouble = student.getByText('The sound cannot be played.');
  await expect(trouble).toBeVisible();
  const goOn = student.getByRole('button', { name: /^(Start|Go on)$/ });
  await expect(goOn).toBeVisible();
  const before = Number(await student.getByLabel('Place in the lesson').inputValue());

  await student.unroute('**/sound.*');
  const heard = student.waitForResponse((response) => response.url().includes('/sound.'));
  await goOn.click();
  expect((await heard).url()).toContain('sound.m4a');
  await expect
    .poll(async () => Number(await student.getByLabel('Place in the lesson').inputValue()))
    .toBeGreaterThan(before);
  await expect(trouble).toHaveCount(0);

  // A page that has it at once never speaks of trouble.
  await student.reload();
  await expect(student.getByLabel('Place in the lesson')).toBeVisible();
  await student.getByRole('button', { name: /^(Start|Go on)$/ }).click();
  await expect(student.getByRole('button', { name: 'Stop', exact: true })).toBeVisible();
  await expect(trouble).toHaveCount(0);
  await context.close();
});

test('a page that was made darker, larger and wider stays so on this device, and can be read by all', async ({
  page,
}) => {
  await enterClass(page, 'Lena', 'sunny');
  await page.getByRole('button', { name: /Shadows that move/ }).click();
  await page.getByRole('button', { name: 'How it reads' }).click();
  const choose = (label: string, option: string) => page.getByLabel(label, { exact: true }).selectOption(option);
  await choose('Ground', 'dark');
  await choose('Size of the captions', 'very large');
  await choose('Captions stand', 'above the slide');
  await choose('Room between letters and lines', 'wide');
  await findNothing(page);
  await choose('Size of the text', 'large');
  await choose('Ruler that follows the pointer', 'on');
  await page.getByRole('button', { name: 'How it reads' }).click();
  await page.mouse.move(400, 500);
  await expect(page.locator('div[data-ruler]')).toBeAttached();
  await page.reload();
  const html = page.locator('html');
  await expect(html).toHaveAttribute('data-ground', 'dark');
  await expect(html).toHaveAttribute('data-size', '145');
  await page.getByLabel('Speed').selectOption('2 ×');
  await page.getByRole('button', { name: /^(Start|Go on)$/ }).click();
  const caption = page.locator('.caption');
  await expect(caption).not.toBeEmpty();
  const [above, slide] = [await caption.boundingBox(), await page.locator('.stage').first().boundingBox()];
  expect((above?.y ?? 0) + (above?.height ?? 0)).toBeLessThanOrEqual((slide?.y ?? 0) + 1);
});

test('words are found in what was said, a task is read aloud, and the transcript is a page to print', async ({
  browser,
}) => {
  const student = await atFirstQuestion(browser, 'Femi', 'pebble');
  await student.getByText('Read the lesson').click();
  await student.getByLabel('Find a word').fill('wander');
  await expect(student.getByText('Nothing that has been said or shown so far has this word in it.')).toBeVisible();
  await student.getByLabel('Find a word').fill('SUN ');
  const found = student.locator('.printed [data-found]');
  await expect(found.first()).toContainText(/sun /i);
  await student.emulateMedia({ media: 'print' });
  await expect(found.first()).toBeVisible();
  await expect(student.getByRole('heading', { name: 'Stop and try' })).toBeHidden();
  await student.emulateMedia({ media: 'screen' });
  await findNothing(student);
  // A screen of 1280 × 1024 enlarged to 400 % (WCAG 2.2, 1.4.10).
  await student.setViewportSize({ width: 320, height: 256 });
  await student.getByRole('button', { name: 'How it reads' }).click();
  await expect(student.getByLabel('Captions stand')).toBeVisible();
  expect(await student.evaluate(() => document.documentElement.scrollWidth)).toBe(320);
  await student.setViewportSize({ width: 390, height: 844 });
  const read = student.waitForResponse(/\/tasks\/.*\/sound$/);
  await student.getByRole('button', { name: 'Read it to me' }).click();
  expect((await read).ok()).toBe(true);
  await expect(student.getByRole('button', { name: 'Stop reading' })).toBeVisible();
  await expect(student.getByRole('button', { name: 'Read it to me' })).toBeVisible({ timeout: 30_000 });
  await student.context().close();
});

test('on a phone held upright a slide is laid out for it, and on its side as on a screen', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const student = await context.newPage();
  await enterClass(student, 'Kofi', 'kites');
  await student.getByRole('button', { name: /Shadows that move/ }).click();
  await student.getByRole('button', { name: /^Aims/ }).click();
  const picture = student.locator('.stage [role="img"] svg');
  await expect(picture).toHaveAttribute('viewBox', '0 0 670 1042');
  // The smallest type is 28 units high.
  const width = (await picture.boundingBox())?.width ?? 0;
  expect((28 * width) / 670).toBeGreaterThanOrEqual(15);
  await findNothing(student);
  await student.setViewportSize({ width: 844, height: 390 });
  await expect(picture).toHaveAttribute('viewBox', '0 0 1600 900');
  // How it reads lies over the slide there, wide enough to be chosen from, and a question begun can be left.
  await student.getByRole('button', { name: 'How it reads' }).click();
  const choices = await student.getByRole('region', { name: 'How it reads' }).boundingBox();
  expect(choices?.width).toBeGreaterThan(800);
  expect((choices?.y ?? 0) + (choices?.height ?? 0)).toBeLessThan(390);
  await findNothing(student);
  await student.getByRole('button', { name: 'How it reads' }).click();
  await student.getByRole('button', { name: /^(Start|Go on)$/ }).click();
  await student.getByRole('button', { name: 'Ask a question' }).click();
  await expect(student.getByLabel(/^Your question about this moment/)).toBeFocused();
  await student.keyboard.press('Escape');
  await expect(student.getByLabel(/^Your question about this moment/)).toBeHidden();
  await context.close();
});

test('a border between two pictures is moved with a pointer and with keys, once both are seen', async ({ page }) => {
  await enterClass(page, 'Lena', 'sunny');
  await page.getByRole('button', { name: /Shadows that move/ }).click();
  const slider = page.getByRole('slider', { name: 'Border between the two pictures' });
  await expect(page.getByRole('heading', { name: 'Shadows that move' })).toBeVisible();
  await expect(slider).toHaveCount(0);
  await page.getByRole('heading', { name: 'Shadows that move' }).click();
  // The second picture is seen somewhat after ten seconds, and each press goes on by five.
  for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowRight');
  await expect(slider).toHaveValue('60');
  const second = page.locator('[data-part="border-second"]');
  const whole = Number(await page.locator('[data-part="border-area"]').getAttribute('width'));
  const seen = async () => Number(await second.getAttribute('width')) / whole;
  expect(await seen()).toBeCloseTo(0.4, 2);
  const width = (await slider.boundingBox())?.width ?? 0;
  await slider.click({ position: { x: 0.2 * width, y: 40 } });
  const clicked = await seen();
  expect(clicked).toBeCloseTo(0.8, 1);
  await page.keyboard.press('ArrowLeft');
  expect(await seen()).toBeCloseTo(clicked + 0.01, 3);
  await findNothing(page);
});

test('where a link leads is told to a student who has come to its card, and to nobody before', async ({
  browser,
  page,
}) => {
  const told = async (student: Page) => {
    await student.getByRole('button', { name: /Shadows that move/ }).click();
    await expect(student.getByRole('heading', { name: 'Shadows that move' })).toBeVisible();
    return student.evaluate(async () => (await fetch(`/api/watch/${location.pathname.split('/').pop()}`)).text());
  };
  await enterClass(page, 'Lena', 'sunny');
  expect(await told(page)).not.toContain('one-post-one-day');
  // Dewi has answered everything and handed in.
  const other = await (await browser.newContext()).newPage();
  await enterClass(other, 'Dewi', 'lantern');
  expect(await told(other)).toContain('one-post-one-day');
  await other.context().close();
});

test('a device that is full says so, and keeps a lesson as soon as there is room', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const student = await context.newPage();
  await enterClass(student, 'Elif', 'willow');
  const chromium = await context.newCDPSession(student);
  const origin = new URL(student.url()).origin;
  const keep = async (quotaSize?: number) => {
    await chromium.send('Storage.overrideQuotaForOrigin', { origin, quotaSize });
    await student.getByRole('button', { name: 'Keep it for when there is no connection' }).first().click();
  };
  await keep(100_000);
  await expect(student.getByText('This page could not be kept on this device.')).toBeVisible({ timeout: 15_000 });
  await keep(2_000_000);
  await expect(student.getByText('There is not enough room on this device for this lesson.')).toBeVisible({
    timeout: 15_000,
  });
  await keep();
  await expect(student.getByText(/^Kept on this device, /)).toBeVisible({ timeout: 30_000 });
  await context.close();
});
