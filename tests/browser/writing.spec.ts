import { expect, type Locator, type Page, test } from '@playwright/test';
import { findNothing, put, saved, signIn, tabTo } from './steps';

interface Written {
  title: string;
  blocks: { kind: string; content: Record<string, unknown>; region: string; size?: number }[];
}

/** A new lesson, open in the Storyboard, and a way to read what the server has of it. */
async function begin(page: Page, title: string): Promise<() => Promise<Written[]>> {
  await signIn(page);
  await page.getByRole('button', { name: 'New lesson' }).click();
  await page.getByRole('textbox', { name: 'Title' }).fill(title);
  await page.getByRole('button', { name: 'Start planning' }).click();
  await page.getByRole('link', { name: 'Storyboard' }).click();
  await expect(page.getByRole('region', { name: `Opening: ${title}` })).toBeVisible();
  const id = page.url().match(/lesson\/([^/]+)/)?.[1];
  return async () => {
    const lesson = await (await page.request.get(`/api/lessons/${id}`)).json();
    return lesson.document.parts.flatMap((part: { slides: Written[] }) => part.slides);
  };
}

/** A new slide behind the one that is written, its title typed. */
async function nextSlide(page: Page, title: string): Promise<Locator> {
  await page.keyboard.press('Control+Enter');
  await expect(page.getByRole('textbox', { name: 'Title of the slide' }).last()).toBeFocused();
  await page.keyboard.type(title);
  const slide = page.getByRole('region', { name: `Opening: ${title}` });
  await expect(slide).toBeVisible();
  return slide;
}

/** Puts a block on the slide with the keyboard, and types its first text. */
async function putByKeys(page: Page, kind: string, words: string): Promise<void> {
  await tabTo(page, /^(Heading|Text|Quotation|Term card|Worked example|Question|Instructions)$/);
  await page.keyboard.press('Home');
  const wanted = page.getByRole('toolbar').getByRole('button', { name: kind, exact: true });
  const isFocused = () => wanted.evaluate((button) => button === document.activeElement);
  for (let press = 0; press < 12 && !(await isFocused()); press++) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await page.keyboard.type(words);
}

/** The picture has come back from the server with what was typed. */
async function painted(slide: Locator, words: string): Promise<void> {
  await expect
    .poll(() =>
      slide
        .locator('.stage')
        .evaluate((stage) => [...stage.querySelectorAll('svg text')].map((text) => text.textContent).join(' ')),
    )
    .toContain(words);
}

