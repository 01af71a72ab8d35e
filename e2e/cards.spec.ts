import type { FrameLocator, Page } from '@playwright/test';
import type { StoredPage } from '../core/plan/page.ts';
import type { StoredShelf } from '../core/plan/shelf.ts';
import { publishWith } from './publish.ts';
import { allIssues, expect, frameAt, openLine, saved, signIn, test, type Store } from './store.ts';

const SHELF = 'new-from-the-kiln';

const shelfOf = async ({ pool }: Store, id = SHELF): Promise<StoredShelf> =>
  (await pool.query(`SELECT body FROM draft_document WHERE key = $1`, [`shelf:${id}`])).rows[0].body;

const pageOf = async ({ pool }: Store): Promise<StoredPage> =>
  (await pool.query(`SELECT body FROM draft_document WHERE key = 'page:home'`)).rows[0].body;

/** Where picture and texts of the first card of the shelf stand in a frame. */
const firstCard = (frame: FrameLocator) =>
  frame
    .locator(`[data-shelf="${SHELF}"] .card`)
    .first()
    .evaluate((card) => {
      const box = (selector: string) => {
        const { left, right, top, bottom } = card.querySelector(selector)!.getBoundingClientRect();
        return { left, right, top, bottom };
      };
      const { boxShadow, paddingTop } = getComputedStyle(card);
      const texts = getComputedStyle(card.querySelector('.texts')!);
      return {
        picture: box('.part-picture'),
        texts: box('.texts'),
        boxShadow,
        paddingTop,
        colour: texts.color,
        opacity: texts.opacity,
      };
    });

const more = async (page: Page, name: string, times: number) => {
  for (let i = 0; i < times; i += 1) await page.getByRole('button', { name: `${name}: more` }).click();
};
const choose = async (page: Page, label: string, words: string) => {
  await page.getByRole('button', { name: label }).click();
  await page.getByRole('option', { name: words }).click();
};

test('texts are put at a side of the picture and over it, cards are framed, pictures go by the screen: at once, and in public', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await openLine(page, 'Card');
  const phone = await frameAt(page, 'Phone');
  const laptop = await frameAt(page, 'Laptop');
  const plain = await firstCard(laptop);
  expect(plain.texts.top).toBeGreaterThanOrEqual(plain.picture.bottom);

  await page.getByRole('button', { name: 'Set Text side of the picture per width' }).click();
  await choose(page, 'Text side of the picture on Laptop', 'Before');
  await expect
    .poll(async () => (await firstCard(laptop)).texts.right)
    .toBeLessThanOrEqual((await firstCard(laptop)).picture.left + 1);
  expect((await firstCard(phone)).texts.top).toBeGreaterThan((await firstCard(phone)).picture.bottom);
  await page.getByRole('button', { name: 'Reset Text side of the picture on Laptop' }).click();

  await more(page, 'Text reach over the picture, %', 10);
  await expect
    .poll(async () => {
      const { picture, texts } = await firstCard(laptop);
      return [Math.round(texts.top - picture.top), Math.round(texts.bottom - picture.bottom)];
    })
    .toEqual([0, 0]);
  await page.getByText('Dark', { exact: true }).click();
  await expect.poll(async () => (await firstCard(phone)).colour).toBe('rgb(255, 255, 255)');
  await page.getByText('On hover', { exact: true }).click();
  await expect.poll(async () => (await firstCard(phone)).opacity).toBe('0');
  await expect(page.getByText('Always shown by touch')).toBeVisible();
  await page.getByText('Border', { exact: true }).click();
  await more(page, 'Space inside the frame, px', 2);
  await expect.poll(async () => (await firstCard(phone)).paddingTop).toBe('16px');
  expect((await firstCard(phone)).boxShadow).not.toBe('none');

  await page.getByRole('grid', { name: 'Parts of the card' }).getByText('Picture', { exact: true }).click();
  await page.getByRole('button', { name: /Picture height$/ }).click();
  await page.getByRole('option', { name: 'Share of screen' }).click();
  await expect
    .poll(async () => {
      const { picture } = await firstCard(phone);
      return Math.round(picture.bottom - picture.top);
    })
    .toBe(360);
  await saved(page);
  const { card } = await shelfOf(store);
  expect(card!.text).toMatchObject({ reach: { phone: 100 }, background: 'dark', when: 'hover' });
  expect(card).toMatchObject({
    frame: 'framed',
    inside: { phone: 16 },
    parts: { picture: { by: 'screen' } },
  });

  // In public the very same; the screen is the shopper's own there.
  await publishWith(store, {});
  await page.setViewportSize({ width: 375, height: 640 });
  await page.goto(store.url);
  const seen = await page
    .locator(`[data-shelf="${SHELF}"] .card`)
    .first()
    .evaluate((one) => one.querySelector('.part-picture')!.getBoundingClientRect().height);
  expect(Math.round(seen)).toBe(320);
});

