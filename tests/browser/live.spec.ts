import { writeFileSync } from 'node:fs';
import { type Browser, expect, type Locator, type Page, test } from '@playwright/test';
import {
  CURVE,
  changedPoints,
  chaptersOf,
  enterClass,
  findNothing,
  grayAt,
  LEAD,
  lessonWith,
  recorded,
  recordingClock,
  shared,
} from './steps';

test.use({ permissions: ['microphone'] });

const things = (...words: string[]) => words.map((text) => ({ text }));

const BOARD = {
  title: 'Twelve materials',
  script: 'Where does each belong?',
  blocks: [
    {
      kind: 'figure',
      content: {
        figure: 'sorting-board',
        quantities: {
          tray: true,
          groups: [
            { name: 'Lets light through', rule: '', items: things('glass', 'clear film', 'water', 'ice') },
            { name: 'Lets some through', rule: '', items: things('paper', 'wax', 'fog', 'thin cloth') },
            { name: 'Lets none through', rule: '', items: things('wood', 'iron', 'stone', 'cork') },
          ],
        },
      },
    },
  ],
};

const TABLE = {
  title: 'Our readings',
  script: 'I read them off.',
  blocks: [
    {
      kind: 'table',
      content: {
        rows: [
          ['hour', 'shadow in cm'],
          ['10', '48'],
          ['12', ''],
          ['14', ''],
        ],
        hasHead: true,
        hasSide: false,
      },
    },
  ],
};

interface Act {
  from: number;
  slide: string;
  words: string;
}

async function begin(page: Page, lesson: string): Promise<void> {
  await page.goto(`/lesson/${lesson}/record`);
  await page.getByRole('button', { name: 'Use the microphone' }).click();
  await page.getByRole('button', { name: 'Start recording this slide' }).click();
  await recorded(page, 1);
}

/** The programme of a lesson once so many of its takes are ready. */
async function programmeOf(page: Page, lesson: string, takes: number) {
  const ready = async () => {
    const all = await (await page.request.get(`/api/lessons/${lesson}/takes`)).json();
    return all.filter((each: { state: string }) => each.state === 'ready').length;
  };
  await expect.poll(ready, { timeout: 30_000 }).toBe(takes);
  return (await page.request.get(`/api/lessons/${lesson}/programme`)).json();
}

async function downloaded(page: Page, video: string): Promise<string> {
  const listed = page.getByRole('listitem').filter({ hasText: /^Video file/ });
  const download = listed.getByRole('link', { name: 'Download' });
  await expect(download).toBeVisible({ timeout: 120_000 });
  writeFileSync(video, await (await page.request.get((await download.getAttribute('href')) ?? '')).body());
  return video;
}

/** A student opens a lesson on a desk, and on a phone held upright. */
async function onBothScreens(
  browser: Browser,
  link: string,
  watch: (student: Page, place: Locator) => Promise<void>,
): Promise<void> {
  for (const viewport of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    const context = await browser.newContext({ viewport });
    const student = await context.newPage();
    await enterClass(student, 'Lena', 'sunny');
    await student.goto(link);
    await watch(student, student.getByLabel('Place in the lesson'));
    await context.close();
  }
}

/** A student takes the board over, and gives it back. */
async function tryIt(student: Page, at: number): Promise<void> {
  // A lesson that was begun before goes on with another button.
  const start = student.getByRole('button', { name: 'Start' });
  if (await start.isVisible()) await start.click();
  await student.getByLabel('Place in the lesson').fill(String(at));
  await student.getByRole('button', { name: 'Try it yourself' }).click();
  await sorted(student, 'wax', 'Lets none through');
  await expect(student.locator('.stage [data-live]').getByText('wax')).toBeVisible();
  await findNothing(student);
  await student.getByRole('button', { name: 'Back to the lesson' }).click();
  await expect(student.getByRole('button', { name: 'Put wax' })).toHaveCount(0);
}

async function sorted(page: Page, thing: string, group: string): Promise<void> {
  await page.getByRole('button', { name: `Put ${thing}`, exact: true }).press('Enter');
  await page.getByRole('menuitem', { name: group }).click();
}

/** Where one can go in the student’s page: whole seconds. */
const secondAfter = (milliseconds: number) => Math.ceil(milliseconds / 1000) * 1000;

