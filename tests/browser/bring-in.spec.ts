import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { findNothing, invented, saved, signIn } from './steps';

const FOLDER = 'storage/playwright-brought';

/** A picture of one colour. */
function picture(name: string, colour: string): string {
  return invented(`color=${colour}:s=320x200`, `${FOLDER}/${name}.png`, '-frames:v', '1');
}

function written(program: string, script: string, ...files: string[]): string {
  execFileSync(program, [`tests/outside/${script}`, ...files, picture('red', 'red')]);
  return files[0] ?? '';
}

async function chooseFiles(page: Page, files: string | string[], folder = false): Promise<void> {
  await page.getByRole('button', { name: 'Bring in slides or a lesson' }).click();
  const sheet = page.getByRole('dialog', { name: 'Bring in slides or a lesson' });
  await sheet.getByLabel(folder ? 'Choose a folder of pictures' : 'Choose files').setInputFiles(files);
}

async function titles(page: Page): Promise<string[]> {
  const lesson = new URL(page.url()).pathname.split('/')[2];
  const answer = await page.request.get(`/api/lessons/${lesson}`);
  const { document } = await answer.json();
  return document.parts.flatMap((part: { slides: { title: string }[] }) => part.slides.map((slide) => slide.title));
}

test.beforeAll(() => {
  mkdirSync(`${FOLDER}/walk`, { recursive: true });
});

test.beforeEach(async ({ page }) => {
  await signIn(page);
});

test('slides are brought in, looked at both ways and chosen', async ({ page }) => {
  await chooseFiles(page, written('node', 'write-presentation.mjs', `${FOLDER}/harbour.pptx`));
  await expect(page.getByRole('heading', { name: 'How the slides came in' })).toBeVisible({ timeout: 20_000 });
  const second = page.getByRole('radiogroup', { name: 'Slide 2: One picture' });
  await expect(second.getByRole('radio', { name: 'As blocks' })).toBeChecked();
  await expect(second.getByText('left out: a line')).toBeVisible();
  await findNothing(page);

  await second.getByRole('radio', { name: 'As it looked' }).click();
  await expect(second.getByRole('radio', { name: 'As it looked' })).toBeChecked({ timeout: 20_000 });
  await page.getByRole('button', { name: /Say so of all/ }).click();
  await saved(page);
  expect(await titles(page)).toEqual(['What did a harbour look like?', '', 'Numbers']);
  await page.getByRole('button', { name: 'All as blocks' }).click();
  await expect(second.getByRole('radio', { name: 'As blocks' })).toBeChecked();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(second.getByRole('radio', { name: 'As it looked' })).toBeChecked();

  await page.getByRole('button', { name: 'Go on', exact: true }).click();
  await expect(page.getByText('Look at the cranes. What are they made of?')).toBeVisible();
  await page.getByRole('button', { name: 'How it came in' }).first().click();
  await expect(second).toBeVisible();
});

test('slides of OpenDocument, texts and pages are brought in', async ({ page }) => {
  await chooseFiles(page, written('/usr/bin/python3', 'write-slides.py', `${FOLDER}/harbour.odp`));
  await expect(page.getByRole('radiogroup', { name: 'Slide 1: What did a harbour look like?' })).toBeVisible();
  const lesson = new URL(page.url()).pathname.split('/')[2];
  const pdf = await page.request.get(`/api/lessons/${lesson}/files/slides`);
  writeFileSync(`${FOLDER}/pages.pdf`, await pdf.body());

  writeFileSync(`${FOLDER}/walk.md`, '# A walk\n\nWe look at shadows.\n\n# At noon\n\n- short\n- north\n');
  written('/usr/bin/python3', 'write-documents.py', `${FOLDER}/text.docx`, `${FOLDER}/text.odt`);
  const expected: [string, string[]][] = [
    ['pages.pdf', ['', '']],
    ['walk.md', ['A walk', 'At noon']],
    ['text.docx', ['', 'Why shadows move', 'What was measured']],
    ['text.odt', ['', 'Why shadows move', 'What was measured']],
  ];
  for (const [file, slides] of expected) {
    await page.goto('/');
    const before = await page.getByRole('listitem').count();
    await chooseFiles(page, `${FOLDER}/${file}`);
    const here = page.getByText('The lesson is here.');
    await expect(here.or(page.getByRole('navigation', { name: 'Rooms' }))).toBeVisible({ timeout: 20_000 });
    if (await here.isVisible()) {
      await expect.poll(() => page.getByRole('listitem').count()).toBeGreaterThan(before);
      await page.getByRole('link', { name: 'Open it' }).click();
    }
    await expect(page.getByRole('navigation', { name: 'Rooms' })).toBeVisible();
    expect(await titles(page)).toEqual(slides);
  }
});

test('several pictures and a folder of them become slides; files that do not belong together are told', async ({
  page,
}) => {
  await chooseFiles(page, [picture('1 gate', 'blue'), picture('2 pole', 'green')]);
  await expect(page.getByRole('navigation', { name: 'Rooms' })).toBeVisible({ timeout: 20_000 });
  expect(await titles(page)).toEqual(['Pictures', 'Gate', 'Pole']);

  picture('walk/1 path', 'blue');
  picture('walk/2 field', 'green');
  picture('walk/3 wood', 'red');
  await page.goto('/');
  await chooseFiles(page, `${FOLDER}/walk`, true);
  await expect(page.getByRole('navigation', { name: 'Rooms' })).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('heading', { name: 'Walk', level: 1 })).toBeVisible();
  expect(await titles(page)).toEqual(['Walk', 'Path', 'Field', 'Wood']);

  await page.goto('/');
  writeFileSync(`${FOLDER}/one.md`, '# One\n');
  writeFileSync(`${FOLDER}/two.md`, '# Two\n');
  await chooseFiles(page, [`${FOLDER}/one.md`, `${FOLDER}/two.md`]);
  await expect(page.getByRole('alert')).toContainText('Choose one file, or slides together with their PDF');
  writeFileSync(`${FOLDER}/broken.pptx`, 'PK\u0003\u0004 and nothing else');
  await page.getByLabel('Choose files').setInputFiles(`${FOLDER}/broken.pptx`);
  await expect(page.getByRole('alert')).toContainText('not a whole lesson archive');
});
