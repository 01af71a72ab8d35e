import { expect, frameAt, measureShelf, openLine, saved, signIn, test } from './store.ts';

test('arranges the new pieces at each width, publishes, and the public page is so', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const spec = page.getByRole('region', { name: 'Spec' });
  const frame = (band: string) => frameAt(page, band);
  await expect(spec.getByRole('heading', { name: 'New from the kiln' })).toBeVisible();

  // What it shows: vases and everything below, twelve of them.
  await openLine(page, 'Shows');
  await spec.getByPlaceholder(/^Type what you mean/).fill('vases');
  await page.getByRole('option', { name: /^In Vases and below/ }).click();
  await expect(spec.getByRole('grid', { name: 'Clauses of the rule' })).toContainText('in Vases and below');
  const { rows } = await store.pool.query(
    `SELECT count(DISTINCT p.id)::int AS count FROM product p JOIN product_category pc ON pc.product_id = p.id
     JOIN category_closure cc ON cc.descendant_id = pc.category_id JOIN category c ON c.id = cc.ancestor_id
     WHERE c.slug = 'vases' AND p.in_stock`,
  );
  await expect(spec.getByText(`${rows[0].count} match`)).toBeVisible();

  // How many across, and the offer that fills every row.
  await openLine(page, 'Columns');
  const across = (band: string) => spec.getByRole('textbox', { name: `Columns on ${band}` });
  await across('Laptop').fill('3');
  await across('Laptop').press('Enter');
  await expect(across('Phone')).toHaveValue('2');
  await expect(across('Wide')).toHaveValue('3');
  await spec.getByRole('button', { name: 'Show 12' }).click();
  await expect(spec.getByRole('button', { name: /^Show \d/ })).toHaveCount(0);
  await expect((await frame('Laptop')).locator('[data-shelf="new-from-the-kiln"] .card:visible')).toHaveCount(
    12,
  );

  // There and back.
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(spec.getByRole('button', { name: 'Show 12' })).toBeVisible();
  await page.getByRole('heading', { name: 'New from the kiln' }).first().click();
  await page.keyboard.press('Control+Shift+Z');
  await expect(spec.getByRole('button', { name: 'Show 12' })).toHaveCount(0);

  // No price on the card.
  await openLine(page, 'Card');
  const parts = spec.getByRole('grid', { name: 'Parts of the card' });
  await parts.getByText('Price', { exact: true }).click();
  await spec.getByRole('button', { name: 'Remove from the card' }).click();
  await expect(parts.getByRole('row', { name: 'Price' })).toHaveCount(0);
  await expect((await frame('Phone')).locator('[data-shelf="new-from-the-kiln"] .part-price')).toHaveCount(0);

  // Bays in another order, by keys.
  const bays = page.getByRole('grid', { name: 'Bays of Home' });
  await bays.getByRole('row', { name: /Reduced now/ }).click();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(bays.getByRole('row').nth(2)).toContainText('Reduced now');
  await saved(page);

  // Still there after loading again.
  await page.reload();
  await expect(bays.getByRole('row').nth(2)).toContainText('Reduced now');
  await bays.getByRole('row', { name: /New from the kiln/ }).click();
  await openLine(page, 'Columns');
  await expect(across('Laptop')).toHaveValue('3');

  await page.getByRole('button', { name: /^Publish \d+ changes/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText(/Number of columns now 3 (on|from) Laptop, was 4/);
  await expect(dialog).toContainText(/Items now 12.*was 10/);
  await expect(dialog).toContainText('Price not shown, was price shown');
  await dialog.getByRole('button', { name: 'Publish now' }).click();
  await expect(dialog).toContainText('Release 2');

  const expected = await store.pool.query(
    `SELECT p.id FROM product p WHERE p.in_stock AND EXISTS (
       SELECT FROM product_category pc JOIN category_closure cc ON cc.descendant_id = pc.category_id JOIN category c ON c.id = cc.ancestor_id
       WHERE pc.product_id = p.id AND c.slug = 'vases')
     ORDER BY on_sale_from DESC, id LIMIT 12`,
  );
  for (const [width, columns] of [
    [375, 2],
    [800, 3],
    [1180, 3],
    [1440, 3],
  ] as const) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(store.url);
    const shelf = await measureShelf(page, 'new-from-the-kiln');
    expect(shelf.across, `across at ${width}`).toBe(columns);
    expect(shelf.ids, `products at ${width}`).toEqual(expected.rows.map((row: { id: number }) => row.id));
  }
  await expect(page.locator('[data-shelf="new-from-the-kiln"] .part-price')).toHaveCount(0);
  await expect(page.locator('.main [data-bay]').nth(1)).toHaveAttribute('data-bay', 'reduced-now');
});

