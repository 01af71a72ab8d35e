import type { Page } from '@playwright/test';
import { bandAt, nominalOf } from '../core/bands/bands.ts';
import { PRODUCT_FACTS } from '../core/catalogue/facts.ts';
import { firstBands } from '../core/plan/firstBands.ts';
import { LAYOUT_IDS, type LayoutId } from '../core/layouts/index.ts';
import { partKind } from '../core/card/parts/index.ts';
import { widthOf } from '../core/card/text.ts';
import { ZONE_CHIP_PX } from '../core/card/zones.ts';
import { LABEL_TEXT } from '../core/label/labelKind.ts';
import { readPlan } from '../core/plan/reading.ts';
import type { StoredShelf } from '../core/plan/shelf.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import { shelfMeasure } from '../core/view/shelfMeasure.ts';
import { shelvesOn } from '../core/view/shelvesIn.ts';
import { viewWith } from '../core/view/driveView.ts';
import type { Item } from '../core/card/item.ts';
import type { ProductFacts } from '../core/catalogue/facts.ts';
import { categoryTree } from '../core/catalogue/categoryTree.ts';
import { readProducts } from '../server/catalogue/productRows.ts';
import { waitsForTypefaces } from './alone.ts';
import { publishWith } from './publish.ts';
import { expect, test, type Store } from './store.ts';
import { cardWith, everywhere, publishLayout, SHELF, type CardSettings } from './publishLayout.ts';

type Text = NonNullable<CardSettings['text']>;

interface Measured {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Where the cards stand in the browser, from the upper corner at which reading begins; what moves is at its start. */
const measured = (page: Page): Promise<Measured[]> =>
  page.locator(`[data-shelf="${SHELF}"]`).evaluate((shelf) => {
    const window = shelf.querySelector('.window,.sheet')!;
    const frame = window.getBoundingClientRect();
    const rtl = getComputedStyle(shelf).direction === 'rtl';
    return [...window.querySelectorAll('[data-card]')]
      .map((card) => card.getBoundingClientRect())
      .filter(({ height }) => height > 0)
      .map(({ left, right, top, width, height }) => ({
        x: rtl ? frame.right - right : left - frame.left,
        y: top - frame.top,
        width,
        height,
      }));
  });

const WIDTHS = [320, 480, 559, 560, 720, 879, 880, 1239, 1920];

/** The view that the page was drawn from, made here from the live release and the products it shows. */
async function viewOf(store: Store, ids: readonly number[]) {
  const { rows } = await store.pool.query(
    'SELECT plan FROM release JOIN live ON live.release_number = release.number',
  );
  const plan = completePlan(readPlan(rows[0].plan).plan);
  const products = await readProducts(store.pool, [...ids], PRODUCT_FACTS);
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
      address: { path: '/', from: {}, open: {} },
      about: {},
    },
    () => answer,
  );
}

test.beforeEach(({ page }) => waitsForTypefaces(page));

