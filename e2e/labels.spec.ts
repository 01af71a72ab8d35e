import { publishWith } from './publish.ts';
import { expect, frameAt, openLine, saved, signIn, test } from './store.ts';

test('a label of one’s own stands on what has a tag, beside the sale, in order, and is left out on one shelf', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.getByRole('button', { name: 'Page settings' }).click();
  const labels = page.getByRole('grid', { name: 'Labels of the store' });
  await expect(labels.getByRole('row')).toHaveCount(4);
  const laptop = await frameAt(page, 'Laptop');
  const shown = (shelf: string, text: RegExp) =>
    laptop.locator(`[data-shelf="${shelf}"] .label`, { hasText: text });

  await page.getByRole('combobox', { name: 'Add a label' }).fill('speckled');
  await page.getByRole('option', { name: /has the tag "speckled"/ }).click();
  const own = page.getByRole('region', { name: 'Settings of the label Own label for "speckled"' });
  await own.getByRole('textbox', { name: 'Own words' }).fill('Each one differs');
  // A figure that there is not is said at once, and is not taken over.
  await own.getByRole('textbox', { name: 'Own words' }).fill('Each one differs {much}');
  await expect(own.getByRole('alert')).toContainText('Here "{much}" stands for nothing');
  await own.getByRole('textbox', { name: 'Own words' }).fill('Each one differs');
  await own.getByRole('button', { name: /Place by the picture$/ }).click();
  await page.getByRole('option', { name: 'Lower corner, end' }).click();
  await expect(shown('new-from-the-kiln', /^Each one differs$/).first()).toBeVisible();

  // First in the list by keys, so that it is the one that stays where only one may stand.
  await labels.getByRole('row', { name: /speckled/ }).focus();
  for (let up = 0; up < 4; up += 1) await page.keyboard.press('Alt+ArrowUp');
  await expect(labels.getByRole('row').first()).toContainText('speckled');
  const one = page.getByRole('textbox', { name: 'Labels on one product at most' });
  await one.fill('1');
  await page.keyboard.press('Tab');
  const cards = laptop.locator('[data-shelf="new-from-the-kiln"] .card', { hasText: 'Each one differs' });
  for (const card of await cards.all()) await expect(card.locator('.label')).toHaveCount(1);
  await one.fill('3');
  await page.keyboard.press('Tab');

  await page
    .getByRole('grid', { name: 'Bays of Home' })
    .getByRole('row', { name: 'New from the kiln' })
    .click();
  await openLine(page, 'Card');
  // Alone among the own labels.
  const group = page.getByRole('group', { name: 'Own label for "speckled" at these widths' });
  await group.getByRole('button', { name: /on Phone$/ }).click();
  await saved(page);
  await page.getByRole('button', { name: /^Publish \d+ changes/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('own label for "speckled" saying "Each one differs"');
  await dialog.getByRole('button', { name: 'Publish now' }).click();
  await expect(dialog).toContainText('Release 2');

  // In public at the widths where it is shown; the text in its corner.
  await page.goto(store.url);
  const label = page
    .locator('[data-shelf="new-from-the-kiln"] .label-tag', { hasText: 'Each one differs' })
    .first();
  await expect(label).toBeVisible();
  const [at, picture] = [
    (await label.boundingBox())!,
    await label.evaluate((one) => one.closest('.part-picture')!.getBoundingClientRect().toJSON()),
  ];
  expect(Math.abs(picture.x + picture.width - at.x - at.width - 10)).toBeLessThan(1.5);
  await page.setViewportSize({ width: 390, height: 800 });
  await expect(label).toBeHidden();
});

test('two labels on one product stand one under the other, each in its own colours, or across the edge of the picture and above it', async ({
  page,
  store,
}) => {
  await page.goto(`${store.url}/category/vases`);
  const cards = page.locator('.card:has(.label-sale):has(.label-tag)');
  expect(await cards.count()).toBeGreaterThan(0);
  const [first, second] = await cards
    .first()
    .locator('.label')
    .evaluateAll((all) =>
      all.map((one) => ({
        ...one.getBoundingClientRect().toJSON(),
        ground: getComputedStyle(one).backgroundColor,
      })),
    );
  expect(second.top).toBeGreaterThanOrEqual(first.bottom);
  expect(second.left).toBe(first.left);
  expect(second.ground).not.toBe(first.ground);

  // Outside of the picture they cover nothing of it but what lies across, and nothing of the row above.
  await publishWith(store, {
    house: {
      labels: {
        list: [
          { id: 'sale', kind: 'sale', at: 'aboveEnd' },
          { id: 'tag', kind: 'tag', tag: 'bought again', at: 'acrossStart' },
          { id: 'featured', kind: 'featured', at: 'acrossStart' },
        ],
      },
    },
  });
  await page.reload();
  const box = async (selector: string) => (await page.locator(selector).first().boundingBox())!;
  const card = '.card:has(.label-sale):has(.zone-acrossStart .label)';
  const [picture, above, across] = [
    await box(`${card} .part-picture`),
    await box(`${card} .zone-aboveEnd .label`),
    await box(`${card} .zone-acrossStart .label`),
  ];
  expect(above.y + above.height).toBeLessThanOrEqual(picture.y);
  expect(Math.abs(above.x + above.width - picture.x - picture.width)).toBeLessThan(1.5);
  expect(Math.abs(across.y + across.height / 2 - picture.y)).toBeLessThan(1);
  const cardTop = (await box(card)).y;
  expect(above.y).toBeGreaterThanOrEqual(cardTop - 0.5);
  expect(across.y).toBeGreaterThanOrEqual(cardTop - 0.5);
});