test('finds a setting by typing, and goes to its control', async ({ page, store }) => {
  await signIn(page, store);
  await page.keyboard.press('/');
  await page.keyboard.type('price');
  // The part itself before all that can be set of it.
  const [first] = await page.getByRole('option').allTextContents();
  expect(first).toMatch(/^Price\s*Card$/);
  await page.getByRole('option').first().click();
  await expect(page.locator('[data-setting="card.parts.price.shown"]').locator(':focus')).toHaveCount(1);
  await page.keyboard.press('Space');
  await expect(
    page
      .frameLocator('iframe[title*="on Phone"]')
      .locator('[data-shelf="new-from-the-kiln"] .part-price:visible'),
  ).toHaveCount(0);

  // What another layout goes by is told of, and cannot be gone to; Escape closes the list and empties the field.
  await page.keyboard.press('/');
  await page.keyboard.type('slide height');
  const other = page.getByRole('option', { name: /^Slide height, share of the screen/ });
  await expect(other).toContainText('Not used in a grid');
  await expect(other).toHaveAttribute('aria-disabled', 'true');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('listbox')).toHaveCount(0);
  await expect(page.getByPlaceholder(/^Find a setting/)).toBeFocused();
  await expect(page.getByPlaceholder(/^Find a setting/)).toHaveValue('');
  await expect(page.getByRole('button', { name: /^Publish/ })).toBeEnabled();
});

test('duplicates, hides and removes a bay by keys, and all of it can be undone', async ({ page, store }) => {
  await signIn(page, store);
  const bays = page.getByRole('grid', { name: 'Bays of Home' });
  const before = await bays.getByRole('row').count();
  await bays.getByRole('row', { name: /Shop by category/ }).click();
  await page.keyboard.press('d');
  await expect(bays.getByRole('row')).toHaveCount(before + 1);
  await page.keyboard.press('h');
  await page.keyboard.press('Delete');
  for (let i = 0; i < 3; i += 1) await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await expect(bays.getByRole('row')).toHaveCount(before);
  await expect(page.getByRole('button', { name: 'Nothing to publish' })).toBeDisabled();
});

test('brings a frame near, and the frames scroll together', async ({ page, store }) => {
  await signIn(page, store);
  await page
    .getByRole('grid', { name: 'Bays of Home' })
    .getByRole('row', { name: /Shop by category/ })
    .click();
  const tops = () =>
    page.locator('iframe').evaluateAll((frames) =>
      frames.map((frame) => {
        const inner = (frame as HTMLIFrameElement).contentDocument!;
        return Math.round(inner.querySelector('[data-bay="shop-by-category"]')!.getBoundingClientRect().top);
      }),
    );
  // The last bay of a short page cannot come all the way up; where it can, all frames are at the same place.
  await expect.poll(async () => Math.max(...(await tops()))).toBeLessThan(2600);
  await page.getByRole('button', { name: /^Tablet.*: bring near/ }).click();
  await expect(page.locator('iframe')).toHaveCount(1);
  const width = await page.locator('iframe').evaluate((frame) => frame.getBoundingClientRect().width);
  expect(width).toBeGreaterThan(700);
  await expect.poll(async () => (await tops())[0]!).toBeLessThan(600);
  await page.keyboard.press('Escape');
  await expect(page.locator('iframe')).toHaveCount(3);
});

