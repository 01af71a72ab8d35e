import type { Page } from '@playwright/test';
import { publishByHand, publishWith } from './publish.ts';
import { expect, openLine, signIn, test } from './store.ts';

const SHELF = 'new-from-the-kiln';
const OTHER = 'reduced-now';
const RED = 'rgb(180, 20, 60)';

const colourOf = (page: Page, shelf: string) =>
  page
    .locator(`[data-shelf="${shelf}"] .part-title`)
    .first()
    .evaluate((one) => getComputedStyle(one).color);

test('own rules of the store are refused where they are not safe, and hold where they are', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/house-style/rules`);
  const box = page.getByRole('region', { name: 'Own rules of the store' });
  const editor = box.getByRole('textbox', { name: 'Own rules of the store' });
  await editor.fill(
    `.title { color: ${RED} }\n.price { background: url(https://example.org/a.png) }\n.header { position: fixed }`,
  );
  // Read as they are typed, by line and reason.
  const notUsed = box.getByRole('list', { name: 'Not used' });
  await expect(notUsed.getByRole('listitem')).toHaveText([
    /^Line 2.*Addresses are not taken/,
    /^Line 3.*relative, absolute or sticky/,
  ]);
  const specimen = page.frameLocator('iframe[title^="Specimen on"]');
  const title = specimen.locator('.part-title').first();
  await expect(title).toHaveCSS('color', RED);
  // The line that is spoken of is gone to.
  await notUsed.getByRole('button', { name: 'Line 3' }).click();
  await page.keyboard.press('Shift+End');
  await page.keyboard.type('.header { letter-spacing: 2px }');
  await expect(notUsed.getByRole('listitem')).toHaveCount(1);
  await expect(specimen.locator('.store')).toHaveCSS('letter-spacing', '2px');
  await publishByHand(page);
  const asked: string[] = [];
  page.on('request', (request) => void asked.push(request.url()));
  await page.goto(store.url);
  expect(await colourOf(page, SHELF)).toBe(RED);
  expect(await colourOf(page, OTHER)).toBe(RED);
  await expect(page.locator('.store')).toHaveCSS('letter-spacing', '2px');
  expect(asked.filter((url) => !url.startsWith(store.url))).toEqual([]);
  // Off by one switch, and nothing of them lost.
  await page.goto(`${store.url}/studio/house-style/rules`);
  await box.getByText('Use these rules').click();
  await expect(title).not.toHaveCSS('color', RED);
  await publishByHand(page);
  await page.goto(store.url);
  expect(await colourOf(page, SHELF)).not.toBe(RED);
  await page.goto(`${store.url}/studio/house-style/rules`);
  await expect(editor).toContainText('letter-spacing: 2px');
});

test('own rules of a shelf reach that shelf alone, are offered names, and are undone', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/arrange/home/${SHELF}`);
  await openLine(page, 'Look');
  const box = page.getByRole('region', { name: 'Own rules of the shelf' });
  const editor = box.getByRole('textbox', { name: 'Own rules of the shelf' });
  await editor.click();
  await page.keyboard.type('.tit');
  const offered = page.getByRole('option', { name: /\.title/ });
  // By keyboard it is taken once it has been in sight for a moment, so that nobody takes it without having seen it.
  await offered.click();
  await expect(editor).toContainText('.title');
  // At once, as a paste: however slow the machine is, it is one step.
  await page.keyboard.insertText(` { color: ${RED}; animation: nod 1s }`);
  await expect(box.getByText(/not used/)).toHaveCount(0);
  const frame = page.frameLocator('iframe[title^="The page on Tablet"]');
  await expect(frame.locator(`[data-shelf="${SHELF}"] .part-title`).first()).toHaveCSS('color', RED);
  await expect(frame.locator(`[data-shelf="${OTHER}"] .part-title`).first()).not.toHaveCSS('color', RED);
  await expect(page.getByText(/^Saved \d/)).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(frame.locator(`[data-shelf="${SHELF}"] .part-title`).first()).not.toHaveCSS('color', RED);
  await expect(editor).not.toContainText('animation');
});

test('the server trusts no rules, and a page with bad ones is whole', async ({ page, store }) => {
  await publishWith(store, {
    house: {
      rules: {
        text: '</style><script>window.got = 1</script> .title { color: red } @import url(//example.org/x.css); .price::after { content: "</style><b id=got>" }',
      },
    },
    [`shelf:${SHELF}`]: { rules: { text: ':root { display: none } .shelf ~ * { display: none } .card {' } },
  });
  const asked: string[] = [];
  page.on('request', (request) => void asked.push(request.url()));
  await page.goto(store.url);
  expect(await page.evaluate(() => 'got' in window || document.getElementById('got') !== null)).toBe(false);
  expect(asked.filter((url) => !url.startsWith(store.url))).toEqual([]);
  await expect(page.locator(`[data-shelf="${OTHER}"]`)).toBeVisible();
  await expect(page.locator('footer')).toBeVisible();
  expect(
    await page
      .locator(`[data-shelf="${SHELF}"] .part-price`)
      .first()
      .evaluate((one) => getComputedStyle(one, '::after').content),
  ).toBe('"</style><b id=got>"');
});