test('a curve is turned, twelve materials are sorted and a table is filled while it is recorded', async ({
  page,
  browser,
}) => {
  const lesson = await lessonWith(page, 'Done live', [CURVE, BOARD, TABLE]);
  await begin(page, lesson);

  await test.step('the curve follows', async () => {
    const dial = page.getByRole('slider', { name: 'y = x² − □x − 3' });
    await findNothing(page);
    await dial.focus();
    for (let press = 0; press < 20; press++) await dial.press('ArrowRight');
    await expect(page.getByRole('slider', { name: 'y = x² + □x − 3' })).toHaveValue('0');
    await expect(page.locator('.stage [data-live]').getByText('0x')).toBeVisible();
    await recorded(page, 3);
  });
  await page.getByRole('button', { name: /^Next slide/ }).click();
  await recorded(page, 2);

  await test.step('twelve materials', async () => {
    const iron = page.getByRole('button', { name: 'Put iron' });
    const from = await iron.boundingBox();
    const stage = await page.locator('.stage').last().boundingBox();
    if (!from || !stage) throw new Error('The board is not seen.');
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(stage.x + stage.width * 0.8, stage.y + stage.height * 0.5, { steps: 5 });
    await page.mouse.up();
    await expect.poll(async () => (await iron.boundingBox())?.x ?? 0).toBeGreaterThan(stage.x + stage.width * 0.6);
    // So that a whole second falls between this act and the next one.
    await recorded(page, (await recordingClock(page)) + 2);
    for (const [group, ...rest] of [
      ['Lets light through', 'glass', 'clear film', 'water', 'ice'],
      ['Lets some through', 'paper', 'wax', 'fog', 'thin cloth'],
      ['Lets none through', 'wood', 'stone', 'cork'],
    ]) {
      for (const thing of rest) await sorted(page, thing, group ?? '');
    }
  });
  await page.getByRole('button', { name: /^Next slide/ }).click();
  await recorded(page, 1);
  await test.step('cells', async () => {
    for (const [cell, text] of [
      ['Row 3, column 2', '31'],
      ['Row 4, column 2', '52'],
    ] as const) {
      const field = page.getByLabel(cell);
      await field.click();
      await field.fill(text);
      await field.press('Enter');
      await expect(page.locator('.stage [data-live]').getByText(text)).toBeVisible();
    }
    await recorded(page, 3);
  });
  await page.getByRole('button', { name: 'Stop recording' }).click();
  await expect(page.getByText('1 take of this slide')).toBeVisible();

  const { acts, board, chapters } = await test.step('kept', async () => {
    const programme = await programmeOf(page, lesson, 3);
    const kept = (programme.tracks.acts as Act[]) ?? [];
    expect(kept.filter((act) => act.slide === 'slide-1')).toHaveLength(12);
    expect(kept.filter((act) => act.slide === 'slide-2').map((act) => act.words)).toEqual([
      'writes “31” under “shadow in cm”',
      'writes “52” under “shadow in cm”',
    ]);
    expect(kept.filter((act) => act.slide === 'slide-0').at(-1)?.words).toContain('into y = x² + 0x − 3');
    const board = programme.chapters.find((each: { slide: string }) => each.slide === 'slide-1');
    return { acts: kept, board: board.at as number, chapters: programme.chapters as { slide: string; at: number }[] };
  });

  const link = await shared(page);

  await test.step('seen by a student, wide and tall', async () => {
    await onBothScreens(browser, link, async (student, place) => {
      const iron = acts.find((act) => act.words.includes('iron'));
      await place.fill(String(secondAfter(iron?.from ?? 0)));
      await expect(student.getByText('puts “iron” into “Lets none through”')).toBeAttached();
      await expect(student.locator('.stage [data-live]').getByText('iron')).toBeVisible();
      await place.fill(String(secondAfter(board)));
      await expect(student.locator('.stage [data-live]')).toHaveCount(0);
      await tryIt(student, secondAfter(board));
    });
  });

  await test.step('in the video at the same moments', async () => {
    const video = await downloaded(page, 'storage/playwright-live.mp4');
    const begins = chaptersOf(video);
    for (const act of acts.filter((each) => each.slide !== 'slide-0')) {
      const number = chapters.findIndex((each) => each.slide === act.slide);
      const at = (begins[number] ?? 0) + LEAD + (act.from - (chapters[number]?.at ?? 0)) / 1000;
      const [before, after] = [grayAt(video, at - 0.06), grayAt(video, at + 0.06)];
      expect(changedPoints(before, after), act.words).toBeGreaterThan(3);
    }
  });
});

