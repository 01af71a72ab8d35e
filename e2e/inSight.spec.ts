import { addEmptyBay, expect, frameAt, openLine, signIn, test } from './store.ts';

test('a line that is opened is in sight, though a long one above it closes', async ({ page, store }) => {
  await page.setViewportSize({ width: 1280, height: 600 });
  await signIn(page, store);
  const spec = page.getByRole('region', { name: 'Spec' });
  for (const [from, to] of [
    ['Columns', 'Card'],
    ['Card', 'Look'],
    ['Look', 'Layout'],
  ] as const) {
    await openLine(page, from);
    await openLine(page, to);
    await expect(page.getByText('Opening…')).toHaveCount(0);
    await expect(spec.getByRole('button', { name: to, exact: true })).toBeInViewport();
  }
});

test('a new assortment is gone to and in sight, and a new bay begins with its heading to be typed over', async ({
  page,
  store,
}) => {
  await page.setViewportSize({ width: 1280, height: 560 });
  await signIn(page, store);
  await page.getByRole('link', { name: 'Assortments' }).click();
  for (let i = 0; i < 8; i += 1) {
    await page.getByRole('button', { name: 'New assortment' }).click();
    await page.getByRole('menuitem', { name: 'Of products' }).click();
    await expect(page.getByRole('link', { name: /^New products/ })).toHaveCount(i + 1);
  }
  const chosen = page.locator('a[aria-current="page"]').filter({ hasText: /^New products/ });
  await expect(chosen).toBeInViewport({ ratio: 0.99 });

  await page.getByRole('link', { name: 'Arrange' }).click();
  await addEmptyBay(page, 'Shelf');
  const heading = page.getByLabel('Heading', { exact: true });
  await expect(heading).toBeFocused();
  await expect(heading).toBeInViewport({ ratio: 0.97 });
  await page.keyboard.type('Made this week');
  await expect(heading).toHaveValue('Made this week');
  await expect(
    (await frameAt(page, 'Laptop')).getByRole('heading', { name: 'Made this week' }),
  ).toBeVisible();
});

test('a rule can be read at every width of window: its words beside what remains', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/assortments/under-sixty`);
  const rows = page.getByRole('grid', { name: 'Clauses of the rule' }).getByRole('row');
  await expect(rows).toHaveCount(4);
  // What remains after each clause is counted by the server.
  await expect(rows.locator('[title$="remain"]')).toHaveCount(4);
  for (const width of [768, 900, 901, 1024, 1280, 1920]) {
    await page.setViewportSize({ width, height: 800 });
    // The place follows the window a moment later.
    await expect(async () => {
      for (const row of await rows.all()) {
        const { words, remains, height, ends } = await row.evaluate((one) => {
          const box = one.getBoundingClientRect();
          const of = (selector: string) => one.querySelector(selector)!.getBoundingClientRect();
          const tape = of('[title$="remain"]');
          return {
            words: of('.said').width,
            remains: tape.width,
            height: box.height,
            ends: box.right - tape.right,
          };
        });
        expect(words, `at ${width}`).toBeGreaterThan(130);
        expect(remains, `at ${width}`).toBeGreaterThan(100);
        expect(height, `at ${width}`).toBeLessThan(80);
        expect(ends, `at ${width}`).toBeGreaterThan(0);
      }
    }).toPass();
    // All three parts of the place have room, and the window does not scroll.
    for (const part of [
      page.getByLabel('Find an assortment'),
      page.getByRole('heading', { name: 'Is it in?' }),
    ])
      await expect(part).toBeInViewport();
    expect(
      await page.getByRole('complementary').evaluate((side) => side.getBoundingClientRect().width),
    ).toBeGreaterThan(180);
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBe(width);
  }
});
