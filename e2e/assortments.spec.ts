import type { Page } from '@playwright/test';
import {
  allIssues,
  expect,
  frameAt,
  measureShelf,
  openLine,
  saved,
  signIn,
  test,
  type Store,
} from './store.ts';

const run = (page: Page) => page.getByRole('grid', { name: 'What it holds, in order' });
const placesOf = (page: Page) =>
  run(page)
    .locator('[data-item]')
    .evaluateAll((cards) => cards.map((card) => Number(card.getAttribute('data-item'))));

/** Types what is meant, and takes what it is called. */
async function mean(page: Page, typed: string, called: RegExp): Promise<void> {
  await page.getByPlaceholder(/^Type what you mean/).fill(typed);
  await page.getByRole('option', { name: called }).first().click();
}

/** The first twelve of "in Tableware and below, glaze Fogbank or Tidewrack, under £60, in stock, best sold". */
async function expectedIds({ pool }: Store): Promise<number[]> {
  const { rows } = await pool.query(
    `SELECT p.id FROM product p
     WHERE coalesce(p.reduced, p.price) <= 6000 AND p.in_stock
       AND EXISTS (SELECT FROM product_category pc JOIN category_closure cc ON cc.descendant_id = pc.category_id
         JOIN category c ON c.id = cc.ancestor_id WHERE pc.product_id = p.id AND c.slug = 'tableware')
       AND EXISTS (SELECT FROM variant v JOIN variant_value vv ON vv.variant_id = v.id
         JOIN option_value ov ON ov.id = vv.option_value_id WHERE v.product_id = p.id AND ov.name IN ('Fogbank', 'Tidewrack'))
     ORDER BY (SELECT coalesce(sum(units), 0) FROM sold_daily s WHERE s.product_id = p.id
       AND s.day > (SELECT store_day(now())) - 30) DESC, p.id`,
  );
  return rows.map(({ id }: { id: number }) => id);
}

