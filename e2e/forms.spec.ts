import type { Page } from '@playwright/test';
import { bandAt, nominalOf } from '../core/bands/bands.ts';
import type { Card } from '../core/card/card.ts';
import { firstBands, newShelf } from '../core/plan/atFirst.ts';
import { FORM_IDS, type FormId } from '../core/forms/formKind.ts';
import type { Shelf } from '../core/plan/shelf.ts';
import { shelfMeasure } from '../core/view/height.ts';
import { viewWith } from '../core/view/pageView.ts';
import type { Plan } from '../core/plan/plan.ts';
import type { Item } from '../core/card/partKind.ts';
import type { ProductFacts } from '../core/catalogue/facts.ts';
import { categoryTree } from '../core/catalogue/categoryTree.ts';
import { readProducts } from '../server/catalogue/productRows.ts';
import { expect, test, type Store } from './store.ts';
import { publishWith } from './publish.ts';

type Text = Card['text'];

const SHELF = 'new-from-the-kiln';
const first = newShelf('x', firstBands);
const everywhere = <T>(value: T): Record<string, T> => ({ phone: value });

/** The shelf's card with pictures and titles of one line only, whose heights are known. */
async function plainCard(store: Store): Promise<Card> {
  const { rows } = await store.pool.query(`SELECT body FROM draft_document WHERE key = 'shelf:${SHELF}'`);
  const { card } = rows[0].body as Shelf;
  return {
    ...card,
    titleLines: 1,
    shown: { ...card.shown, price: everywhere(false), rating: everywhere(false) },
  };
}

/** The shelf of the home page in another form. */
async function publishForm(store: Store, form: FormId, more: Partial<Shelf> = {}): Promise<void> {
  await publishWith(store, {
    [`shelf:${SHELF}`]: {
      form: everywhere(form),
      card: await plainCard(store),
      amount: { by: 'items', rows: everywhere(2), items: everywhere(11) },
      ...more,
    },
  });
}

