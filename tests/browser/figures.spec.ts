import { type Browser, expect, type Locator, type Page, test } from '@playwright/test';
import {
  details,
  enterClass,
  findNothing,
  lessonWith,
  newStoryboard,
  put,
  putFigure,
  recordAndShare,
  saved,
} from './steps';

interface Trial {
  group: string;
  figure: string;
  /** A word by which it is found. */
  word: string;
  fill: (form: Locator) => Promise<void>;
  ask: (form: Locator) => Promise<void>;
  answer: (student: Page) => Promise<void>;
  /** What the student and then the teacher read. */
  mark: string;
}

const TRIALS: Trial[] = [
  {
    group: 'number and measure',
    figure: 'Scale reading',
    word: 'thermometer',
    fill: async (form) => {
      await form.getByLabel('Instrument').selectOption('ruler');
      await form.getByLabel('Scale to').fill('10');
      await form.getByLabel('Numbered stretches').fill('10');
      await form.getByLabel('Divisions in each stretch').fill('2');
      await form.getByLabel('Reading', { exact: true }).fill('3.5');
      await form.getByLabel('Unit').fill('cm');
    },
    ask: (form) => form.getByRole('button', { name: 'Ask this one' }).click(),
    answer: (student) => student.getByLabel('What it shows, with its unit').fill('35 mm'),
    mark: '2 of 2 marks',
  },
  {
    group: 'graphs and data',
    figure: 'Data plot',
    word: 'median',
    fill: async (form) => {
      await form.getByLabel('Drawn as').selectOption('bars');
      await form.getByLabel('Table').fill('Animal\tLegs\nHen\t2\nCat\t4\nBee\t6');
    },
    ask: (form) => form.getByRole('button', { name: 'Level 1' }).last().click(),
    answer: async (student) => {
      const asked =
        (await student
          .getByText(/The bars show Hen \d+, Cat \d+, Bee \d+\. How far is the greatest above the least/)
          .last()
          .textContent()) ?? '';
      const values = [...asked.matchAll(/\d+/g)].map(Number);
      const range = String(Math.max(...values) - Math.min(...values));
      await student.getByRole('radio', { name: new RegExp(`^[A-F] ${range}$`) }).check();
    },
    mark: '1 of 1 mark',
  },
  {
    group: 'history and order',
    figure: 'Timeline',
    word: 'BCE',
    fill: (form) => form.getByLabel('Events, one on a line').fill('1914: third\n44 BCE: first\n1066: second'),
    ask: (form) => form.getByRole('button', { name: 'Ask this one' }).click(),
    answer: async (student) => {
      for (const text of ['first', 'first', 'second']) {
        const earlier = student.getByRole('button', { name: `Earlier: ${text}` });
        if (await earlier.isEnabled()) await earlier.press('Enter');
      }
      const order = async () => (await student.locator('ol > li[draggable]').allTextContents()).join(' ');
      if (!/first.*second.*third/.test(await order()))
        await student.getByRole('button', { name: 'Later: third' }).press('Enter');
    },
    mark: '2 of 2 marks',
  },
  {
    group: 'words and sounds',
    figure: 'Rhyme lines',
    word: 'poem',
    fill: (form) => form.getByLabel('The verse, line by line').fill('the cat\nthe moon\nthe hat\nin June'),
    ask: (form) => form.getByRole('button', { name: 'Ask this one' }).click(),
    answer: async (student) => {
      for (const [index, letter] of ['A', 'B', 'A', 'C'].entries())
        await student.getByLabel(`Letter of line ${index + 1}`).selectOption(letter);
    },
    mark: '1 of 2 marks',
  },
  {
    group: 'sorting and pictures',
    figure: 'Sorting board',
    word: 'classify',
    fill: async (form) => {
      await form.getByLabel('Add to Only reflects it').fill('the dew');
      await form.getByLabel('Add to Only reflects it').press('Enter');
    },
    ask: (form) => form.getByRole('button', { name: 'Ask this one' }).click(),
    answer: async (student) => {
      const places = {
        'Gives light': ['the Sun', 'a candle', 'a lamp'],
        'Only reflects it': ['the Moon', 'a mirror', 'the dew'],
      };
      for (const [group, things] of Object.entries(places))
        for (const thing of things) {
          await student.getByRole('button', { name: thing, exact: true }).click();
          await student.getByRole('button', { name: `Put it in “${group}”` }).click();
        }
    },
    mark: '3 of 3 marks',
  },
];