test('arrows and dots stand and measure as they are told to, and what comes next fades in', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/home?bay=under-sixty');
  await openLine(page, 'Layout');
  const look = (frame: FrameLocator, selector: string, pseudo?: string) =>
    frame
      .locator(`[data-shelf="under-sixty"] ${selector}`)
      .first()
      .evaluate((one, of) => {
        const { width, borderRadius } = getComputedStyle(one, of);
        return { width, borderRadius };
      }, pseudo);
  const [phone, tablet] = [
    page.frameLocator('iframe[title^="The page on"]').nth(0),
    page.frameLocator('iframe[title^="The page on"]').nth(1),
  ];
  await more(page, 'Arrow distance from the edge, px', 4);
  await expect
    .poll(() =>
      tablet
        .locator('[data-shelf="under-sixty"] > .arrow.next')
        .evaluate((one) => getComputedStyle(one).insetInlineEnd),
    )
    .toBe('16px');

  await page
    .getByRole('radiogroup', { name: 'Marker shape' })
    .getByRole('radio', { name: 'Square' })
    .click({ force: true });
  await more(page, 'Marker size, px', 3);
  await expect
    .poll(async () => {
      const { width, borderRadius } = await look(phone, '.marks button', '::before');
      return [width, borderRadius];
    })
    .toEqual(['12px', '2px']);

  await page.getByText('Fades in', { exact: true }).click();
  await saved(page);
  expect((await shelfOf(store, 'under-sixty')).moving).toMatchObject({
    arrowLook: { offset: 16 },
    markLook: { size: 12, shape: 'square' },
    comes: 'fades',
  });
  await publishWith(store, {});
  await page.goto(store.url);
  const shelf = page.locator('[data-shelf="under-sixty"]');
  await shelf.scrollIntoViewIfNeeded();
  await expect(shelf).toHaveAttribute('data-on', 'track');
  const running = await shelf.evaluate((one) => {
    one.querySelector<HTMLButtonElement>('.next')!.click();
    return one
      .querySelector('.window')!
      .getAnimations()
      .map((animation) => (animation.effect as KeyframeEffect).getKeyframes().map(({ opacity }) => opacity));
  });
  expect(running).toEqual([['0', '1']]);
  // Where motion is unwanted, it is there at once.
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.reload();
  await expect(shelf).toHaveAttribute('data-on', 'track');
  expect(
    await shelf.evaluate((one) => {
      one.querySelector<HTMLButtonElement>('.next')!.click();
      return one.querySelector('.window')!.getAnimations().length;
    }),
  ).toBe(0);
});