test('six slides are written on the slides themselves, by keyboard alone', async ({ page }) => {
  test.setTimeout(120_000);
  const lesson = await begin(page, 'Leaves');
  await tabTo(page, /^Title of the slide$/);
  await page.keyboard.press('End');

  const first = await nextSlide(page, 'What a leaf does');
  await page.keyboard.press('Enter');
  await expect(first.getByRole('textbox', { name: 'Text' })).toBeFocused();
  await page.keyboard.type('A leaf is a kitchen.');
  await page.keyboard.press('Enter');
  await page.keyboard.type('- light comes in');
  await page.keyboard.press('Enter');
  await page.keyboard.type('water comes up');

  await nextSlide(page, 'Find one');
  await putByKeys(page, 'Instructions', 'Go outside');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Pick up a leaf');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Hold it up');

  await nextSlide(page, 'Two words');
  await putByKeys(page, 'Term card', 'vein');
  await page.keyboard.press('Enter');
  await page.keyboard.type('the way of the water');
  await page.keyboard.press('Tab');
  await page.keyboard.type('like yours');

  await nextSlide(page, 'How many');
  await putByKeys(page, 'Worked example', '6 × 4 = 24');
  await page.keyboard.press('Tab');
  await page.keyboard.type('leaves on four twigs');
  await page.keyboard.press('Enter');
  await page.keyboard.type('24 + 2 = 26');

  await nextSlide(page, 'Which is it');
  await putByKeys(page, 'Question', 'What does a leaf make?');
  for (const answer of ['Sugar', 'Salt', 'Stone']) {
    await page.keyboard.press('Enter');
    await page.keyboard.type(answer);
  }

  const sixth = await nextSlide(page, 'An old word');
  await putByKeys(page, 'Quotation', 'Every leaf is a letter.');
  await page.keyboard.press('Tab');
  await page.keyboard.type('A gardener');
  await saved(page);

  expect(await page.getByRole('dialog').count()).toBe(0);
  const written = (await lesson()).slice(1);
  expect(written.map((slide) => slide.title)).toEqual([
    'What a leaf does',
    'Find one',
    'Two words',
    'How many',
    'Which is it',
    'An old word',
  ]);
  expect(written.map((slide) => slide.blocks.map((block) => block.kind))).toEqual([
    ['text'],
    ['instructions'],
    ['term'],
    ['worked'],
    ['question'],
    ['quotation'],
  ]);
  const content = (number: number) => written[number]?.blocks[0]?.content;
  expect(content(0)).toEqual({ text: 'A leaf is a kitchen.\n- light comes in\n- water comes up' });
  expect(content(1)).toEqual({ items: ['Go outside', 'Pick up a leaf', 'Hold it up'] });
  expect(content(2)).toMatchObject({ word: 'vein', meaning: 'the way of the water', hook: 'like yours' });
  expect(content(3)).toMatchObject({
    lines: [
      { formula: '6 × 4 = 24', reason: 'leaves on four twigs' },
      { formula: '24 + 2 = 26', reason: '' },
    ],
  });
  expect(content(4)).toMatchObject({
    prompt: 'What does a leaf make?',
    choices: [{ text: 'Sugar', right: true }, { text: 'Salt' }, { text: 'Stone' }],
  });
  expect(content(5)).toEqual({ text: 'Every leaf is a letter.', source: 'A gardener' });
  await findNothing(page);

  await test.step('words are taken back one by one, and a block that says nothing goes', async () => {
    const source = sixth.getByRole('textbox', { name: 'Source' });
    await expect(source).toBeFocused();
    await page.keyboard.press('Control+z');
    await expect(source).toHaveValue('A ');
    await page.keyboard.press('Control+Shift+z');
    await expect(source).toHaveValue('A gardener');
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Delete');
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('Control+a');
    await page.keyboard.press('Delete');
    await page.keyboard.press('Backspace');
    await expect(sixth.getByRole('textbox', { name: 'Title of the slide' })).toBeFocused();
    await saved(page);
    expect((await lesson()).at(-1)?.blocks).toEqual([]);
  });

  await test.step('a block is moved and sized with the arrow keys', async () => {
    await page.keyboard.press('Enter');
    await page.keyboard.type('Left');
    await put(sixth, 'Text');
    await page.keyboard.type('Right');
    await painted(sixth, 'Right');
    await tabTo(page, /^Move the text/);
    await page.keyboard.press('ArrowRight');
    await saved(page);
    await page.keyboard.press('Tab');
    await expect(sixth.getByRole('slider', { name: 'Size of the text' })).toBeFocused();
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowLeft');
    await saved(page);
    expect((await lesson()).at(-1)?.blocks).toMatchObject([{ region: 'left' }, { region: 'right', size: 0.9 }]);
  });
});

/** Drags with one finger, as the browser itself reports it. */
async function dragByTouch(page: Page, from: Locator, by: { x: number; y: number }): Promise<void> {
  const box = await from.boundingBox();
  if (!box) throw new Error('There is nothing to drag.');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const finger = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', share: number) =>
    finger.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: type === 'touchEnd' ? [] : [{ x: x + by.x * share, y: y + by.y * share }],
    });
  await touch('touchStart', 0);
  for (const share of [0.25, 0.5, 0.75, 1]) await touch('touchMove', share);
  await touch('touchEnd', 1);
  await finger.detach();
}