for (const trial of TRIALS) {
  test(`${trial.group}: a figure is made, asked of a student, and the mark is read`, async ({ page, browser }) => {
    const slide = await newStoryboard(page, `Trial of ${trial.group}`);
    const form = await putFigure(page, slide, trial.word, trial.figure);
    await trial.fill(form);
    await expect(form.getByRole('alert')).toHaveCount(0);
    await findNothing(page);
    await trial.ask(form);
    await expect(form.getByText(/A question was added to Your turn/)).toBeVisible();
    await page.keyboard.press('Escape');
    await saved(page);
    const link = await recordAndShare(page);
    const student = await answered(browser, link, trial);
    await expect(student.getByText(trial.mark)).toBeVisible();
    await findNothing(student);
    await student.context().close();
    await page.getByRole('link', { name: 'Replies' }).click();
    await page.getByRole('tab', { name: 'By question' }).click();
    await page.getByText('All answers').first().click();
    await expect(page.getByText(new RegExp(trial.mark.replace(/ marks?/, '')))).not.toHaveCount(0);
  });
}

const PER_UNIT: Record<string, number> = { 'm cm': 100, 'kg g': 1000, 'km m': 1000, 'h min': 60, 'cm mm': 10 };

test('a worked example writes its lines, and its practice set is answered at a level', async ({ page, browser }) => {
  const slide = await newStoryboard(page, 'Trial of worked examples');
  await put(slide, 'Worked example');
  const form = await details(page, 'Worked example');
  await form.getByLabel('Kind of example').selectOption('units');
  await form.getByLabel('Amount').fill('3 kg');
  await form.getByLabel('In which unit').fill('cm');
  await form.getByRole('button', { name: 'Write the lines' }).click();
  await expect(form.getByText(/one cannot be turned into the other/)).toBeVisible();
  await form.getByLabel('In which unit').fill('g');
  await form.getByRole('button', { name: 'Write the lines' }).click();
  await expect(slide.getByRole('textbox', { name: 'Line 2', exact: true })).toHaveValue('3 × 1000 = 3000');
  // A line changed by hand is checked again.
  await slide.getByRole('textbox', { name: 'Line 2', exact: true }).fill('3 × 1000 = 300');
  await expect(slide.getByText('the right side would be 3000')).toBeVisible();
  await slide.getByRole('textbox', { name: 'Line 2', exact: true }).fill('3 × 1000 = 3000');
  await form.getByRole('button', { name: /^Tell it in steps/ }).click();
  await expect(slide.getByText(/shows line 3/)).toBeVisible();
  await form.getByRole('button', { name: 'Students choose a level' }).click();
  await expect(form.getByText(/A practice set at three levels was added/)).toBeVisible();
  await form.getByRole('button', { name: 'On the handout' }).click();
  await expect(form.getByText(/was put on the handout/)).toBeVisible();
  await page.keyboard.press('Escape');
  await saved(page);
  const student = await answered(browser, await recordAndShare(page, /Your turn: Practice/), {
    answer: async (at) => {
      await at.getByRole('radio', { name: /^Level 1/ }).check();
      for (let number = 1; number <= 3; number++) {
        const asked = await at
          .locator('ol > li p')
          .nth(number - 1)
          .textContent();
        const [, amount, from, to] = asked?.match(/Write ([\d.]+)\s(\p{L}+) in (\p{L}+)/u) ?? [];
        const answer = Math.round(Number(amount) * (PER_UNIT[`${from} ${to}`] ?? 0) * 1000) / 1000;
        await at.getByLabel(`Answer to ${number},`).fill(`${answer} ${to}`);
      }
    },
  });
  await expect(student.getByText('3 of 3 marks')).toBeVisible();
  const [paper] = await Promise.all([
    student.waitForEvent('download'),
    student.getByRole('link', { name: 'On paper (PDF)' }).click(),
  ]);
  expect(paper.suggestedFilename()).toBe('Trial of worked examples.pdf');
  await student.context().close();
  // Other numbers are other pages, at once.
  const first = page.getByRole('img', { name: /^Page 1 of/ });
  const before = await first.textContent();
  await page.getByRole('button', { name: 'Other numbers' }).click();
  await expect(first).not.toHaveText(before ?? '');
});

