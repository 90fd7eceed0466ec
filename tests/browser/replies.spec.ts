import { expect, test } from '@playwright/test';
import { enterClass, findNothing, openRoom, signIn } from './steps';

test('answers are marked with the keyboard, come back with words, are tried again, and plan the next lesson', async ({
  page,
  browser,
}) => {
  const student = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();

  await test.step('a student is lost, asks and notes at moments of the lesson', async () => {
    await enterClass(student, 'Greta', 'harbour');
    await student.getByRole('button', { name: /Shadows that move/ }).click();
    await student.getByRole('button', { name: /^(Start|Go on|Watch again)$/ }).click();
    await student.getByRole('button', { name: 'I am lost here' }).click();
    await expect(student.getByRole('button', { name: 'Your teacher will know' })).toBeDisabled();
    await student.getByRole('button', { name: 'Ask a question' }).click();
    await student.getByLabel(/^Your question about this moment/).fill('Which stick do we need?');
    await student.context().setOffline(true);
    await student.getByRole('button', { name: 'Ask my teacher' }).click();
    await expect(student.getByText('is still to be sent')).toBeVisible();
    await student.context().setOffline(false);
    await expect(student.getByText('is still to be sent')).toHaveCount(0, { timeout: 15_000 });
    await expect(student.getByRole('list', { name: 'Your questions and notes' })).toContainText('Which stick');
    await student
      .getByRole('group', { name: 'measure a shadow and work with its length' })
      .getByLabel('nearly')
      .check();
    await findNothing(student);
  });

  await signIn(page);
  await openRoom(page, 'Shadows that move', 'replies');

  await test.step('the teacher marks with figure keys, gives words, and lets one try again', async () => {
    await expect(page.getByRole('tab', { name: 'To mark (6)' })).toHaveAttribute('aria-selected', 'true');
    const together = page.getByRole('listitem', { name: /^Elif, Greta/ });
    await together.focus();
    await page.keyboard.press('1');
    await expect(page.getByRole('listitem', { name: 'Elif, Greta: 1 of 2' })).toBeFocused();
    await page.keyboard.press('Enter');
    const next = page.getByRole('listitem', { name: /: to mark$/ }).first();
    await expect(next).toBeFocused();
    const name = ((await next.getAttribute('aria-label')) ?? '').split(':')[0];
    await page.keyboard.press('0');
    await expect(page.getByRole('listitem', { name: `${name}: 0 of 2` })).toBeFocused();
    await page.keyboard.press('Backspace');
    await expect(page.getByRole('listitem', { name: `${name}: to mark` })).toBeFocused();
    await together.focus();
    await page.getByLabel('Your words for the student').fill('And what does the light do?');
    await page.getByLabel('May be tried again').check();
    await expect(page.getByLabel('May be tried again')).toBeChecked();
    await findNothing(page);
  });

  await test.step('the questions, aims, moments and students are told, and the question is replied to', async () => {
    for (const tab of ['By question', 'By aim', 'By student', 'By moment']) {
      await page.getByRole('tab', { name: tab }).click();
      await findNothing(page);
    }
    const asked = page.getByText('Which stick do we need?').locator('xpath=ancestor::div[1]');
    await asked.getByRole('button', { name: 'Reply' }).click();
    await page.getByLabel('Your reply to Greta').fill('One as long as your arm.');
    await page.getByRole('button', { name: 'Send the reply' }).click();
    await expect(page.getByText('You: One as long as your arm.')).toBeVisible();
  });

  await test.step('the student reads it and tries again, once', async () => {
    await student.goto('/join');
    await expect(student.getByRole('button', { name: /Shadows that move/ })).toContainText('your teacher wrote to you');
    await student.getByRole('button', { name: /Shadows that move/ }).click();
    const words = student.getByRole('region', { name: 'From your teacher' });
    await expect(words).toContainText('And what does the light do?');
    await words.getByLabel('Your answer').fill('It comes down more steeply.');
    await words.getByRole('button', { name: 'Answer again' }).click();
    await expect(words).toHaveCount(0);
    await student.getByRole('button', { name: /^(Start|Go on|Watch again)$/ }).click();
    await expect(student.getByText('Your teacher replies: One as long as your arm.')).toBeVisible();
    await student.context().close();
  });

  await test.step('the weakest aim opens the next lesson', async () => {
    await page.getByRole('button', { name: 'Ask it at the opening of the next lesson' }).click();
    await page.getByRole('link', { name: 'Look at it' }).click();
    await expect(page.getByRole('textbox', { name: 'Title of the slide' }).nth(1)).toHaveValue(
      'From an earlier lesson',
    );
  });
});
