import { expect, type Locator, test } from '@playwright/test';
import { findNothing, newStoryboard, openRoom, put, putFigure, saved } from './steps';

/** What can be read on a slide now, hidden steps left out. */
async function read(slide: Locator): Promise<string> {
  return slide
    .locator('.stage')
    .evaluate((stage) =>
      [...stage.querySelectorAll('g[data-step]:not([data-hidden]) text')].map((text) => text.textContent).join(' '),
    );
}

test('a figure gives its facts to the text, tells itself in steps, and asks about itself', async ({ page }) => {
  const slide = await newStoryboard(page, 'A tank of sand');
  const form = await putFigure(page, slide, 'cuboid', 'Solid');
  await form.getByLabel('Length', { exact: true }).fill('30');
  await form.getByLabel('Width').fill('20');
  await form.getByLabel('Height', { exact: true }).fill('-6');
  await expect(form.getByRole('alert')).toBeVisible();
  await form.getByLabel('Height', { exact: true }).fill('6');
  await expect(form.getByRole('alert')).toHaveCount(0);
  await form.getByRole('button', { name: /^Tell it in steps/ }).click();
  await expect(slide.getByText(/shows the volume/)).toBeVisible();
  await form.getByRole('button', { name: 'Level 2' }).first().click();
  await expect(form.getByText(/A question was added to Your turn/)).toBeVisible();
  await page.keyboard.press('Escape');

  await put(slide, 'Text');
  await slide.getByRole('textbox', { name: 'Text' }).fill('It holds *{volume}*.');
  await saved(page);
  await expect.poll(() => read(slide)).toContain('3600');
  // Before the last step the volume is on the slide nowhere in the figure.
  await slide.getByLabel('Script of step 1').focus();
  await expect.poll(() => read(slide)).not.toContain('Volume');
  const asked = page.getByRole('region', { name: 'Your turn: Now you' });
  await expect(asked.getByLabel('Script of step 1')).toHaveValue(/Stop the lesson and try/);
  // The answer is one group of the slide, which is to be seen at its own step only.
  const answer = asked.locator('.stage g[data-piece="answer"]');
  await asked.getByLabel('Script of step 1').focus();
  await expect(answer).toHaveAttribute('data-hidden', '');
  await asked.getByLabel('Script of step 2').focus();
  await expect(answer).not.toHaveAttribute('data-hidden');
});

test('a look is chosen by what it makes of the slide, and columns are as wide as the teacher wants', async ({
  page,
}) => {
  const slide = await newStoryboard(page, 'Looks');
  await putFigure(page, slide, 'cuboid', 'Solid');
  await page.keyboard.press('Escape');
  await put(slide, 'Text');
  await page
    .getByRole('textbox', { name: 'Text' })
    .fill('A box is as long as its longest edge. Its volume is base times height, whatever stands on the ground.');
  await saved(page);

  const words = slide.getByRole('textbox', { name: 'Text' });
  const left = async () => (await words.boundingBox())?.x ?? 0;
  const divider = slide.getByRole('separator', { name: 'Divider between the columns' });
  await expect(divider).toBeVisible();
  await findNothing(page);
  const before = await left();
  const share = Number(await divider.getAttribute('aria-valuenow'));
  await divider.press('ArrowLeft');
  await expect(divider).toHaveAttribute('aria-valuenow', String(share - 2));
  await expect.poll(left).toBeLessThan(before);
  await saved(page);
  const place = await divider.boundingBox();
  if (!place) throw new Error('The divider is not to be seen.');
  await page.mouse.move(place.x + place.width / 2, place.y + 20);
  await page.mouse.down();
  await page.mouse.move(place.x + 60, place.y + 20, { steps: 4 });
  await page.mouse.up();
  await expect.poll(left).toBeGreaterThan(before);
  await slide.getByRole('button', { name: 'Arrange' }).click();
  await page.getByLabel('Arrangement').selectOption('As it fits best');
  await page.getByRole('button', { name: 'Done' }).click();
  await expect.poll(left).toBeCloseTo(before, 0);

  await page.getByRole('button', { name: 'Change the look' }).click();
  const looks = page.getByRole('dialog', { name: 'The look of this lesson' });
  await expect(looks.getByRole('button', { name: /Dew: chosen/ })).toHaveAttribute('aria-pressed', 'true');
  await findNothing(page);
  await looks.getByRole('button', { name: /Dusk/ }).click();
  await expect(slide.locator('.stage svg rect').first()).toHaveAttribute('fill', '#14203A');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(slide.locator('.stage svg rect').first()).not.toHaveAttribute('fill', '#14203A');
});

