import { publishByHand } from './publish.ts';
import { addEmptyBay, expect, openLine, saved, signIn, test } from './store.ts';

test('an owner puts what buyers think below a product: stars that are large, and none where too few have said', async ({
  page,
  store,
}) => {
  const { rows } = await store.pool.query<{ slug: string; count: number }>(
    `SELECT slug, rating_count AS count FROM product WHERE in_stock AND rating_count > 0
     ORDER BY rating_count DESC, id LIMIT 1`,
  );
  const { slug, count } = rows[0]!;
  const { rows: unrated } = await store.pool.query<{ slug: string }>(
    'SELECT slug FROM product WHERE in_stock AND rating_count = 0 ORDER BY id LIMIT 1',
  );
  await signIn(page, store, '/studio/arrange/product');
  await addEmptyBay(page, 'Reviews as stars');
  await openLine(page, 'Stars');
  const size = page.getByRole('textbox', { name: /^Size of the stars/ }).first();
  await size.fill('40');
  await size.press('Enter');
  await openLine(page, 'Text');
  const least = page.getByRole('textbox', { name: 'Reviews that it takes' });
  await least.fill(String(count));
  await least.press('Enter');
  await saved(page);
  await publishByHand(page);

  for (const width of [390, 1440]) {
    await page.setViewportSize({ width, height: 900 });
    await page.goto(`${store.url}/product/${slug}`);
    const bay = page.getByRole('region', { name: 'What buyers think' });
    await expect(bay.locator('.reviews')).toHaveText(
      new RegExp(`^\\d\\.\\d out of 5 \\(${count.toLocaleString('en-GB')} reviews?\\)$`),
    );
    const stars = await bay.locator('.stars').evaluate((one) => one.getBoundingClientRect().height);
    expect(stars).toBeCloseTo(40, 0);
  }
  await page.goto(`${store.url}/product/${unrated[0]!.slug}`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('What buyers think')).toHaveCount(0);
});
