import { expect, test } from '@playwright/test';
import { enterClass, findNothing, openRoom, saved, signIn } from './steps';

test('axe finds nothing where lessons and classes are kept', async ({ page }) => {
  await page.goto('/sign-in');
  await findNothing(page);
  await signIn(page);
  await findNothing(page);
  await page.getByRole('button', { name: 'New lesson' }).click();
  await findNothing(page);
  await page.goto('/classes');
  await expect(page.getByRole('heading', { name: '6 Heron' })).toBeVisible();
  await findNothing(page);
});

for (const room of ['plan', 'storyboard', 'record', 'edit', 'share', 'replies']) {
  test(`axe finds nothing in the room ${room}`, async ({ page }) => {
    await signIn(page);
    await openRoom(page, 'Shadows that move', room);
    await page.waitForLoadState('networkidle');
    await findNothing(page);
  });
}

test('axe finds nothing where a handout is shown, and on a form beside the slide', async ({ page }) => {
  await signIn(page);
  await openRoom(page, 'The height of a flagpole', 'share');
  await expect(page.getByRole('img', { name: /^Page 1 of/ })).toBeVisible();
  await findNothing(page);
  await openRoom(page, 'The height of a flagpole', 'storyboard');
  await page.getByRole('textbox', { name: 'Text' }).first().click();
  await findNothing(page);
  await page.getByRole('button', { name: 'Details' }).click();
  await findNothing(page);
});

test('axe finds nothing on the student’s page', async ({ page }) => {
  await page.goto('/join');
  await findNothing(page);
  await enterClass(page, 'Idris', 'birch');
  await findNothing(page);
  await page.getByRole('button', { name: /Shadows that move/ }).click();
  await expect(
    page.getByRole('button', { name: 'Start' }).or(page.getByRole('button', { name: 'Watch again' })),
  ).toBeVisible();
  await findNothing(page);
});

test('the ready check leads to its place, and undo works after a reload', async ({ page }) => {
  await signIn(page);
  await openRoom(page, 'The height of a flagpole', 'storyboard');
  const flagpole = page.getByRole('region', { name: 'Example: The flagpole' });
  await flagpole.getByLabel('Script of step 3').focus();
  const working = flagpole.getByRole('textbox', { name: 'Line 2', exact: true });
  await working.fill('4 × 1 m = 5 m');
  await saved(page);
  await page.getByText(/Ready check: \d+ findings?/).click();
  await page
    .getByRole('button', { name: /4 × 1 m = 5 m/ })
    .first()
    .click();
  await expect(flagpole.getByRole('region', { name: 'The chosen block: Worked example' })).toBeVisible();
  await working.fill('4 × 1 m = 4 m');
  await expect(page.getByRole('button', { name: /4 × 1 m = 5 m/ })).toHaveCount(0);
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /4 × 1 m = 5 m/ }).first()).toBeAttached();
});

test('a finding is mended in a press, and another is left as it is with its reason', async ({ page }) => {
  await signIn(page);
  await openRoom(page, 'The height of a flagpole', 'storyboard');
  const check = page.getByRole('group').filter({ hasText: 'Ready check:' });
  await page.getByText(/^Ready check:/).click();
  const falseSum = check.getByRole('listitem').filter({ hasText: '9 + 9 = 45' });
  await falseSum.getByRole('button', { name: /^Leave it as it is/ }).click();
  await falseSum.getByLabel(/^Why it stays/).fill('It is the mistake to be found.');
  await falseSum.getByRole('button', { name: 'Leave it as it is', exact: true }).click();
  await expect(check.getByText('Left as it is: It is the mistake to be found.')).toBeVisible();
  const triangle = page.getByRole('region', { name: 'Example: The triangle of the Sun' });
  const script = triangle.getByLabel('Script of step 1');
  const before = await script.inputValue();
  await script.fill(`Take your scissors. ${before}`);
  const scissors = check.getByRole('listitem').filter({ hasText: 'scissors' });
  const onStrip = page.getByRole('button', {
    name: /^Example: The triangle of the Sun, .*the ready check found something/,
  });
  await expect(onStrip).toBeVisible();
  await scissors.getByRole('button', { name: 'Add “scissors” to the materials' }).click();
  await expect(scissors).toHaveCount(0);
  await expect(onStrip).toHaveCount(0);
  await saved(page);
  await findNothing(page);
  await page.reload();
  await page.getByText(/^Ready check:/).click();
  await check.getByRole('button', { name: 'Look at it again' }).click();
  await expect(falseSum.getByRole('button', { name: /^Leave it as it is/ })).toBeVisible();
  await triangle.getByLabel('Script of step 1').fill(before);
  await saved(page);
});