test('steps are added, joined and undone, and blocks go with them', async ({ page }) => {
  const slide = await newStoryboard(page, 'Steps');
  await slide.getByLabel('Script of step 1').fill('First.');
  await slide.getByRole('button', { name: 'Add a step' }).click();
  await slide.getByLabel('Script of step 2').fill('Second.');
  await put(slide, 'Term card');
  await slide.getByRole('textbox', { name: 'Word', exact: true }).fill('noon');
  await slide.getByRole('textbox', { name: 'Meaning', exact: true }).fill('the Sun is highest');
  await expect(slide.getByText('Step 2', { exact: true }).locator('..')).toContainText('shows term card');
  await slide.getByLabel('Script of step 1').focus();
  await expect.poll(() => read(slide)).not.toContain('noon');
  await slide.getByLabel('Script of step 2').focus();
  await expect.poll(() => read(slide)).toContain('noon');
  await slide.getByRole('button', { name: 'Remove' }).click();
  await expect(slide.getByLabel('Script of step 1')).toHaveValue('First. Second.');
  await expect.poll(() => read(slide)).toContain('noon');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(slide.getByLabel('Script of step 2')).toHaveValue('Second.');
});

test('a slide is moved, copied, deleted and brought back, and dragged on the plan', async ({ page }) => {
  await newStoryboard(page, 'Moving');
  const tank = page.getByRole('region', { name: 'Explain: The tank', exact: true });
  await tank.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByRole('region', { name: 'Explain: The tank (copy)' })).toBeVisible();
  await tank.getByLabel('Title of the slide').click();
  await tank.getByRole('button', { name: 'Earlier' }).click();
  await expect(page.getByRole('region', { name: 'Aims: The tank', exact: true })).toBeVisible();
  const copy = page.getByRole('region', { name: 'Explain: The tank (copy)' });
  await copy.getByLabel('Title of the slide').click();
  await copy.getByRole('button', { name: 'Delete' }).click();
  await expect(copy).toHaveCount(0);
  // However quickly they follow one another, moving, copying and deleting are undone one by one.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(copy).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tank).toBeVisible();
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByRole('region', { name: 'Aims: The tank', exact: true })).toBeVisible();

  await page.getByRole('link', { name: 'Plan' }).click();
  const cell = page.getByRole('button', { name: 'Add a slide to Recap for no aim' }).locator('..');
  await page.getByRole('link', { name: 'The tank (copy)' }).dragTo(cell);
  await expect(cell.getByRole('link', { name: 'The tank (copy)' })).toBeVisible();
  await saved(page);
});