test('practice goes on until the goal is met, and on a phone each item comes into sight', async ({ page, browser }) => {
  const practice = { prompt: 'Practise.', marks: 3, source: 'worked', maker: 'units', seed: 5, count: 2, seconds: 5 };
  const quantities = { amount: '3 kg', to: 'g' };
  const content = { type: 'practice', ...practice, quantities, goal: { inARow: 2 } };
  const lesson = await lessonWith(page, 'Trial of a goal', [
    { title: 'Until two are right', script: 'Practise.', blocks: [{ kind: 'question', content }] },
  ]);
  await page.goto(`/lesson/${lesson}/storyboard`);
  const student = await answered(browser, await recordAndShare(page, /Explain: Until two are right/), {
    answer: async (at) => {
      await at.getByRole('radio', { name: /^Level 1/ }).check();
      await at.getByRole('button', { name: 'Begin to practise' }).click();
      const field = at.getByLabel('Your answer, with its unit if it has one');
      const item = at.getByRole('region', { name: 'Practise' });
      for (const [factor, told] of [
        [1000, '1 of 2 in a row. 1 of 1 right.'],
        [1, '0 of 2 in a row. 1 of 2 right.'],
        [1000, '1 of 2 in a row. 2 of 3 right.'],
        [1000, '2 of 2 in a row. 3 of 4 right.'],
      ] as const) {
        await expect(field).toBeFocused();
        await expect(field).toBeInViewport();
        const asked = await item.getByText(/^Write /).textContent();
        const [, amount] = asked?.match(/Write ([\d.]+)\skg in g/) ?? [];
        await field.fill(`${Math.round(Number(amount) * factor * 10) / 10} g`);
        await field.press('Enter');
        await expect(item.getByText(told)).toBeVisible();
      }
      await expect(item.getByText('You have reached the goal.')).toBeVisible();
    },
  });
  await expect(student.getByText('3 of 3 marks')).toBeVisible();
  await student.context().close();
});

test('a formula of one’s own is put on the sheet, its letters named, and its lines tell them', async ({ page }) => {
  const slide = await newStoryboard(page, 'Trial of a formula sheet');
  await put(slide, 'Worked example');
  const form = await details(page, 'Worked example');
  await form.getByLabel('Kind of example').selectOption('formula');
  await form.getByLabel('What is known, one on a line').fill('F = 30 N\nx = 5 cm');
  await form.getByLabel('What is asked').fill('k');
  await form.getByLabel('Add a set to the sheet').selectOption('Motion and forces');
  await expect(form.getByText('Cannot serve. It does not have k, which is asked.').first()).toBeVisible();
  await form.getByLabel('Or a formula of your own').fill('F = k x');
  await form.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(form.getByText('Serves. It has what is asked and what is known.')).toBeVisible();
  await form.getByText('Say what its letters stand for').click();
  await form.getByLabel('What F stands for in F = k x').fill('pull');
  await form.getByLabel('Unit of F in F = k x').fill('N');
  await form.getByLabel('What k stands for in F = k x').fill('stiffness');
  await form.getByLabel('Unit of k in F = k x').fill('N/furlong');
  await expect(form.getByText(/N\/furlong.* is not a unit/)).toBeVisible();
  await form.getByLabel('Unit of k in F = k x').fill('N/m');
  await form.getByLabel('What x stands for in F = k x').fill('stretch');
  await form.getByLabel('Unit of x in F = k x').fill('m');
  await findNothing(page);
  await form.getByRole('button', { name: 'Use F = k x' }).click();
  await form.getByRole('button', { name: 'Write the lines' }).click();
  await expect(form.getByLabel('The task', { exact: true })).toHaveValue(
    /^The pull is 30\sN and the stretch is 5\scm\. What is the stiffness\?$/,
  );
  await expect(slide.getByRole('textbox', { name: 'Line 3', exact: true })).toHaveValue('x = 5 cm = 0.05 m');
  await expect(slide.getByRole('textbox', { name: 'Line 6', exact: true })).toHaveValue('k = 600 N/m');
  await saved(page);
});

test('a name of a labelled picture is dragged, or moved by keys, to its margin', async ({ page }) => {
  const slide = await newStoryboard(page, 'Trial of names');
  const form = await putFigure(page, slide, 'anatomy', 'Labelled picture');
  const first = form.getByRole('button', { name: /^Name 1, the first part/ });
  const second = form.getByRole('button', { name: /^Name 2, the second part/ });
  // The form grows once the figure's steps are known, and what is in it moves.
  await expect(form.getByRole('button', { name: 'Tell it in steps' })).toBeVisible();
  await first.hover();
  await page.mouse.down();
  const to = await second.boundingBox();
  if (!to) throw new Error('The second name is not to be seen.');
  await page.mouse.move(to.x + 10, to.y - 30, { steps: 5 });
  await page.mouse.up();
  await expect(first).toHaveAccessibleName(/on the right/);
  await second.press('ArrowLeft');
  await expect(second).toHaveAccessibleName(/on the left/);
  await second.press('Delete');
  await expect(second).toHaveAccessibleName(/where it fits/);
  await findNothing(page);
  await page.keyboard.press('Escape');
  await saved(page);
});