test('text can be read on a dark bay: beside pictures, on cards with a frame, over pictures', async ({
  page,
  store,
}) => {
  const home = await pageOf(store);
  const darkened = home.bays.map((bay) =>
    bay.id === 'reduced-now' ? { ...bay, look: { ...bay.look, background: '#101828' } } : bay,
  );
  const colours = async (part: string) => {
    await page.goto(store.url);
    return page
      .locator(`[data-shelf="reduced-now"] ${part}`)
      .first()
      .evaluate((one) => {
        const { color } = getComputedStyle(one);
        const card = getComputedStyle(one.closest('.card')!);
        return { text: color, card: card.backgroundColor };
      });
  };
  await publishWith(store, { 'page:home': { bays: darkened } });
  expect((await colours('.part-title')).text).toBe('rgb(255, 255, 255)');
  expect((await colours('.part-price')).text).toBe('rgb(255, 255, 255)');

  const { card = {} } = await shelfOf(store, 'reduced-now');
  await publishWith(store, { 'shelf:reduced-now': { card: { ...card, frame: 'framed' } } });
  const framed = await colours('.part-title');
  expect(framed.card).not.toBe('rgba(0, 0, 0, 0)');
  expect(framed.text).not.toBe('rgb(255, 255, 255)');

  await publishWith(store, {
    'shelf:reduced-now': {
      card: { ...card, text: { reach: { phone: 40 }, background: 'light' } },
    },
  });
  expect((await colours('.part-title')).text).toBe(framed.text);
});