test('builds a selection by typing, asks why, saves it, shows it in two shelves, publishes', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.getByRole('link', { name: 'Assortments' }).click();
  await page.getByRole('button', { name: 'New assortment' }).click();
  await page.getByRole('menuitem', { name: 'Of products' }).click();
  await expect(page.getByText(/products now\. No shelf shows it/)).toBeVisible();

  await mean(page, 'tableware', /^In Tableware and below/);
  await mean(page, 'fogbank', /^Glaze is Fogbank/);
  await page.getByRole('button', { name: /^glaze is Fogbank/ }).click();
  await page.getByPlaceholder('Type a glaze').fill('tidew');
  await page.getByRole('option', { name: /^Tidewrack/ }).click();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await mean(page, 'under 60', /^Costs at most £60/);
  await mean(page, 'in stock', /^Stock/);
  await mean(page, 'best sold', /^Bestselling, last 30 days/);
  const rule = page.getByRole('grid', { name: 'Clauses of the rule' });
  await expect(rule.getByRole('row')).toHaveCount(4);
  await expect(rule.getByRole('row').nth(1)).toContainText('glaze is Fogbank or Tidewrack');

  const all = await expectedIds(store);
  expect(all.length).toBeGreaterThan(14);
  await expect(page.getByRole('status').filter({ hasText: 'products now' })).toContainText(
    `${all.length} products now`,
  );
  // What remains after the last clause is what there is.
  await expect(rule.getByRole('row').last()).toContainText(String(all.length));
  await expect.poll(async () => (await placesOf(page)).slice(0, 6)).toEqual(all.slice(0, 6));

  // First 12; two pinned, one left out.
  await page.getByText('Limit').click();
  await page.getByRole('textbox', { name: 'At most' }).fill('12');
  await page.getByRole('textbox', { name: 'At most' }).press('Enter');
  const more = async (id: number, item: string) => {
    await run(page)
      .locator(`[data-item="${id}"]`)
      .getByRole('button', { name: /^More for/ })
      .click();
    await page.getByRole('menuitem', { name: item }).click();
  };
  await more(all[4]!, 'Pin first');
  await expect.poll(async () => (await placesOf(page))[0]).toBe(all[4]);
  await more(all[2]!, 'Pin at 4');
  await more(all[1]!, 'Leave out');
  const rest = all.filter((_, i) => ![1, 2, 4].includes(i));
  const wanted = [all[4], rest[0], rest[1], all[2], ...rest.slice(2, 10)];
  await expect.poll(() => placesOf(page)).toEqual(wanted);

  // Why a certain bowl is not in.
  const { rows } = await store.pool.query(
    `SELECT title FROM product p WHERE title LIKE 'Chalk%bowl' AND in_stock AND NOT EXISTS (
       SELECT FROM product_option_value pv JOIN option_value ov ON ov.id = pv.option_value_id
       WHERE pv.product_id = p.id AND ov.name IN ('Fogbank', 'Tidewrack')) ORDER BY id LIMIT 1`,
  );
  await page.getByPlaceholder("Type a product's title").fill(rows[0].title);
  await page.getByRole('option', { name: rows[0].title }).first().click();
  const answer = page.getByRole('status', { name: 'Is it in' });
  await expect(answer).toContainText(/Not in/);
  await expect(answer).toContainText(/Left out by "glaze is Fogbank or Tidewrack": its glaze is /);

  await page.getByLabel('Name', { exact: true }).fill('For the table');
  await expect(page.getByRole('link', { name: /^For the table/ })).toBeVisible();

  // In two shelves of the home page.
  for (const bay of ['New from the kiln', 'Reduced now']) {
    await page.getByRole('link', { name: 'Arrange' }).click();
    await page.getByRole('grid', { name: 'Bays of Home' }).getByRole('row', { name: bay }).click();
    await openLine(page, 'Shows');
    await page.getByRole('button', { name: /Assortment$/ }).click();
    await page.getByRole('option', { name: 'For the table' }).click();
  }
  await expect(page.getByText('Changes also apply to 1 other shelf.')).toBeVisible();
  // The second shelf leaves out what stands above it, so that it is told apart here.
  await page.getByText('Leave out what is shown above').click();
  const frame = await frameAt(page, 'Laptop');
  const shownIn = (shelf: string) =>
    frame
      .locator(`[data-shelf="${shelf}"] .card:visible`)
      .evaluateAll((cards) => cards.map((card) => Number(card.getAttribute('data-card'))));
  await expect.poll(() => shownIn('reduced-now')).toEqual(wanted.slice(0, 4));
  await expect.poll(() => shownIn('new-from-the-kiln')).toEqual(wanted.slice(0, 10));

  // Changed once, both change.
  await page.getByRole('button', { name: /Order$/ }).click();
  await page.getByRole('option', { name: 'Title', exact: true }).click();
  await expect.poll(async () => (await shownIn('reduced-now'))[1]).not.toBe(wanted[1]);
  expect((await shownIn('new-from-the-kiln')).slice(0, 4)).toEqual(await shownIn('reduced-now'));
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(() => shownIn('reduced-now')).toEqual(wanted.slice(0, 4));
  await saved(page);

  await page.getByRole('button', { name: /^Publish \d+ changes/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('For the tableIs new: In Tableware and below');
  await dialog.getByRole('button', { name: 'Publish now' }).click();
  await expect(dialog).toContainText('Release 2');
  await page.setViewportSize({ width: 1180, height: 800 });
  await page.goto(store.url);
  expect((await measureShelf(page, 'new-from-the-kiln')).ids).toEqual(wanted.slice(0, 10));
  expect((await measureShelf(page, 'reduced-now')).ids).toEqual(wanted.slice(0, 4));
});

test('understands how much something is reduced by, and what it is not', async ({ page, store }) => {
  await signIn(page, store);
  await page.getByRole('link', { name: 'Assortments' }).click();
  await page.getByRole('button', { name: 'New assortment' }).click();
  await page.getByRole('menuitem', { name: 'Of products' }).click();
  await mean(page, 'reduced by 20', /^Reduced by at least 20%/);
  await mean(page, 'not vases', /^Not in Vases and below/);
  const rule = page.getByRole('grid', { name: 'Clauses of the rule' });
  await expect(rule.getByRole('row').first()).toContainText('reduced by at least 20%');
  const { rows } = await store.pool.query(
    `SELECT count(*)::int AS products FROM product p
     WHERE p.reduced IS NOT NULL AND (p.price - p.reduced) * 100 >= 20 * p.price
       AND NOT EXISTS (SELECT FROM product_category pc JOIN category_closure cc ON cc.descendant_id = pc.category_id
         JOIN category c ON c.id = cc.ancestor_id WHERE pc.product_id = p.id AND c.slug = 'vases')`,
  );
  const [{ products }] = rows as [{ products: number }];
  expect(products).toBeGreaterThan(3);
  await expect(page.getByRole('status').filter({ hasText: 'products now' })).toContainText(
    `${products} products now`,
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'products now' })).not.toContainText(
    `${products} products now`,
  );
});

