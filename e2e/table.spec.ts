import type { Locator, Page } from '@playwright/test';
import { publishByHand } from './publish.ts';
import { shifted, watchShifts } from './shifts.ts';
import { addEmptyBay, expect, frameAt, openLine, saved, signIn, test, type Store } from './store.ts';

/** A dozen products that are bought without a choice are the newest, with plenty of stock and a capacity. */
async function freshGoods({ pool }: Store): Promise<void> {
  await pool.query(
    `WITH fresh AS (SELECT product_id AS id, row_number() OVER (ORDER BY product_id) AS place FROM variant
       GROUP BY product_id HAVING count(*) = 1 ORDER BY product_id LIMIT 12)
     UPDATE product p SET on_sale_from = now() - make_interval(hours => fresh.place::int),
       fields = fields || jsonb_build_object('capacity', 100 + (fresh.place * 7) % 12 * 10)
     FROM fresh WHERE fresh.id = p.id`,
  );
  await pool.query(
    `UPDATE variant SET stock = NULL WHERE product_id IN (SELECT id FROM product ORDER BY on_sale_from DESC LIMIT 12)`,
  );
}

const columns = (page: Page) => page.getByRole('grid', { name: 'Columns of the table' });
const column = (page: Page, name: string) => columns(page).getByRole('row', { name: new RegExp(`^${name}`) });
const order = async (page: Page) =>
  (await columns(page).locator('.name').allTextContents()).map((name) => name.trim());

async function addColumn(page: Page, typed: string, name: string): Promise<void> {
  await page.getByRole('combobox', { name: 'Add a column' }).fill(typed);
  await page.getByRole('option', { name: new RegExp(`^${name}`) }).click();
  await expect(column(page, name)).toBeVisible();
}

const table = (within: Pick<Page, 'getByRole'>) => within.getByRole('table', { name: 'Trade list' });
const heads = async (within: Locator) =>
  (await within.getByRole('columnheader').allTextContents()).map((words) => words.trim());
const amounts = async (within: Locator) =>
  (await within.locator('tbody .col-price').allTextContents()).map((text) =>
    Number(/£([\d.]+)/.exec(text)![1]),
  );