test('words are ringed and struck out, and labels are typed onto the slide, while it is recorded', async ({
  page,
  browser,
}) => {
  const slide = {
    title: 'The question',
    script: 'What is asked?',
    blocks: [{ kind: 'text', content: { text: 'How much longer is the shadow than the stick?' } }, ...CURVE.blocks],
  };
  const lesson = await lessonWith(page, 'Marked live', [slide]);
  await begin(page, lesson);
  const words = page.getByRole('group', { name: 'Mark words' }).first();
  await words.getByRole('button', { name: 'shadow', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Ring it' }).click();
  await expect(page.locator('.stage [data-live] ellipse')).toHaveCount(1);
  // With the keyboard: to a word, farther with Shift, and Enter.
  await words.getByRole('button', { name: 'How', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Enter');
  await page.getByRole('menuitem', { name: 'Strike it out' }).click();
  await expect(page.locator('.stage [data-piece="annotations"]')).toHaveCount(2);
  await page.getByRole('button', { name: 'Label', exact: true }).click();
  const stage = await page.locator('.stage').last().boundingBox();
  if (!stage) throw new Error('The slide is not seen.');
  await page.mouse.click(stage.x + stage.width * 0.75, stage.y + stage.height * 0.6);
  await page.getByLabel('Label', { exact: true }).and(page.getByRole('textbox')).fill('here it turns');
  await page.keyboard.press('Enter');
  await expect(page.locator('.stage [data-live]').getByText('turns')).toBeVisible();
  await findNothing(page);
  await recorded(page, (await recordingClock(page)) + 2);
  await page.getByRole('button', { name: 'Stop recording' }).click();
  await expect(page.getByText('1 take of this slide')).toBeVisible();

  const acts = ((await programmeOf(page, lesson, 1)).tracks.acts as Act[]) ?? [];
  expect(acts.map((act) => act.words)).toEqual([
    'rings “shadow”',
    'strikes out “much longer”',
    'writes “here it turns” beside it',
  ]);
  const link = await shared(page);
  await onBothScreens(browser, link, async (student, place) => {
    await place.fill(String(secondAfter(acts[2]?.from ?? 0)));
    await expect(student.locator('.stage [data-live] ellipse')).toBeVisible();
    await expect(student.locator('.stage [data-live]').getByText('turns')).toBeVisible();
  });
  const video = await downloaded(page, 'storage/playwright-marked.mp4');
  for (const act of acts) {
    const [before, after] = [
      grayAt(video, act.from / 1000 + LEAD - 0.06),
      grayAt(video, act.from / 1000 + LEAD + 0.06),
    ];
    expect(changedPoints(before, after), act.words).toBeGreaterThan(3);
  }
});

test('a part is covered and uncovered, and looked at closer, in the lesson, on a phone and in the video', async ({
  page,
  browser,
}) => {
  const lesson = await lessonWith(page, 'Shown live', [CURVE]);
  await begin(page, lesson);
  await page.locator('body').press('c');
  await recorded(page, 3);
  await page.locator('body').press('u');
  await page.getByRole('button', { name: 'Look closer' }).click();
  const stage = await page.locator('.stage').last().boundingBox();
  if (!stage) throw new Error('The slide is not seen.');
  await page.mouse.move(stage.x + stage.width * 0.5, stage.y + stage.height * 0.5);
  await page.mouse.down();
  await page.mouse.move(stage.x + stage.width * 0.8, stage.y + stage.height * 0.8, { steps: 4 });
  await page.mouse.up();
  await expect(page.locator('[data-enlarged]')).toBeVisible();
  await recorded(page, 6);
  await page.locator('body').press('0');
  await expect(page.locator('[data-enlarged]')).toHaveCount(0);
  await recorded(page, 7);
  await page.getByRole('button', { name: 'Stop recording' }).click();
  await expect(page.getByText('1 take of this slide')).toBeVisible();

  const { tracks } = await programmeOf(page, lesson, 1);
  expect([tracks.covers, tracks.views].map((each) => each.length)).toEqual([1, 1]);
  const [cover, view] = [tracks.covers[0], tracks.views[0]];
  expect(view.width).toBeGreaterThan(300);
  expect(view.width).toBeLessThan(700);
  const link = await shared(page);

  await onBothScreens(browser, link, async (student, place) => {
    await place.fill(String(secondAfter(cover.from)));
    await expect(student.locator('.stage rect[fill="#66757D"]')).toBeVisible();
    await place.fill(String(secondAfter(view.from)));
    await expect(student.locator('.stage rect[fill="#66757D"]')).toHaveCount(0);
    await expect(student.locator('[data-enlarged]')).toBeVisible();
    await place.fill('0');
    await expect(student.locator('[data-enlarged]')).toHaveCount(0);
  });

  const video = await downloaded(page, 'storage/playwright-shown.mp4');
  for (const at of [cover.from, cover.to, view.from, view.to]) {
    const [before, after] = [grayAt(video, at / 1000 + LEAD - 0.06), grayAt(video, at / 1000 + LEAD + 0.06)];
    expect(changedPoints(before, after)).toBeGreaterThan(300);
  }
  expect(changedPoints(grayAt(video, cover.from / 1000 - 0.1), grayAt(video, view.to / 1000 + 0.5))).toBeLessThan(30);
});