async function answered(browser: Browser, link: string, trial: Pick<Trial, 'answer'>): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const student = await context.newPage();
  await enterClass(student, 'Lena', 'sunny');
  await student.goto(link);
  await student.getByRole('button', { name: 'Start' }).click();
  await expect(student.getByRole('heading', { name: 'Stop and try' })).toBeVisible({ timeout: 30_000 });
  await findNothing(student);
  await trial.answer(student);
  await student.getByRole('button', { name: 'Answer', exact: true }).click();
  return student;
}

test('a table is filled by a student, and the plot beside it follows what was measured', async ({ page, browser }) => {
  const slide = await newStoryboard(page, 'Trial of tables');
  await put(slide, 'Table');
  const rows = [
    ['Stick', 'Shadow', ''],
    ['20 cm', '30 cm', ''],
    ['40 cm', '?60 cm', '?'],
  ];
  for (const [row, cells] of rows.entries())
    for (const [column, text] of cells.entries())
      await slide.getByRole('textbox', { name: `Row ${row + 1}, column ${column + 1}` }).fill(text);
  const cell = (row: number, column: number) =>
    slide.getByRole('textbox', { name: `Row ${row}, column ${column}`, exact: true });
  await cell(3, 2).press('Enter');
  await expect(cell(4, 2)).toBeFocused();
  await page.keyboard.type('{rate}');
  await expect(slide.locator('.stage [role=img]').first()).toContainText('1.5');
  const table = await details(page, 'Table');
  await table.getByLabel('A number may be off by').fill('2');
  await table.getByRole('button', { name: /^Give the filled cells a step of its own/ }).click();
  await page.keyboard.press('Escape');
  const plot = await putFigure(page, slide, 'scatter', 'Data plot');
  await plot.getByLabel('Its numbers').selectOption('those of the table on the slide');
  await page.keyboard.press('Escape');
  await expect(slide.locator('.stage [role=img]').first()).toContainText('Shadow in cm');
  await saved(page);

  const student = await answered(browser, await recordAndShare(page, /Explain: The tank/), {
    answer: async (at) => {
      const lesson = await at.request.get(`/api/watch/${at.url().split('/w/')[1]}`);
      expect(await lesson.text()).not.toContain('60 cm');
      await at.getByRole('textbox', { name: 'Row 3, Shadow' }).fill('61');
      await at.getByRole('textbox', { name: 'Row 3, column 3' }).fill('2');
    },
  });
  await expect(student.getByText('2 of 2 marks')).toBeVisible();
  const own = student.getByRole('img', { name: 'Your numbers as a plot' });
  await expect(own).toBeVisible();
  await expect(own).toContainText('Shadow in cm');
  await student.reload();
  await expect(own).toHaveCount(0);
  await student.context().close();
});

test('pictures: a map leads a student to a side slide and back', async ({ page, browser }) => {
  const slide = await newStoryboard(page, 'Trial of picture maps');
  const form = await putFigure(page, slide, 'hotspots', 'Picture map');
  await form.locator('input[type=file]').setInputFiles('database/demo/gate.svg');
  await form.getByLabel('Name of 1').fill('the gate');
  await form.getByLabel('Leads to').first().selectOption({ label: 'a new side slide' });
  await page.keyboard.press('Escape');
  const side = page.getByRole('region', { name: 'Explain: the gate' });
  await expect(side.getByText('Explain: side slide')).toBeVisible();
  await side.getByLabel('Script of step 1').fill('It opens towards the north.');
  await saved(page);
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const student = await context.newPage();
  const link = await recordAndShare(page, /Explain: The tank/);
  await enterClass(student, 'Lena', 'sunny');
  await student.goto(link);
  await student.getByRole('button', { name: 'Start' }).click();
  await student.getByRole('button', { name: '1. the gate' }).click();
  await expect(student.getByRole('heading', { name: 'the gate' })).toBeFocused();
  await expect(student.getByText('It opens towards the north.')).toBeVisible();
  await findNothing(student);
  await expect(student.getByRole('button', { name: 'Stop', exact: true })).toBeHidden();
  await student.keyboard.press('Escape');
  await expect(student.getByRole('button', { name: '1. the gate seen' })).toBeVisible();
  await expect(student.getByRole('button', { name: /^(Go on|Watch again)$/ })).toBeVisible();
  await context.close();
});