interface Measured {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Where the cards stand in the browser, from the upper corner at which reading begins; what moves is at its start. */
const measured = (page: Page): Promise<Measured[]> =>
  page.locator(`[data-shelf="${SHELF}"]`).evaluate((shelf) => {
    const window = shelf.querySelector('.window')!;
    const frame = window.getBoundingClientRect();
    const rtl = getComputedStyle(shelf).direction === 'rtl';
    return [...window.querySelectorAll('.card')]
      .map((card) => card.getBoundingClientRect())
      .filter(({ height }) => height > 0)
      .map(({ left, right, top, width, height }) => ({
        x: rtl ? frame.right - right : left - frame.left,
        y: top - frame.top,
        width,
        height,
      }));
  });

const WIDTHS = [320, 375, 480, 559, 560, 720, 879, 880, 1180, 1239, 1440, 1920];

/** The view that the page was drawn from, made here from the live release and the products it shows. */
async function viewOf(store: Store, ids: readonly number[]) {
  const { rows } = await store.pool.query(
    'SELECT plan FROM release JOIN live ON live.release_number = release.number',
  );
  const plan = rows[0].plan as Plan;
  const products = await readProducts(store.pool as never, [...ids]);
  const items = ids.map((id): Item => ({ of: 'products', product: products.get(id) as ProductFacts }));
  const answer = { total: items.length, own: items.length, start: 0, items };
  return viewWith(
    {
      plan: {
        ...plan,
        pages: {
          home: { ...plan.pages.home!, bays: plan.pages.home!.bays.filter(({ id }) => id === SHELF) },
        },
      },
      page: { ...plan.pages.home!, bays: plan.pages.home!.bays.filter(({ id }) => id === SHELF) },
      now: Date.now(),
      tree: categoryTree([]),
      pictures: () => undefined,
      address: { path: '/', from: {} },
    },
    () => answer,
  );
}

/** The published shelf stands, at every one of these widths, where the core says, to within a pixel. */
async function expectPlaces(
  page: Page,
  store: Store,
  said: string,
  widths: readonly number[],
): Promise<void> {
  for (const width of widths) {
    // Heights by the screen are reckoned with the nominal screen of the band.
    const { height } = nominalOf(firstBands, bandAt(firstBands, width));
    await page.setViewportSize({ width, height });
    await page.goto(store.url);
    const ids = await page
      .locator(`[data-shelf="${SHELF}"] .card:visible`)
      .evaluateAll((cards) => cards.map((card) => Number(card.getAttribute('data-card'))));
    expect(ids).toHaveLength(11);
    const view = await viewOf(store, ids);
    const { content } = view.bays[0]!;
    if (content.holds !== 'shelf') throw new Error('The bay holds no shelf.');
    const regionPx = await page.locator('.region').evaluate((region) => region.clientWidth);
    const { boxes } = shelfMeasure(content.shelf, view.bands, regionPx);
    const found = await measured(page);
    boxes.forEach((box, i) => {
      for (const side of ['x', 'y', 'width', 'height'] as const)
        expect(
          Math.abs(found[i]![side] - box[side]),
          `${side} of card ${i + 1} of ${said}, at ${width}: ${found[i]![side]} and ${box[side]}`,
        ).toBeLessThanOrEqual(1);
    });
  }
}

for (const form of FORM_IDS)
  test(`a ${form} stands in the browser where the core says, to within a pixel`, async ({ page, store }) => {
    test.setTimeout(120_000);
    for (const direction of ['ltr', 'rtl'] as const) {
      await publishForm(store, form, { direction });
      await expectPlaces(page, store, `the ${form}, ${direction}`, WIDTHS);
    }
  });

/** Texts at each side of the picture, over it, in a frame; heights by px and by the screen. */
const PLACINGS: {
  said: string;
  form: FormId;
  text?: Partial<Text>;
  card?: Partial<Card>;
  shelf?: Partial<Shelf>;
}[] = [
  { said: 'texts above', form: 'grid', text: { side: everywhere('above') } },
  { said: 'texts before', form: 'grid', text: { side: everywhere('before') } },
  {
    said: 'texts after, over a part',
    form: 'grid',
    text: { side: everywhere('after'), share: everywhere(35), reach: everywhere(40) },
  },
  {
    said: 'texts over a half, framed',
    form: 'carousel',
    text: { reach: everywhere(50) },
    card: { frame: 'framed', inside: everywhere(14) },
  },
  {
    said: 'texts over all of it, from above',
    form: 'carousel',
    text: { side: everywhere('above'), reach: everywhere(100), ground: 'dark', when: 'pointed' },
  },
  {
    said: 'a list read from its texts',
    form: 'list',
    text: { side: everywhere('before') },
    card: { frame: 'shadowed' },
  },
  {
    said: 'masonry with texts before',
    form: 'masonry',
    text: { side: everywhere('before'), reach: everywhere(30) },
  },
  {
    said: 'pictures by px, texts over them',
    form: 'grid',
    text: { reach: everywhere(30) },
    card: { picture: { by: 'height' } as Card['picture'] },
  },
  { said: 'pictures by the screen', form: 'grid', card: { picture: { by: 'screen' } as Card['picture'] } },
  { said: 'slides by the screen', form: 'slider', shelf: { slideBy: 'screen' } },
  {
    said: 'facing pages, texts over',
    form: 'spread',
    text: { reach: everywhere(70) },
    card: { frame: 'framed' },
  },
];

test('cards put together in any way stand in the browser where the core says, to within a pixel', async ({
  page,
  store,
}) => {
  test.setTimeout(180_000);
  const plain = await plainCard(store);
  for (const { said, form, text, card, shelf } of PLACINGS) {
    await publishForm(store, form, {
      ...shelf,
      card: {
        ...plain,
        ...card,
        picture: { ...plain.picture, ...card?.picture },
        text: { ...plain.text, ...text },
      },
    });
    await expectPlaces(page, store, said, [375, 720, 1180, 1440]);
  }
});

test('text that is there when pointed at is come to by keyboard, and is always there by touch', async ({
  page,
  browser,
  store,
}) => {
  const plain = await plainCard(store);
  await publishForm(store, 'grid', {
    card: {
      ...plain,
      text: { ...plain.text, reach: everywhere(100), ground: 'dark', when: 'pointed', comes: 'atOnce' },
    },
  });
  const seen = (on: Page) =>
    on
      .locator(`[data-shelf="${SHELF}"] .texts`)
      .evaluateAll((all) => all.map((one) => getComputedStyle(one).opacity));
  await page.goto(store.url);
  expect(new Set(await seen(page))).toEqual(new Set(['0']));
  const card = page.locator(`[data-shelf="${SHELF}"] .card`).nth(1);
  await card.hover();
  expect((await seen(page)).indexOf('1')).toBe(1);
  await page.mouse.move(0, 0);
  await page.locator(`[data-shelf="${SHELF}"] .card a`).nth(2).focus();
  expect((await seen(page)).flatMap((one, i) => (one === '1' ? [i] : []))).toEqual([2]);
  const touch = await browser.newContext({
    hasTouch: true,
    isMobile: true,
    viewport: { width: 375, height: 720 },
  });
  const phone = await touch.newPage();
  await phone.goto(store.url);
  expect(new Set(await seen(phone))).toEqual(new Set(['1']));
  await touch.close();
});

test('a carousel is moved by keyboard, arrows and dots, and says where it is', async ({ page, store }) => {
  await publishForm(store, 'carousel', {
    visible: { phone: 1.4, laptop: 4 },
    moving: {
      ...first.moving,
      step: everywhere(4),
      arrows: everywhere(true),
      marks: everywhere('dots' as const),
    },
  });
  await page.setViewportSize({ width: 1180, height: 900 });
  await page.goto(store.url);
  const shelf = page.getByRole('group', { name: 'New from the kiln', exact: true });
  await expect(shelf).toHaveAttribute('aria-roledescription', 'carousel');
  const leading = () =>
    shelf.locator('.card').evaluateAll((cards) => {
      const edge = cards[0]!.closest('.window')!.getBoundingClientRect().left;
      return cards.findIndex((card) => card.getBoundingClientRect().left >= edge - 2);
    });
  const dots = shelf.getByRole('button', { name: /^Place/ });
  await expect(dots).toHaveCount(3);
  const next = shelf.getByRole('button', { name: 'Next of New from the kiln' });
  await next.focus();
  await page.keyboard.press('Enter');
  await expect.poll(leading).toBe(4);
  await expect(dots.nth(1)).toHaveAttribute('aria-current', 'true');
  await page.keyboard.press('ArrowRight');
  // 11 of which 4 are in sight: the last stop leaves no empty room.
  await expect.poll(leading).toBe(7);
  await expect(next).toHaveAttribute('aria-disabled', 'true');
  await page.keyboard.press('ArrowLeft');
  await dots.first().click();
  await expect.poll(leading).toBe(0);
});

test('a carousel is moved by a finger, and scrolls without script', async ({ browser, store }) => {
  await publishForm(store, 'carousel', { visible: { phone: 1.4 } });
  const touch = await browser.newContext({
    viewport: { width: 375, height: 720 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await touch.newPage();
  await page.goto(store.url);
  const window = page.locator(`[data-shelf="${SHELF}"] > .window`);
  await window.scrollIntoViewIfNeeded();
  const left = () =>
    page
      .locator(`[data-shelf="${SHELF}"] .card`)
      .first()
      .evaluate((card) => card.getBoundingClientRect().left);
  const before = await left();
  const box = (await window.boundingBox())!;
  const session = await touch.newCDPSession(page);
  const at = (x: number) => ({ touchPoints: [{ x, y: box.y + 60 }] });
  await session.send('Input.dispatchTouchEvent', { type: 'touchStart', ...at(box.x + 260) });
  for (let i = 1; i <= 10; i += 1) {
    await session.send('Input.dispatchTouchEvent', { type: 'touchMove', ...at(box.x + 260 - i * 20) });
    await page.waitForTimeout(16);
  }
  await session.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await expect.poll(left).toBeLessThan(before - 100);
  await touch.close();

  const plain = await browser.newContext({ viewport: { width: 375, height: 720 }, javaScriptEnabled: false });
  const still = await plain.newPage();
  await still.goto(store.url);
  const track = still.locator(`[data-shelf="${SHELF}"] > .window`);
  expect(await track.evaluate((one) => getComputedStyle(one).overflowX)).toBe('auto');
  expect(await track.evaluate((one) => one.scrollWidth > 3 * one.clientWidth)).toBe(true);
  await expect(still.locator(`[data-shelf="${SHELF}"] > .arrow`).first()).toBeHidden();
  await plain.close();
});

test('what moves by itself can be paused, waits under the pointer, and is still where motion is unwanted', async ({
  browser,
  store,
}) => {
  await publishForm(store, 'slider', {
    moving: {
      ...first.moving,
      play: true,
      restMs: 1000,
      moveMs: 100,
      loop: true,
      marks: everywhere('count' as const),
    },
  });
  const page = await browser.newPage({ viewport: { width: 1180, height: 900 } });
  await page.goto(store.url);
  const place = page.locator(`[data-shelf="${SHELF}"] > .marks`);
  await expect(place).toHaveText('1 of 11');
  await page.mouse.move(5, 5);
  await expect(place).toHaveText('2 of 11', { timeout: 4000 });
  await page.getByRole('button', { name: 'Pause New from the kiln' }).click();
  await page.mouse.move(5, 5);
  const stood = await place.textContent();
  await page.waitForTimeout(1600);
  await expect(place).toHaveText(stood!);
  await page.getByRole('button', { name: 'Start New from the kiln' }).click();
  await page.locator(`[data-shelf="${SHELF}"]`).hover({ position: { x: 200, y: 80 } });
  const under = await place.textContent();
  await page.waitForTimeout(1600);
  await expect(place).toHaveText(under!);
  await page.mouse.move(5, 5);
  await expect(place).not.toHaveText(under!, { timeout: 4000 });
  await page.close();

  const calm = await browser.newContext({ reducedMotion: 'reduce' });
  const still = await calm.newPage();
  await still.goto(store.url);
  await expect(still.locator(`[data-shelf="${SHELF}"] > .marks`)).toHaveText('1 of 11');
  await still.waitForTimeout(1600);
  await expect(still.locator(`[data-shelf="${SHELF}"] > .marks`)).toHaveText('1 of 11');
  await calm.close();
});

test('a list that loads on reaching its end brings a shopper back to where they were', async ({
  page,
  store,
}) => {
  await publishWith(store, {
    'shelf:shop': { paging: { by: 'onReach', words: 'Show more', link: '' } },
  });
  await page.setViewportSize({ width: 1180, height: 800 });
  await page.goto(`${store.url}/shop`);
  const cards = page.locator('[data-shelf="shop"] .card:visible');
  const size = await cards.count();
  await page.locator('[data-shelf="shop"] .pager:visible').scrollIntoViewIfNeeded();
  await expect.poll(() => cards.count()).toBeGreaterThan(size);
  // Once, in order.
  const places = () => cards.evaluateAll((all) => all.map((card) => Number(card.getAttribute('data-place'))));
  expect(await places()).toEqual((await places()).map((_, i) => i));
  // It stops by itself, so that the foot can be reached; a press goes on.
  for (let i = 0; i < 6; i += 1) {
    await page.locator('[data-shelf="shop"] .pager:visible').scrollIntoViewIfNeeded();
    await page.waitForTimeout(400);
  }
  await expect(cards).toHaveCount(4 * size);
  await page.locator('[data-shelf="shop"] .pager:visible a[rel=next]').click();
  await expect(cards).toHaveCount(5 * size);
  const chosen = cards.nth(3 * size + 2);
  await chosen.scrollIntoViewIfNeeded();
  const [id, top] = [await chosen.getAttribute('data-card'), (await chosen.boundingBox())!.y];
  await chosen.getByRole('link').first().click();
  await expect(page.locator('[data-product]')).toBeVisible();
  await page.goBack();
  const again = page.locator(`[data-shelf="shop"] .card[data-card="${id}"]`);
  await expect(again).toBeInViewport();
  await expect.poll(async () => Math.abs((await again.boundingBox())!.y - top)).toBeLessThan(40);
  expect(page.url()).toContain('shop.from=');
  // What came before is to be had too, and nothing jumps for it.
  if (await page.getByRole('link', { name: 'Show what comes before' }).isVisible()) {
    await page.getByRole('link', { name: 'Show what comes before' }).click();
    await expect.poll(async () => (await places())[0]).toBe(size);
  }
});