test('another layout shows as many items at every width, and all of it is one step back', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/arrange/home?bay=new-from-the-kiln`);
  const shownAt = async (width: string) =>
    (await frameAt(page, width)).locator('[data-shelf="new-from-the-kiln"] .card:visible').count();
  await openLine(page, 'Layout');
  const choose = (layout: string) =>
    page.getByRole('radio', { name: layout, exact: true }).click({ force: true });
  await expect.poll(() => shownAt('Phone')).toBe(10);
  for (const layout of ['Carousel', 'List', 'Masonry', 'Grid']) {
    await choose(layout);
    await expect(page.getByRole('radio', { name: layout, exact: true })).toBeChecked();
    for (const width of ['Phone', 'Wide'])
      await expect.poll(() => shownAt(width), `${layout} on ${width}`).toBe(10);
  }

  // Counted in rows, whose number another layout does not have.
  await openLine(page, 'Columns');
  await page.getByRole('radio', { name: 'Rows', exact: true }).click({ force: true });
  const rows = await shownAt('Wide');
  expect(rows).not.toBe(10);
  await openLine(page, 'Layout');
  await choose('Carousel');
  await expect.poll(() => shownAt('Wide')).toBe(rows);
  await choose('List');
  await expect.poll(() => shownAt('Wide')).toBe(rows);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('radio', { name: 'Carousel', exact: true })).toBeChecked();
  await expect.poll(() => shownAt('Wide')).toBe(rows);
});

test('while the words of a "more" button are typed, the frames show the button', async ({ page, store }) => {
  await signIn(page, store, '/studio/arrange/shop?bay=shop');
  await openLine(page, 'Layout');
  await page.getByRole('button', { name: /(?<!Reset )Rest of the list$/ }).click();
  await page.getByRole('option', { name: 'Button for more' }).click();
  const frame = await frameAt(page, 'Laptop');
  const button = frame.locator('[data-bay="shop"] .pager:visible a[rel=next]');
  await expect(button).not.toBeInViewport();
  await page.getByLabel('Text of the button for more').fill('See the rest');
  await expect(button).toHaveText('See the rest');
  await expect(button).toBeInViewport();
  // Something else is set: the bay is seen from its beginning again.
  await openLine(page, 'Columns');
  await page
    .getByRole('button', { name: /^Columns on Laptop: (more|fewer)/ })
    .first()
    .click();
  await expect(frame.locator('[data-bay="shop"] .card').first()).toBeInViewport();
});

test('in a near frame a press opens what was pressed, and a hand-picked product is dragged to its place', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const tablet = await frameAt(page, 'Tablet');
  const cards = tablet.locator('[data-shelf="new-from-the-kiln"] .card:visible');
  const order = () => cards.evaluateAll((all) => all.map((card) => card.getAttribute('data-card')));
  await page.getByRole('button', { name: /^Tablet.*: bring near/ }).click();
  await cards.first().locator('.part-title').click();
  const spec = page.getByRole('region', { name: 'Spec' });
  await expect(spec.getByRole('button', { name: 'Card', exact: true })).toHaveAttribute(
    'aria-expanded',
    'true',
  );
  await expect(page.locator('[data-setting^="card.parts.title."] :focus')).toHaveCount(1);
  await tablet.locator('[data-bay="new-from-the-kiln"] .bay-heading').click();
  await expect(page.getByLabel('Heading', { exact: true })).toBeFocused();

  // A shelf that a rule fills is not put in order by hand until something of it is.
  const before = await order();
  const drag = async (from: number, to: number) => {
    const [a, b] = [(await cards.nth(from).boundingBox())!, (await cards.nth(to).boundingBox())!];
    await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2);
    await page.mouse.down();
    await page.mouse.move(b.x + b.width / 2, b.y + b.height / 2, { steps: 5 });
    await page.mouse.up();
  };
  await drag(0, 2);
  expect(await order()).toEqual(before);
  await openLine(page, 'Shows');
  await page.getByRole('button', { name: 'Put products in…' }).click();
  await page.getByRole('option').first().click();
  await page.keyboard.press('Escape');
  const [first, second, third] = await order();
  await drag(0, 2);
  await expect.poll(async () => (await order()).slice(0, 3)).toEqual([second, third, first]);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(async () => (await order()).slice(0, 3)).toEqual([first, second, third]);
});