test.describe('a trade table', () => {
  test('is built from nothing, published, sorted and bought from, wide and narrow, with and without script', async ({
    page,
    browser,
    store,
  }) => {
    test.slow();
    await freshGoods(store);
    await signIn(page, store);
    await addEmptyBay(page, 'Shelf');
    await openLine(page, 'Layout');
    await page.getByRole('radio', { name: 'Table', exact: true }).click({ force: true });
    await page.getByLabel('Caption of the table', { exact: true }).fill('Trade list');
    await page.keyboard.press('Tab');
    for (const name of ['Button that adds all rows', 'Link to the basket']) {
      await page.getByRole('button', { name: `None ${name}` }).click();
      await page.getByRole('option', { name: 'Above and below' }).click();
    }

    await openLine(page, 'Columns');
    expect(await order(page)).toEqual([
      'Picture',
      'Title',
      'Item code',
      'Stock',
      'Price',
      'Quantity',
      'Basket button',
    ]);
    // One goes, one of the store's own fields comes, and is the first to leave.
    await column(page, 'Stock').click();
    await page.getByRole('button', { name: 'Remove the column' }).click();
    await expect(column(page, 'Stock')).toHaveCount(0);
    await addColumn(page, 'capac', 'Capacity');
    await page.getByRole('button', { name: /Where there is no room/ }).click();
    await page.getByRole('option', { name: 'It leaves 1st' }).click();
    const settings = page.getByRole('region', { name: 'Settings of the column Capacity' });
    await settings.getByText('End', { exact: true }).click();

    // Dragged by the mouse to before the item code; by keys past it, and back.
    await column(page, 'Item code').scrollIntoViewIfNeeded();
    await column(page, 'Capacity').dragTo(column(page, 'Item code'), {
      sourcePosition: { x: 10, y: 16 },
      targetPosition: { x: 60, y: 3 },
    });
    const wanted = ['Picture', 'Title', 'Capacity', 'Item code', 'Price', 'Quantity', 'Basket button'];
    await expect.poll(() => order(page)).toEqual(wanted);
    await column(page, 'Capacity').focus();
    await page.keyboard.press('Alt+ArrowDown');
    await expect.poll(async () => (await order(page)).indexOf('Capacity')).toBe(3);
    await page.keyboard.press('Alt+ArrowUp');
    await expect.poll(() => order(page)).toEqual(wanted);

    // The frames show it at once, each with the columns that it has room for.
    const laptop = await frameAt(page, 'Laptop');
    await expect(table(laptop).getByRole('row')).not.toHaveCount(0);
    await expect(table(laptop).getByRole('columnheader')).toHaveCount(7);
    const phone = await frameAt(page, 'Phone');
    await expect.poll(() => heads(table(phone))).toEqual(['Picture', 'Title', 'Price']);
    await expect(page.getByLabel('Columns at each width')).toContainText('4 in the second line');
    await saved(page);
    await publishByHand(page);

    const shopper = await browser.newPage({ viewport: { width: 1280, height: 900 } });
    await watchShifts(shopper);
    await shopper.goto(store.url);
    const goods = table(shopper);
    await goods.scrollIntoViewIfNeeded();
    await expect
      .poll(() => heads(goods))
      .toEqual(['Picture', 'Title', 'Capacity', 'Item code', 'Price', 'Quantity', 'Buy']);
    const rows = goods.locator('tbody').getByRole('row');
    const count = await rows.count();
    expect(count).toBeGreaterThanOrEqual(5);
    // Every row is named by its title, and nothing is read twice.
    await expect(goods.getByRole('rowheader')).toHaveCount(count);
    await expect(goods.locator('.under:visible')).toHaveCount(0);

    // Sorted in place, and the way back leads to the order before.
    await shopper.evaluate(() => ((window as unknown as { stays: boolean }).stays = true));
    const before = await amounts(goods);
    const named = goods.getByRole('spinbutton').first();
    const firstName = (await named.getAttribute('name'))!;
    await named.fill('7');
    await goods.getByRole('columnheader', { name: 'Price' }).getByRole('link').click();
    await expect(goods.getByRole('columnheader', { name: 'Price' })).toHaveAttribute(
      'aria-sort',
      'ascending',
    );
    await expect(shopper).toHaveURL(/[?&][\w-]+\.sort=price(&|#|$)/);
    const up = await amounts(goods);
    expect(up).toEqual([...up].sort((a, b) => a - b));
    await expect(goods.getByRole('columnheader', { name: 'Price' }).getByRole('link')).toBeFocused();
    await shopper.keyboard.press('Enter');
    await expect(goods.getByRole('columnheader', { name: 'Price' })).toHaveAttribute(
      'aria-sort',
      'descending',
    );
    await shopper.goBack();
    await shopper.goBack();
    await expect.poll(() => amounts(goods)).toEqual(before);
    expect(await shopper.evaluate(() => (window as unknown as { stays?: boolean }).stays)).toBe(true);
    expect(await shifted(shopper)).toBe(0);
    // What was filled in stayed with its row.
    await expect(goods.locator(`input[name="${firstName}"]`)).toHaveValue('7');

    // Five rows at once; then the one row whose button is pressed, with the others still filled in.
    const quantities = goods.getByRole('spinbutton');
    for (let i = 0; i < 5; i += 1) await quantities.nth(i).fill(String(i + 1));
    await shopper.getByRole('button', { name: 'Add all to basket' }).first().click();
    await expect(shopper.getByRole('banner').getByRole('link', { name: /Basket/ })).toContainText('(15)');
    await expect(quantities.first()).toHaveValue('');
    await quantities.nth(0).fill('2');
    await quantities.nth(1).fill('9');
    await rows.nth(0).getByRole('button').click();
    await expect(shopper.getByRole('banner').getByRole('link', { name: /Basket/ })).toContainText('(17)');
    await expect(quantities.nth(1)).toHaveValue('9');
    await expect(rows.nth(0).getByRole('status')).toContainText('17');

    // On a phone the rest is under the title, what is pressed is there once, and all of it is in sight.
    await shopper.setViewportSize({ width: 390, height: 800 });
    await expect.poll(() => heads(goods)).toEqual(['Picture', 'Title', 'Price']);
    const first = rows.nth(0);
    await expect(first.getByRole('rowheader').getByRole('term')).toHaveText(['Capacity', 'Item code']);
    await expect(first.getByRole('spinbutton')).toHaveCount(1);
    const parts = await first.evaluate((row) =>
      [...row.querySelectorAll('.col,.under>div,input,button')]
        .filter((one) => one.getClientRects().length > 0)
        .map((one) => one.getBoundingClientRect())
        .map(({ left, right }) => left >= 0 && right <= window.innerWidth),
    );
    expect(parts.every(Boolean)).toBe(true);
    expect(await shopper.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
    // The header stays while the rows go by.
    await rows.last().scrollIntoViewIfNeeded();
    const stuck = await goods.evaluate((one) => {
      const [head, body] = [one.querySelector('thead')!, one.querySelector('tbody')!];
      window.scrollBy(0, body.getBoundingClientRect().top + 200);
      return [head.getBoundingClientRect().top, body.getBoundingClientRect().top] as const;
    });
    expect(stuck[1]).toBeLessThan(stuck[0]);
    expect(stuck[0]).toBeGreaterThanOrEqual(0);
    await shopper.close();

    // The same without script: sorted by its address, five rows bought with one press.
    const plain = await (await browser.newContext({ javaScriptEnabled: false })).newPage();
    await plain.goto(store.url);
    await table(plain).getByRole('columnheader', { name: 'Capacity' }).getByRole('link').click();
    await expect(table(plain).getByRole('columnheader', { name: 'Capacity' })).toHaveAttribute(
      'aria-sort',
      'ascending',
    );
    const sizes = (await table(plain).locator('tbody .col-field').allTextContents()).map(parseFloat);
    expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
    await plain.goto(store.url);
    for (let i = 0; i < 5; i += 1) await table(plain).getByRole('spinbutton').nth(i).fill('2');
    await plain.getByRole('button', { name: 'Add all to basket' }).last().click();
    await expect(plain).toHaveURL(`${store.url}/basket`);
    await expect(plain.getByRole('spinbutton', { name: /^Quantity of / })).toHaveCount(5);
    await plain.context().close();
  });
});

test('in a near frame of a table a press opens the column that was pressed, which is marked where it is drawn', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/trade');
  await page.getByRole('row', { name: /^Trade list/ }).click();
  const frame = await frameAt(page, 'Wide');
  await page.getByRole('button', { name: /^Wide.*: bring near/ }).click();
  const cells = frame.locator('[data-shelf="trade-list"] tbody .col-brand');
  // The link of the row lies over it, as over every row.
  await cells.nth(4).click({ force: true });
  const settings = page.getByRole('region', { name: 'Settings of the column Brand' });
  await expect(settings.locator(':focus')).toHaveCount(1);
  const marks = (part: string) =>
    frame
      .locator(`[data-shelf="trade-list"] .col-${part}`)
      .evaluateAll((all) => all.filter((one) => getComputedStyle(one).boxShadow !== 'none').length);
  await expect.poll(() => marks('brand')).toBeGreaterThan(10);
  expect(await marks('price')).toBe(0);
  // The heading of another, by the mouse; then a row of the list, by keys.
  await frame.locator('[data-shelf="trade-list"] thead .col-price').click();
  await expect(page.getByRole('region', { name: 'Settings of the column Price' })).toBeVisible();
  await expect.poll(() => marks('price')).toBeGreaterThan(10);
  await page
    .getByRole('grid', { name: 'Columns of the table' })
    .getByRole('row', { name: /^(Move )?Item code/ })
    .focus();
  await expect.poll(() => marks('code')).toBeGreaterThan(10);
  expect(await marks('price')).toBe(0);

  // Rows are sorted by item code and by maker for shoppers, with and without script.
  const texts = async (part: string) =>
    (await page.locator(`tbody .col-${part}`).allTextContents()).filter((one) => one !== '–');
  await page.setViewportSize({ width: 1440, height: 900 });
  await page.goto(`${store.url}/page/trade`);
  for (const [name, part] of [
    ['Item code', 'code'],
    ['Maker', 'brand'],
  ] as const) {
    const head = page.getByRole('columnheader', { name });
    await head.getByRole('link').click();
    await expect(head).toHaveAttribute('aria-sort', 'ascending');
    const up = await texts(part);
    expect(up).toEqual([...up].sort((a, b) => a.localeCompare(b, 'en')));
    await head.getByRole('link').click();
    await expect(head).toHaveAttribute('aria-sort', 'descending');
    const down = await texts(part);
    expect(down).toEqual([...down].sort((a, b) => b.localeCompare(a, 'en')));
    expect(down[0]).not.toBe(up[0]);
  }
});