/** The published shelf stands, at every one of these widths, where the core says, to within a pixel. */
async function expectPlaces(
  page: Page,
  store: Store,
  said: string,
  widths: readonly number[],
): Promise<void> {
  await page.goto(store.url);
  await page.evaluate(() => document.fonts.ready);
  for (const width of widths) {
    // Heights by the screen are reckoned with the nominal screen of the band.
    const { height } = nominalOf(firstBands, bandAt(firstBands, width));
    await page.setViewportSize({ width, height });
    const ids = await page
      .locator(`[data-shelf="${SHELF}"] [data-card]:visible`)
      .evaluateAll((cards) => cards.map((card) => Number(card.getAttribute('data-card'))));
    expect(ids).toHaveLength(11);
    const view = await viewOf(store, ids);
    const [drawn] = shelvesOn(view);
    const regionPx = await page.locator('.region').evaluate((region) => region.clientWidth);
    const { boxes } = shelfMeasure(drawn!.shelf, view.bands, regionPx);
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

for (const layout of LAYOUT_IDS)
  test(`a ${layout} stands in the browser where the core says, to within a pixel`, async ({
    page,
    store,
  }) => {
    for (const [direction, widths] of [
      ['ltr', WIDTHS],
      // What is mirrored is so at every width alike.
      ['rtl', [375, 1440]],
    ] as const) {
      await publishLayout(store, layout, { direction });
      await expectPlaces(page, store, `the ${layout}, ${direction}`, widths);
    }
  });

/** Texts at each side of the picture, over it, in a frame; heights by px and by the screen. */
const PLACINGS: {
  said: string;
  layout: LayoutId;
  text?: Partial<Text>;
  card?: CardSettings;
  shelf?: Partial<StoredShelf>;
}[] = [
  { said: 'texts above', layout: 'grid', text: { side: everywhere('above') } },
  { said: 'texts before', layout: 'grid', text: { side: everywhere('before') } },
  {
    said: 'texts after, over a part',
    layout: 'grid',
    text: { side: everywhere('after'), share: everywhere(35), reach: everywhere(40) },
  },
  {
    said: 'texts over a half, framed',
    layout: 'carousel',
    text: { reach: everywhere(50) },
    card: { frame: 'framed', inside: everywhere(14) },
  },
  {
    said: 'texts over all of it, from above',
    layout: 'carousel',
    text: { side: everywhere('above'), reach: everywhere(100), background: 'dark', when: 'hover' },
  },
  {
    said: 'a list read from its texts',
    layout: 'list',
    text: { side: everywhere('before') },
    card: { frame: 'shadowed' },
  },
  {
    said: 'masonry with texts before',
    layout: 'masonry',
    text: { side: everywhere('before'), reach: everywhere(30) },
  },
  {
    said: 'pictures by px, texts over them',
    layout: 'grid',
    text: { reach: everywhere(30) },
    card: { parts: { picture: { by: 'height' } } },
  },
  { said: 'pictures by the screen', layout: 'grid', card: { parts: { picture: { by: 'screen' } } } },
  { said: 'slides by the screen', layout: 'slider', shelf: { layoutOwn: { slider: { by: 'screen' } } } },
  {
    said: 'facing pages, texts over',
    layout: 'spread',
    text: { reach: everywhere(70) },
    card: { frame: 'framed' },
  },
];

test('cards put together in any way stand in the browser where the core says, to within a pixel', async ({
  page,
  store,
}) => {
  // Labels over the pictures take their room on every card, whether or not it has one.
  await publishWith(store, {
    house: { labels: { list: [{ id: 'sale', kind: 'sale', at: 'aboveStart', apartPx: 4 }] } },
  });
  for (const { said, layout, text, card, shelf } of PLACINGS) {
    await publishLayout(store, layout, {
      ...shelf,
      card: cardWith({ ...card, ...(text && { text }) }),
    });
    await expectPlaces(page, store, said, [375, 720, 1440]);
  }
});

const shown = { shown: everywhere(true) };

/** Whole titles and prices, which take as many lines as their words need, on lines and in zones. */
const WORDS: { said: string; layout: LayoutId; card: CardSettings }[] = [
  {
    said: 'titles of up to three lines over their prices',
    layout: 'grid',
    card: { parts: { title: { lines: 3 }, price: shown, brand: shown } },
  },
  {
    said: 'price on the line of the title',
    layout: 'grid',
    card: { parts: { title: { lines: 4 }, price: { ...shown, row: everywhere('shared') } } },
  },
  {
    said: 'price on the line of the title from the laptop on',
    layout: 'masonry',
    card: {
      parts: {
        title: { lines: 2 },
        price: { ...shown, row: { phone: 'own', laptop: 'shared' } },
        rating: { ...shown, row: everywhere('shared') },
      },
    },
  },
  {
    said: 'brand in a corner, rating in a bar on hover, price in another place at each width',
    layout: 'carousel',
    card: {
      parts: {
        title: { lines: 2 },
        brand: { ...shown, zone: everywhere('upperEnd') },
        rating: { ...shown, zone: everywhere('foot'), when: 'hover' },
        price: { ...shown, zone: { phone: 'text', tablet: 'lowerEnd', laptop: 'text' } },
      },
    },
  },
  {
    said: 'a list with its price beside the title, before the picture',
    layout: 'list',
    card: {
      order: ['title', 'price', 'picture', 'brand', 'description', 'rating', 'count'],
      parts: { title: { lines: 3 }, price: { ...shown, row: everywhere('shared') }, brand: shown },
    },
  },
];

test('words of cards take the lines that the core measures, on lines they share and in zones of the picture', async ({
  page,
  store,
}) => {
  for (const { said, layout, card } of WORDS) {
    await publishLayout(store, layout, { card: cardWith(card) });
    await expectPlaces(page, store, said, [320, 720, 1440]);
  }
});

test('a part in a corner is there once at each width, and one on hover comes by pointer, keyboard and touch', async ({
  page,
  browser,
  store,
}) => {
  await publishLayout(store, 'grid', {
    card: cardWith({
      parts: {
        brand: { ...shown, zone: { phone: 'upperEnd', laptop: 'text' } },
        price: { ...shown, zone: everywhere('foot'), when: 'hover' },
      },
    }),
  });
  await page.goto(store.url);
  await page.evaluate(() => document.fonts.ready);
  const card = page.locator(`[data-shelf="${SHELF}"] .card`).first();
  for (const [width, where] of [
    [375, '.zone-upperEnd'],
    [800, '.zone-upperEnd'],
    [1180, '.texts'],
  ] as const) {
    await page.setViewportSize({ width, height: 800 });
    await expect(card.locator('.part-brand:visible')).toHaveCount(1);
    await expect(card.locator(`${where} .part-brand`)).toBeVisible();
    const { x, y, width: wide } = (await card.locator('.part-picture').boundingBox())!;
    const brand = (await card.locator('.part-brand:visible').boundingBox())!;
    if (where !== '.texts') {
      expect(Math.abs(x + wide - brand.x - brand.width - 10)).toBeLessThan(1.5);
      expect(Math.abs(brand.y - y - 10)).toBeLessThan(1.5);
    } else expect(brand.y).toBeGreaterThan(y + wide / 2);
  }
  // As wide as the core reckons, which is how it finds what comes over what.
  const onPage = page.locator(`[data-shelf="${SHELF}"] .card:visible`);
  const ids = await onPage.evaluateAll((all) => all.map((one) => Number(one.getAttribute('data-card'))));
  await page.setViewportSize({ width: 1440, height: 800 });
  const [drawn] = shelvesOn(await viewOf(store, ids));
  const pictures = drawn!.shelf.cards.map(({ parts }) => parts.find((one) => 'labels' in one)!);
  const labels = pictures.flatMap((one) => ('labels' in one ? one.labels : []));
  expect(labels.length).toBeGreaterThan(1);
  const widths = await page
    .locator(`[data-shelf="${SHELF}"] .label`)
    .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().width));
  labels.forEach(({ text }, i) =>
    expect(Math.abs(widths[i]! - widthOf(text, LABEL_TEXT) - 2 * LABEL_TEXT.box.endsPx), text).toBeLessThan(
      1,
    ),
  );
  await page.setViewportSize({ width: 800, height: 800 });
  const brands = await page
    .locator(`[data-shelf="${SHELF}"] .zone .part-brand`)
    .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().width));
  const brandViews = drawn!.shelf.cards.map(({ parts }) => parts.find(({ part }) => part === 'brand')!);
  const brand = partKind('brand')!;
  brandViews.forEach((view, i) =>
    expect(Math.abs(brands[i]! - brand.widthPx!(view, brand.text!) - 2 * ZONE_CHIP_PX)).toBeLessThan(1),
  );
  const seen = (on: Page) =>
    on
      .locator(`[data-shelf="${SHELF}"] .card .part-price`)
      .evaluateAll((all) => all.map((one) => getComputedStyle(one).opacity));
  await expect.poll(async () => new Set(await seen(page))).toEqual(new Set(['0']));
  await card.hover();
  await expect.poll(async () => (await seen(page))[0]).toBe('1');
  await page.mouse.move(0, 0);
  await page.locator(`[data-shelf="${SHELF}"] .card a`).nth(2).focus();
  await expect.poll(async () => (await seen(page)).map(Number)).toEqual(expect.arrayContaining([1]));
  await expect.poll(async () => (await seen(page)).indexOf('1')).toBe(2);
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

test('text that is there when pointed at is come to by keyboard, and is always there by touch', async ({
  page,
  browser,
  store,
}) => {
  await publishLayout(store, 'grid', {
    card: cardWith({ text: { reach: everywhere(100), background: 'dark', when: 'hover', comes: 'atOnce' } }),
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