test('a picture is chosen, described and credited, and what is no picture is refused', async ({ page }) => {
  const slide = await newStoryboard(page, 'Pictures');
  await put(slide, 'Picture');
  const form = page.getByRole('dialog', { name: 'Picture' });
  const drawing =
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 30"><script>alert(1)</script><style>.a{fill:#00f}</style><rect class="a" width="40" height="30"/></svg>';
  await form
    .locator('input[type=file]')
    .setInputFiles({ name: 'gate.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(drawing) });
  await expect(slide.locator('.stage image')).toHaveCount(1);
  await expect(slide.getByText(/lacks a description and a credit and a licence/)).toBeVisible();
  await form.getByLabel('What it shows, for someone who cannot see it').fill('A blue gate');
  await form.getByLabel('Whose it is').fill('Mina');
  await form.getByLabel('Licence').selectOption({ index: 1 });
  await expect(slide.getByText(/lacks a/)).toHaveCount(0);
  const address = await slide.locator('.stage image').getAttribute('xlink:href');
  const kept = await (await page.request.get(address ?? '')).text();
  expect(kept).toContain('fill="#00f"');
  expect(kept).not.toContain('script');
  await form
    .locator('input[type=file]')
    .setInputFiles({ name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('just words') });
  await expect(form.getByText(/not a picture or a clip that can be shown/)).toBeVisible();
  await expect(slide.locator('.stage image')).toHaveCount(1);

  await test.step('it is cropped and freed of its background, and all of it can be taken back', async () => {
    const plate =
      '<svg xmlns="http://www.w3.org/2000/svg" width="400" height="300"><rect width="400" height="300" fill="#f4f4f4"/><circle cx="200" cy="150" r="90" fill="#b3261e"/></svg>';
    await form
      .locator('input[type=file]')
      .setInputFiles({ name: 'plate.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(plate) });
    await form.getByLabel('What it shows, for someone who cannot see it').fill('A red plate');
    await form.getByRole('button', { name: 'Crop and improve' }).click();
    const bench = page.getByRole('dialog', { name: 'Crop and improve' });
    const corner = bench.getByRole('button', { name: /^Upper left corner/ });
    for (let press = 0; press < 5; press++) await corner.press('ArrowRight');
    await bench.getByRole('button', { name: 'Turn right' }).click();
    await corner.press('ArrowDown');
    await findNothing(page);
    await bench.getByRole('button', { name: 'Take out a plain background' }).click();
    await bench.getByLabel('How much goes').fill('40');
    await bench.getByRole('button', { name: 'Keep it without its background' }).click();
    await expect(bench.getByRole('button', { name: 'Bring the background back' })).toBeVisible();
    await bench.getByRole('button', { name: 'Done' }).click();
    await saved(page);
    const drawn = slide.locator('.stage svg svg image').first();
    await expect(drawn).toHaveCount(1);
    const cleared = (await drawn.getAttribute('xlink:href')) ?? '';
    const bytes = await (await page.request.get(cleared)).body();
    expect(bytes.subarray(1, 4).toString()).toBe('PNG');
    // In its corner nothing is left; in its middle the plate is as it was.
    const [edge, middle] = await page.evaluate(async (address) => {
      const picture = new Image();
      picture.src = address;
      await picture.decode();
      const canvas = document.createElement('canvas');
      canvas.width = picture.naturalWidth;
      canvas.height = picture.naturalHeight;
      const pen = canvas.getContext('2d');
      pen?.drawImage(picture, 0, 0);
      const at = (x: number, y: number) => [...(pen?.getImageData(x, y, 1, 1).data ?? [])];
      return [at(2, 2), at(canvas.width >> 1, canvas.height >> 1)];
    }, cleared);
    expect(edge?.[3]).toBe(0);
    expect(middle).toEqual([179, 38, 30, 255]);
    await form.getByRole('button', { name: 'As it was' }).click();
    await expect(slide.locator('.stage svg svg image')).toHaveCount(0);
    await expect(slide.locator('.stage svg image')).not.toHaveAttribute('xlink:href', cleared);
  });

  await test.step('a part is pointed out, and a cover is taken off at its step', async () => {
    await form.getByRole('button', { name: 'Cover', exact: true }).click();
    await form.getByRole('button', { name: 'Arrow', exact: true }).click();
    const cover = slide.locator('.stage g[data-piece^="mark-"]').first();
    await expect(cover.locator('rect')).toHaveCount(1);
    const before = await cover.boundingBox();
    const corner = slide.getByRole('button', { name: /^Other corner of cover 1/ });
    await corner.press('ArrowRight');
    await expect.poll(async () => (await cover.boundingBox())?.width ?? 0).toBeGreaterThan(before?.width ?? 0);
    const place = await slide.getByRole('button', { name: /^Tip of arrow 2/ }).boundingBox();
    if (!place) throw new Error('The arrow has no tip.');
    await page.mouse.move(place.x + 20, place.y + 20);
    await page.mouse.down();
    await page.mouse.move(place.x + 60, place.y + 50, { steps: 4 });
    await page.mouse.up();
    await expect
      .poll(async () => (await slide.getByRole('button', { name: /^Tip of arrow 2/ }).boundingBox())?.x ?? 0)
      .toBeGreaterThan(place.x + 30);
    await form.getByRole('button', { name: /^Tell it in steps/ }).click();
    await expect(slide.getByText(/shows what is under cover 1/)).toBeVisible();
    await slide.getByLabel('Script of step 1').focus();
    await expect(cover).not.toHaveAttribute('data-hidden');
    await slide.getByLabel('Script of step 3').focus();
    await expect(cover).toHaveAttribute('data-hidden', '');
    await findNothing(page);
  });

  await test.step('a drawing of the library brings its words, and the credits are gathered', async () => {
    await form.getByLabel(/^Find a drawing/).fill('leaves');
    const drawing = form.getByRole('button', { name: 'fallen leaf', exact: true }).first();
    await drawing.click();
    await expect(slide.locator('.stage image')).not.toHaveAttribute('xlink:href', address ?? '');
    await expect(form.getByLabel('What it shows, for someone who cannot see it')).toHaveValue('Fallen leaf');
    await expect(form.getByLabel('Licence')).toHaveValue('mit');
    await findNothing(page);
    await form.getByRole('button', { name: 'Done' }).click();
    await saved(page);
    await page.getByRole('button', { name: 'Gather the credits' }).click();
    const credits = page.getByRole('region', { name: 'Afterwards: Pictures' });
    await expect(credits.getByRole('textbox', { name: 'Text' })).toHaveValue(/^Fallen leaf: .*Microsoft.*, MIT$/);
    // Gathered again, there is still one such slide.
    await page.getByRole('button', { name: 'Gather the credits' }).click();
    await expect(credits).toHaveCount(1);
  });
});

test('the pace that was measured is offered, and a lesson over its time is told of', async ({ page }) => {
  const slide = await newStoryboard(page, 'Long');
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.getByLabel('Minutes', { exact: true }).fill('1');
  await page.getByLabel('Words a minute').fill('20');
  await expect(page.getByText('From 60 to 240.')).toBeVisible();
  await page.getByLabel('Words a minute').fill('60');
  await page.getByRole('link', { name: 'Storyboard' }).click();
  await slide.getByLabel('Script of step 1').fill('word '.repeat(90));
  await saved(page);
  await page.getByText(/Ready check: \d+ findings?/).click();
  await expect(page.getByText(/The script takes 1:30 to say, 0:30 more than the 1:00 planned/)).toBeVisible();
  await openRoom(page, 'Shadows that move', 'plan');
  await expect(page.getByText(/In your recordings you speak \d+ words a minute/)).toBeVisible();
});
