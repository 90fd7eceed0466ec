import { expect, test } from '@playwright/test';
import { recorded, saved, tabTo } from './steps';

test('a lesson is made, recorded and watched with the keyboard alone', async ({ page, browser }) => {
  test.setTimeout(180_000);
  await page.goto('/sign-in');
  await expect(page.getByLabel('School address')).toBeFocused();
  await page.keyboard.type('teacher@larkfield.example');
  await page.keyboard.press('Tab');
  await page.keyboard.type('daybright');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Your lessons', exact: true })).toBeVisible();

  await tabTo(page, /^New lesson$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'New lesson' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Title' }).focus();
  await page.keyboard.type('By keys');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'By the end, students can' })).toBeVisible();

  await tabTo(page, /^Storyboard$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Heading$/);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: 'Text', exact: true })).toBeFocused();
  await page.keyboard.press('Enter');
  const text = page.getByRole('textbox', { name: 'Text' });
  await expect(text).toBeFocused();
  await page.keyboard.type('Typed without a mouse');
  await tabTo(page, /^Script of step 1$/);
  await page.keyboard.type('A line to say.');
  await saved(page);

  await page.keyboard.press('Shift+Tab');
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await tabTo(page, /^Record$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Use the practice voice$/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Ready', { exact: true })).toBeVisible();
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await page.keyboard.press('s');
  await recorded(page, 2);
  await page.keyboard.press('s');
  await expect(page.getByText('1 take of this slide')).toBeVisible();

  const context = await browser.newContext();
  const student = await context.newPage();
  await student.goto('/join');
  await expect(student.getByLabel('Your class code')).toBeFocused();
  await student.keyboard.type('HERN6ABC');
  await student.keyboard.press('Enter');
  await expect(student.getByRole('heading', { name: 'Who are you?' })).toBeVisible();
  await tabTo(student, /^Bram$/);
  await student.keyboard.press('Enter');
  await expect(student.getByLabel(/personal word/)).toBeFocused();
  await student.keyboard.type('keys');
  await student.keyboard.press('Enter');
  await expect(student.getByRole('heading', { name: 'Hello, Bram' })).toBeVisible();
  await tabTo(student, /Shadows that move/);
  await student.keyboard.press('Enter');
  await expect(student.getByRole('button', { name: /^(Start|Go on|Watch again)$/ })).toBeVisible();
  // Of the strip's many slides none has to be gone through.
  await student.keyboard.press('Tab');
  await expect(student.getByRole('button', { name: 'Go past the strip, to the lesson' })).toBeFocused();
  await student.keyboard.press('Enter');
  await expect(student.getByRole('main')).toBeFocused();
  await tabTo(student, /^(Start|Go on|Watch again)$/);
  await student.keyboard.press('Enter');
  await expect(student.getByRole('button', { name: 'Stop', exact: true })).toBeVisible();
  await context.close();
});
