import { expect, type Page } from '@playwright/test';

export async function signIn(page: Page): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('School address').fill('teacher@larkfield.example');
  await page.getByLabel('Password').fill('daybright');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Your lessons', exact: true })).toBeVisible();
}

/** Opens a room of a demo lesson. */
export async function openRoom(page: Page, lesson: string, room: string): Promise<string> {
  await page.goto('/');
  const href = await page.locator('ol a', { hasText: lesson }).first().getAttribute('href');
  const id = href?.split('/')[2] ?? '';
  await page.goto(`/lesson/${id}/${room}`);
  await expect(page.getByRole('navigation', { name: 'Rooms' })).toBeVisible();
  return id;
}

export async function enterClass(page: Page, name: string, word: string, code = 'HERN6ABC'): Promise<void> {
  await page.goto(`/join/${code}`);
  await page.getByRole('button', { name, exact: true }).click();
  await page.getByLabel(/personal word/).fill(word);
  await page.getByRole('button', { name: 'Go in' }).click();
  await expect(page.getByRole('heading', { name: `Hello, ${name}` })).toBeVisible();
}

export async function saved(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible({ timeout: 15_000 });
}