test('plays a new and a returning shopper in the frames', async ({ page, store }) => {
  await signIn(page, store);
  const frame = await frameAt(page, 'Laptop');
  await expect(frame.locator('[data-bay="recently-viewed"]')).toBeHidden();
  await page.getByRole('button', { name: 'Seen by: new shopper' }).click();
  await page.getByText('A returning one').click();
  for (const typed of ['Fogbank serving bowl', 'Chalk tea beaker']) {
    await page.getByPlaceholder('Add a viewed product').fill(typed);
    await page
      .getByRole('option', { name: new RegExp(`^${typed} £`) })
      .first()
      .click();
  }
  const looked = frame.locator('[data-bay="recently-viewed"] .part-title');
  await expect(looked).toHaveText([/Chalk tea beaker/, /Fogbank serving bowl/]);
  await page.getByText('A new shopper').click();
  await expect(frame.locator('[data-bay="recently-viewed"]')).toBeHidden();
});

test('a rule may have groups, moved by keys; a cycle of fallbacks is found and named', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/assortments/bought-again`);
  await mean(page, 'either', /^Any of these/);
  await mean(page, 'featured', /^Marked as featured/);
  const rule = page.getByRole('grid', { name: 'Clauses of the rule' });
  await expect(rule.getByRole('row')).toHaveCount(3);
  // Into the group, by the keyboard alone.
  await rule.getByRole('button', { name: 'Move: marked as featured' }).focus();
  await page.keyboard.press('Enter');
  for (let i = 0; i < 8; i += 1) {
    const on = await page.evaluate(
      () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '',
    );
    if (/Drop on any of these/i.test(on)) break;
    await page.keyboard.press('ArrowDown');
  }
  await page.keyboard.press('Enter');
  await expect(rule.getByRole('row').last()).toHaveCSS('padding-inline-start', '22px');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(rule.getByRole('row').last()).toHaveCSS('padding-inline-start', '4px');
  await expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible();

  // A cycle, which the studio does not offer, is kept as it is and found by a check.
  const { rows } = await store.pool.query<{ body: { assortment: object } }>(
    `SELECT body FROM draft_document WHERE key = 'assortment:best-of-the-year'`,
  );
  const best = rows[0]!.body;
  await store.pool.query(
    `UPDATE draft_document SET body = $1, version = version + 1 WHERE key = 'assortment:best-of-the-year'`,
    [
      JSON.stringify({
        ...best,
        assortment: { ...best.assortment, fallback: { fewerThan: 99, then: 'topUp', from: 'under-sixty' } },
      }),
    ],
  );
  await page.goto(`${store.url}/studio/arrange/home?bay=under-sixty`);
  await expect(await allIssues(page)).toContainText('return to where they began');
});

test('shows on public pages what this shopper looked at, with consent only', async ({
  page,
  browser,
  store,
}) => {
  const lately = page.locator('[data-bay="recently-viewed"]');
  await page.goto(store.url);
  await expect(lately).toBeHidden();
  const { rows } = await store.pool.query(`SELECT id, slug FROM product WHERE in_stock ORDER BY id LIMIT 3`);
  await page.goto(`${store.url}/product/${rows[0].slug}`);
  await page.getByRole('button', { name: 'No', exact: true }).click();
  await page.goto(`${store.url}/product/${rows[1].slug}`);
  await expect(page.getByRole('region', { name: 'Your choice' })).toHaveCount(0);
  await page.goto(store.url);
  await expect(lately).toBeHidden();

  // Another shopper agrees; the last one comes first, and again when it is looked at again.
  const context = await browser.newContext();
  const other = await context.newPage();
  const shown = () =>
    other
      .locator('[data-bay="recently-viewed"] .card:visible')
      .evaluateAll((cards) => cards.map((card) => Number(card.getAttribute('data-card'))));
  await other.goto(`${store.url}/product/${rows[0].slug}`);
  await other.getByRole('button', { name: 'Yes, remember' }).click();
  for (const one of [rows[1], rows[2], rows[0]]) await other.goto(`${store.url}/product/${one.slug}`);
  await other.goto(store.url);
  await expect.poll(shown).toEqual([rows[0].id, rows[2].id, rows[1].id]);
  await expect(other.getByRole('heading', { name: 'Recently viewed' })).toBeVisible();
  await context.close();

  for (const query of [
    '',
    '?path=/',
    '?path=/&bay=x',
    '?path=/&bay=recently-viewed&looked=x.-1.99999999999',
    '?path=/%25&bay=a&bay=b',
  ])
    expect((await fetch(`${store.url}/fragment${query}`)).status).toBeLessThan(500);
});

test('an answer that comes late never takes the place of a newer one', async ({ page, store }) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/assortments/bought-again`);
  const rule = page.getByRole('grid', { name: 'Clauses of the rule' });
  await expect(rule.getByRole('row')).toHaveCount(1);
  const meet = page.getByText(/products? meet the rule/);
  await expect(meet).toBeVisible();
  // The first question after this is answered long after the second.
  let questions = 0;
  await page.route('**/api/assortments/counts', async (route) => {
    questions += 1;
    if (questions === 1) await new Promise((resolve) => setTimeout(resolve, 2500));
    await route.continue().catch(() => undefined);
  });
  await mean(page, 'featured', /^Marked as featured/);
  await mean(page, 'under 60', /^Costs at most £60/);
  await expect.poll(() => questions).toBeGreaterThan(1);
  const { rows } = await store.pool.query(
    `SELECT count(*)::int AS count FROM product p WHERE featured AND paid <= 6000 AND id IN (
       SELECT product_id FROM collection_product JOIN collection c ON c.id = collection_id WHERE c.slug = 'bought-again')`,
  );
  const last = rule.getByRole('row').last();
  await expect(last).toHaveText(`costs at most £60${rows[0].count}`);
  await page.waitForTimeout(3000);
  await expect(last).toHaveText(`costs at most £60${rows[0].count}`);
});