test('a part is added with a sample of it, put in a corner by the drawing and on one line with another, dragged, moved and removed', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await openLine(page, 'Card');
  const parts = page.getByRole('grid', { name: 'Parts of the card' });
  const laptop = await frameAt(page, 'Laptop');
  const first = laptop.locator(`[data-shelf="${SHELF}"] .card`).first();
  await expect(parts.getByRole('row')).toHaveCount(4);
  // The line begins in sight, with the first of its parts, whatever was open above it.
  await expect(parts.getByRole('row').first()).toBeInViewport();

  // By typing; what it says of the store's own goods stands beside it.
  const add = page.getByRole('combobox', { name: 'Add a part' });
  await add.fill('code');
  const code = page.getByRole('option', { name: /^Item code/ });
  await expect(code).toContainText(/KC-\d+/);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(first.locator('.texts .part-code')).toHaveText(/^KC-\d+$/);
  await expect(parts.getByRole('row')).toHaveCount(5);

  // Into a corner by the mouse, into the bar by keys.
  const where = page.getByRole('radiogroup', { name: 'Where Item code stands' });
  await where.getByText('Labels').locator('xpath=..').waitFor();
  await where.getByRole('radio', { name: 'Upper corner, end' }).check({ force: true });
  await expect(first.locator('.zone-upperEnd .part-code')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(first.locator('.zone-middle .part-code')).toBeVisible();
  await expect(parts.getByRole('row', { name: 'Item code' })).toContainText('in the middle of the picture');

  // The price on the line of the title: the frames and the sentence have it at once.
  await parts.getByText('Price', { exact: true }).click();
  await page.getByRole('button', { name: /Price: line$/ }).click();
  await page.getByRole('option', { name: 'On the line before' }).click();
  await expect(first.locator('.row')).toHaveCount(1);
  const box = (part: string) => first.locator(part).evaluate((one) => one.getBoundingClientRect().toJSON());
  const [title, price] = [await box('.part-title'), await box('.part-price')];
  expect(price.left).toBeGreaterThanOrEqual(title.right);
  expect(Math.abs(price.top - title.top)).toBeLessThan(4);

  // By keys before the title, and away again; undone, it is where it was.
  await parts.getByRole('row', { name: 'Item code' }).focus();
  await page.keyboard.press('Alt+ArrowUp');
  await page.keyboard.press('Alt+ArrowUp');
  await expect(parts.getByRole('row').nth(1)).toContainText('Item code');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Remove from the card' }).click();
  await expect(parts.getByRole('row')).toHaveCount(4);
  await expect(first.locator('.part-code')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(first.locator('.zone-middle .part-code')).toBeVisible();

  // By hand in a near frame: the price into the bar at the foot, the code from the middle onto the line of the title.
  await page.getByRole('button', { name: /^Laptop.*: bring near/ }).click();
  const at = async (selector: string) => (await first.locator(selector).boundingBox())!;
  const drag = async (from: [number, number], to: [number, number], key?: string) => {
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move(...to, { steps: 6 });
    if (key) await page.keyboard.press(key);
    await page.mouse.up();
  };
  const picture = await at('.part-picture');
  const middle = ({ x, y, width, height }: typeof picture): [number, number] => [
    x + width / 2,
    y + height / 2,
  ];
  const foot: [number, number] = [picture.x + picture.width / 2, picture.y + picture.height - 12];
  await drag(middle(await at('.part-price')), foot, 'Escape');
  await expect(first.locator('.row > .part-price')).toBeVisible();
  await drag(middle(await at('.part-price')), foot);
  await expect(first.locator('.zone-foot .part-price')).toBeVisible();
  await expect(page.getByRole('radiogroup', { name: 'Where Price stands' })).toBeVisible();
  await drag(middle(await at('.part-code')), middle(await at('.part-title')));
  await expect(first.locator('.row > .part-code')).toBeVisible();
  // What was dragged was not pressed: the page is still there.
  await expect(laptop.locator('.product')).toHaveCount(0);

  // The lower edge of a picture, to the usual ratio that is nearest; with Shift exactly as far.
  const height = async () => Math.round((await at('.part-picture')).height);
  const edge: [number, number] = [foot[0], picture.y + picture.height + 2];
  await drag(edge, [edge[0], picture.y + picture.width + 9]);
  await expect.poll(height).toBe(Math.round(picture.width));
  await page.keyboard.down('Shift');
  const square = picture.y + (await at('.part-picture')).height + 2;
  await drag([edge[0], square], [edge[0], square - 9]);
  await page.keyboard.up('Shift');
  await expect.poll(height).toBeLessThan(picture.width - 5);
  await expect.poll(height).toBeGreaterThan(picture.width - 13);
  await saved(page);

  // In public the very same.
  await publishWith(store, {});
  await page.goto(store.url);
  const shown = page.locator(`[data-shelf="${SHELF}"] .card`).first();
  await expect(shown.locator('.zone-foot .part-price')).toBeVisible();
  await expect(shown.locator('.row > .part-code')).toBeVisible();
});

test('a field of the store is found by part of its name, says its value with its name before it, and is taken back in one step', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await openLine(page, 'Card');
  const parts = page.getByRole('grid', { name: 'Parts of the card' });
  const laptop = await frameAt(page, 'Laptop');
  const said = laptop.locator(`[data-shelf="${SHELF}"] .part-field`);
  await page.getByRole('combobox', { name: 'Add a part' }).fill('iamet');
  const field = page.getByRole('option', { name: /^Diameter/ });
  // With a sample of the shelf's own goods.
  await expect(field).toContainText(/\d+ cm/);
  await field.click();
  await expect(said.first()).toHaveText(/^Diameter [\d.]+ cm$/);
  await expect(parts.getByRole('row', { name: 'Diameter' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Field: text before it' }).fill('Across');
  await expect(said.first()).toHaveText(/^Across [\d.]+ cm$/);
  // What is there already is not offered again.
  await page.getByRole('combobox', { name: 'Add a part' }).fill('diameter');
  await expect(page.getByRole('option', { name: /^Diameter/ })).toHaveCount(0);
  await page.keyboard.press('Escape');
  const undo = page.getByRole('button', { name: 'Undo', exact: true });
  await undo.click();
  await expect(said.first()).toHaveText(/^Diameter/);
  await undo.click();
  await expect(said).toHaveCount(0);
});

test('a title that is cut short is told of, and its fix gives it the lines it needs', async ({
  page,
  store,
}) => {
  await publishWith(store, {
    [`shelf:${SHELF}`]: { card: { parts: { title: { lines: 1 } } }, columns: { count: { phone: 2 } } },
  });
  await signIn(page, store);
  const list = await allIssues(page);
  const issue = list.getByRole('listitem').filter({ hasText: 'Title clipped on Phone' }).first();
  await expect(issue).toContainText(/\d of the \d+ shown/);
  await issue.getByRole('button', { name: /^Allow [2-4] lines$/ }).click();
  await expect(
    list.getByRole('listitem').filter({ hasText: 'New from the kiln: Title clipped' }),
  ).toHaveCount(0);
  const phone = await frameAt(page, 'Phone');
  const cut = await phone
    .locator(`[data-shelf="${SHELF}"] .part-title`)
    .evaluateAll((all) => all.filter((one) => one.scrollHeight > one.clientHeight + 1).length);
  expect(cut).toBe(0);
});