test.describe('on a tablet', () => {
  test.use({ hasTouch: true, viewport: { width: 1180, height: 820 } });

  test('six slides are written by touch, and blocks are dragged with a finger', async ({ page }) => {
    test.setTimeout(120_000);
    const lesson = await begin(page, 'Stones');
    const kinds = ['Text', 'Heading', 'Term card', 'Question', 'Instructions', 'Quotation'];
    for (const [number, kind] of kinds.entries()) {
      await page.getByRole('button', { name: 'Add a slide after this one' }).tap();
      await page.keyboard.insertText(`Slide ${number + 1}`);
      const slide = page.getByRole('region', { name: `Opening: Slide ${number + 1}` });
      await slide
        .getByRole('toolbar', { name: 'Put on the slide' })
        .getByRole('button', { name: kind, exact: true })
        .tap();
      await page.keyboard.insertText(`Words of a ${kind.toLowerCase()}`);
      await painted(slide, `Words of a ${kind.toLowerCase()}`);
    }
    await saved(page);
    expect(await page.getByRole('dialog').count()).toBe(0);
    expect((await lesson()).slice(1).map((slide) => slide.blocks.length)).toEqual([1, 1, 1, 1, 1, 1]);

    const slide = page.getByRole('region', { name: 'Opening: Slide 6' });
    await slide.getByRole('toolbar').getByRole('button', { name: 'Text', exact: true }).tap();
    await page.keyboard.insertText('Below');
    await painted(slide, 'Below');
    await dragByTouch(page, slide.getByRole('button', { name: /^Move the text/ }), { x: 30, y: -300 });
    await saved(page);
    expect((await lesson()).at(-1)?.blocks.map((block) => block.kind)).toEqual(['text', 'quotation']);
    await dragByTouch(page, slide.getByRole('slider', { name: 'Size of the text' }), { x: -200, y: -20 });
    await saved(page);
    expect((await lesson()).at(-1)?.blocks[0]?.size).toBeLessThan(0.9);
    await slide.getByRole('button', { name: 'As it fits best' }).tap();
    await slide.getByRole('button', { name: 'Take it off' }).tap();
    await saved(page);
    expect((await lesson()).at(-1)?.blocks).toHaveLength(1);
  });
});

test('what is pasted becomes paragraphs, points and entries', async ({ page }) => {
  const lesson = await begin(page, 'Pasted');
  const slide = page.getByRole('region', { name: 'Opening: Pasted' });
  const paste = (box: Locator, html: string, text: string) =>
    box.evaluate(
      (element, [asPage, asText]) => {
        const clipboard = new DataTransfer();
        clipboard.setData('text/html', asPage ?? '');
        clipboard.setData('text/plain', asText ?? '');
        element.dispatchEvent(
          new ClipboardEvent('paste', { clipboardData: clipboard, bubbles: true, cancelable: true }),
        );
      },
      [html, text] as const,
    );
  await put(slide, 'Text');
  const text = slide.getByRole('textbox', { name: 'Text' });
  await paste(
    text,
    '<style>p{}</style><p>A leaf <b>is</b>\n a kitchen.</p><ul><li>light</li><li>water</li></ul><script>x</script>',
    '',
  );
  await expect(text).toHaveValue('A leaf is a kitchen.\n• light\n• water');
  await put(slide, 'Instructions');
  await paste(slide.getByRole('textbox', { name: 'Number 1' }), '', 'Cut it out\nFold it');
  await saved(page);
  const blocks = (await lesson())[0]?.blocks ?? [];
  expect(blocks[0]?.content).toEqual({ text: 'A leaf is a kitchen.\n- light\n- water' });
  expect(blocks[1]?.content).toEqual({ items: ['Cut it out', 'Fold it'] });
});

test('a lesson begins with each of the shapes, its first blank filled where it stands', async ({ page }) => {
  test.setTimeout(180_000);
  await signIn(page);
  const offered = (await (await page.request.get('/api/shapes')).json()).shapes as { label: string }[];
  expect(offered.length).toBeGreaterThanOrEqual(8);
  for (const [number, shape] of offered.entries()) {
    await page.goto('/');
    await page.getByRole('button', { name: 'New lesson' }).click();
    await page.getByRole('textbox', { name: 'Title' }).fill(`Lesson ${number + 1}`);
    await page.getByRole('radio', { name: new RegExp(`^${shape.label}`) }).check({ force: true });
    if (number === 0) await findNothing(page);
    await page.getByRole('button', { name: 'Begin the lesson' }).click();
    const aims = page.getByRole('region', { name: 'Aims: By the end you can' });
    await aims.getByRole('textbox', { name: 'Number 1' }).click();
    await page.keyboard.type(`say what ${number + 1} is`);
    await painted(aims, `${number + 1} is`);
    await saved(page);
  }
  await page.goto('/');
  await page.getByLabel(/^Find a lesson/).fill('lesson 3');
  await expect(page.getByRole('link', { name: 'Lesson 3', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Lesson 4', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'More for Lesson 3' }).click();
  await page.getByRole('menuitem', { name: 'Put away' }).click();
  await page.getByLabel(/^Find a lesson/).fill('');
  await expect(page.getByText('Put away: 1')).toBeVisible();
  await page.getByText('Put away: 1').click();
  await page.getByRole('button', { name: 'More for Lesson 3' }).click();
  await page.getByRole('menuitem', { name: 'Fetch it again' }).click();
  await expect(page.getByText('Put away: 1')).toHaveCount(0);
});
