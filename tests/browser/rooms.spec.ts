import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { enterClass, openRoom, signIn } from './steps';

async function findNothing(page: Page): Promise<void> {
  const result = await new AxeBuilder({ page }).analyze();
  expect(
    result.violations.map((each) => `${each.id}: ${each.nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`),
  ).toEqual([]);
}

test('axe finds nothing in any room', async ({ page }) => {
  await page.goto('/sign-in');
  await findNothing(page);
  await signIn(page);
  await findNothing(page);
  await page.getByRole('button', { name: 'New lesson' }).click();
  await findNothing(page);
  await page.goto('/classes');
  await expect(page.getByRole('heading', { name: '6 Heron' })).toBeVisible();
  await findNothing(page);
  for (const room of ['plan', 'storyboard', 'record', 'edit', 'share', 'replies']) {
    await openRoom(page, 'Shadows that move', room);
    await page.waitForLoadState('networkidle');
    await test.step(room, () => findNothing(page));
  }
  await openRoom(page, 'The height of a flagpole', 'storyboard');
  await page.getByRole('button', { name: 'Change text' }).first().click();
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
  await page.getByText(/Ready check: \d+ findings/).click();
  await page
    .getByRole('button', { name: /4 × 1 m = 5 m/ })
    .first()
    .click();
  await expect(page.getByRole('dialog', { name: 'Worked example' })).toBeVisible();
  const working = page.getByLabel('Working').nth(1);
  await working.fill('4 × 1 m = 4 m');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /4 × 1 m = 5 m/ })).toHaveCount(0);
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /4 × 1 m = 5 m/ }).first()).toBeAttached();
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
