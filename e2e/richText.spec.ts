import { publishByHand } from './publish.ts';
import { addEmptyBay, expect, frameAt, openLine, saved, signIn, test } from './store.ts';

test('a text is written as it reads, marked by keys and by the bar, led to a category by its name, and read by shoppers', async ({
  page,
  store,
  browser,
}) => {
  await signIn(page, store, '/studio/arrange/shop');
  await addEmptyBay(page, 'Text');
  await openLine(page, 'Text');
  const text = page.getByRole('textbox', { name: 'Text', exact: true });
  await text.click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Fired twice');
  await page.keyboard.press('Control+a');
  await page.getByRole('button', { name: 'Heading', exact: true }).click();
  await page.keyboard.press('End');
  await page.keyboard.press('Enter');
  await page.keyboard.type('In the ');
  await page.keyboard.press('Control+b');
  await page.keyboard.type('old kiln');
  await page.keyboard.press('Control+b');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'List with bullets' }).click();
  await page.keyboard.type('Vases of all heights');
  await page.keyboard.press('Shift+Home');
  await page.getByRole('button', { name: 'Link', exact: true }).click();
  await page.getByRole('combobox', { name: /^Link to a page/ }).fill('vases');
  await page
    .getByRole('option', { name: /^Vases/ })
    .first()
    .click();
  await expect(page.getByText('Links to Vases.')).toBeVisible();
  // At once in the frames, and what is pasted from elsewhere is text of the store.
  const wide = await frameAt(page, 'Wide');
  const rich = wide.locator('.rich');
  await expect(rich.getByRole('heading', { name: 'Fired twice', level: 2 })).toBeVisible();
  await expect(rich.locator('strong')).toHaveText('old kiln');
  await expect(rich.getByRole('link', { name: 'Vases of all heights' })).toHaveAttribute(
    'href',
    '/category/vases',
  );
  await text.click();
  await page.keyboard.press('Control+End');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await text.evaluate((box) => {
    const data = new DataTransfer();
    data.setData(
      'text/html',
      '<h1 onclick="x()">Pasted</h1><p style="color:red"><u>as is</u><img src=x></p>',
    );
    box.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  });
  await expect(rich.getByText('as is')).toBeVisible();
  await expect(rich.locator('img, [style], u, h1')).toHaveCount(0);
  // One step back is the draft's own.
  await page.keyboard.press('Control+z');
  await expect(rich.getByText('as is')).toHaveCount(0);
  await saved(page);
  await publishByHand(page);

  const plain = await browser.newContext({ baseURL: store.url, javaScriptEnabled: false });
  const shop = await plain.newPage();
  await shop.goto('/shop');
  await expect(shop.locator('.rich strong')).toHaveText('old kiln');
  await expect(shop.locator('.rich li')).toHaveCount(1);
  await shop.getByRole('link', { name: 'Vases of all heights' }).click();
  await expect(shop).toHaveURL(/\/category\/vases$/);
  await plain.close();
});