test('how many match and what was topped up reads the same in both places, and what was topped up is marked', async ({
  page,
  store,
}) => {
  const [one] = await expectedIds(store);
  const { rows } = await store.pool.query('SELECT title FROM product WHERE id = $1', [one]);
  const { title } = rows[0] as { title: string };
  await signIn(page, store);
  await page.goto(`${store.url}/studio/assortments/under-sixty`);
  // Of all that match just the one.
  await mean(page, title, new RegExp(`^${title} £`));
  const said = page.getByText(
    /^1 to \d+ of \d+; \d+ match(es)?, topped up to \d+ from Best sold of the year$/,
  );
  await expect(said).toBeVisible();
  const [own, total] = /(\d+) match(?:es)?, topped up to (\d+)/
    .exec((await said.textContent())!)!
    .slice(1)
    .map(Number);
  expect(own).toBeGreaterThan(0);
  expect(own).toBeLessThan(8);
  const marks = run(page).locator('[data-item]');
  await expect(marks.nth(own! - 1)).not.toContainText('top-up');
  await expect(marks.nth(own!)).toContainText('top-up');

  await page.getByRole('link', { name: 'Arrange' }).click();
  await page
    .getByRole('grid', { name: 'Bays of Home' })
    .getByRole('row', { name: /^Under sixty/ })
    .click();
  await expect(page.getByRole('region', { name: 'Spec' })).toContainText(
    new RegExp(`${own} match(es)?, topped up to ${total} from Best sold of the year`),
  );
  const frame = await frameAt(page, 'Laptop');
  await expect(frame.locator('[data-shelf="under-sixty"] .card')).not.toHaveCount(0);
});
