import { publishByHand } from './publish.ts';
import { allIssues, expect, signIn, test } from './store.ts';
import { openHouse, pickColour, rgb, styleOf } from './style.ts';

const BLOCK = 'Text of cards, all together';

test('the text of all cards gets a background and room, and what is hard to read on it is mended where it is set', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const editor = await openHouse(page, BLOCK);
  await pickColour(page, editor, 'Background', '#223344');
  await editor.getByRole('button', { name: 'Set Space inside' }).click();
  const inside = editor.getByRole('textbox', { name: 'Space inside, px' });
  await inside.fill('14');
  await inside.press('Enter');
  const specimen = page.frameLocator('iframe[title^="Specimen on"]').locator('.card .texts').first();
  await expect.poll(() => styleOf(specimen, 'backgroundColor')).toBe(rgb('#223344'));

  // It is found on the page, and the finding leads to what is drawn on it.
  await page.getByRole('link', { name: 'Arrange' }).click();
  const low = (await allIssues(page))
    .getByRole('listitem')
    .filter({ hasText: /Low contrast: title, 1\.\d:1 on #223344/ });
  await low.getByRole('button', { name: /Low contrast/ }).click();
  const title = page.getByRole('region', { name: 'Look of Title' });
  await expect(title.getByRole('status')).toContainText('needs 4.5:1');
  const fix = title.getByRole('status').getByRole('button', { name: /^Use #/ });
  const offered = /#[0-9a-f]{6}/.exec(await fix.innerText())![0];
  await fix.click();
  await expect(title.getByRole('status')).toContainText('easy to read');

  await publishByHand(page);
  await page.goto(store.url);
  const texts = page.locator('.card .texts:not(:empty)').first();
  expect(await styleOf(texts, 'backgroundColor')).toBe(rgb('#223344'));
  expect(await styleOf(texts.locator('.part-title'), 'color')).toBe(rgb(offered));
  // The text begins as far within as was set.
  const within = await texts.evaluate((one) => {
    const [block, first] = [one, one.firstElementChild!].map((all) => all.getBoundingClientRect());
    return { left: first!.left - block!.left, top: first!.top - block!.top };
  });
  expect(within).toEqual({ left: 14, top: 14 });
});