test('a change in another window is noticed and both versions can be gone on with', async ({ page, context }) => {
  await signIn(page);
  await openRoom(page, 'The height of a flagpole', 'plan');
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByLabel('Book pages').fill(`pages 3 to ${Date.now()}`);
  await expect(other.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible();
  const subject = `Geometry ${Date.now()}`;
  await page.getByLabel('Subject').fill(subject);
  await expect(page.getByRole('dialog', { name: /changed in another window/ })).toBeVisible();
  await page.getByRole('button', { name: 'Go on with mine' }).click();
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Subject')).toHaveValue(subject);
});

test('after a change in another window the version not chosen is one step of Redo away', async ({ page, context }) => {
  await signIn(page);
  await openRoom(page, 'The height of a flagpole', 'plan');
  const other = await context.newPage();
  await other.goto(page.url());
  const theirs = `pages ${Date.now()}`;
  await other.getByLabel('Book pages').fill(theirs);
  await saved(other);
  await page.getByLabel('Book pages').fill('my pages');
  await page.getByRole('button', { name: /other window’s version/ }).click();
  await expect(page.getByLabel('Book pages')).toHaveValue(theirs);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByLabel('Book pages')).toHaveValue('my pages');
  // What is changed after that is saved like everything else.
  await page.getByLabel('What comes next').fill('A walk in the evening');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('What comes next')).toHaveValue('A walk in the evening');
});

test('what is typed just before the page is left is saved', async ({ page }) => {
  await signIn(page);
  const lesson = await openRoom(page, 'The height of a flagpole', 'plan');
  const pages = `pages ${Date.now()}`;
  await page.getByLabel('Book pages').fill(pages);
  await page.getByRole('link', { name: 'Daybright Lesson: all lessons' }).click();
  await expect(page.getByRole('heading', { name: 'Your lessons', exact: true })).toBeVisible();
  await expect
    .poll(async () => (await (await page.request.get(`/api/lessons/${lesson}`)).json()).document.pages)
    .toBe(pages);
});

test('a class is kept: names added, changed and taken out, a lesson deleted after asking', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Classes' }).click();
  await page.getByLabel('Name of a new class').fill('5 Wren');
  await page.getByRole('button', { name: 'Add the class' }).click();
  const wren = page.getByRole('region', { name: '5 Wren' });
  await wren.getByLabel('More first names, one a line').fill('Noor\nOmar');
  await wren.getByRole('button', { name: 'Put them in the class' }).click();
  await expect(wren.getByText('2 students are in the class.')).toBeVisible();
  await wren.getByLabel('First name of Noor').fill('omar');
  await page.keyboard.press('Enter');
  await expect(wren.getByText(/“omar” is a name in this class already/)).toBeVisible();
  await expect(wren.getByLabel('First name of Noor')).toHaveValue('Noor');
  await wren.getByRole('button', { name: 'Take out Omar' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Keep it' }).click();
  await wren.getByRole('button', { name: 'Take out Omar' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Take Omar out' }).click();
  await expect(wren.getByRole('listitem')).toHaveCount(1);
  await findNothing(page);
  await wren.getByRole('button', { name: 'Delete the class' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Delete the class' }).click();
  await expect(wren).toHaveCount(0);

  await page.goto('/');
  await page.getByRole('button', { name: 'New lesson' }).click();
  await page.getByRole('textbox', { name: 'Title' }).fill('To be deleted');
  await page.getByRole('button', { name: 'Start planning' }).click();
  await expect(page.getByRole('heading', { name: 'By the end, students can' })).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'More for To be deleted' }).click();
  await page.getByRole('menuitem', { name: 'Delete the lesson' }).click();
  await page.getByRole('alertdialog').getByRole('button', { name: 'Delete the lesson' }).click();
  await expect(page.getByText('To be deleted')).toHaveCount(0);
});
