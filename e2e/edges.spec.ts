import type { Page } from '@playwright/test';
import { completePlan } from '../core/plan/storedPlan.ts';
import { specimenBay, specimenStored, specimenView } from '../core/specimen/specimen.ts';
import { fetchFaces } from '../core/text/faces.ts';
import { edgeLayout } from '../core/view/edgeLayout.ts';
import { random as randomFrom, type Random } from '../demo/random.ts';
import { drawsAlone } from './alone.ts';
import { publishByHand } from './publish.ts';
import { shifted, watchShifts } from './shifts.ts';
import { expect, frameAt, openLine, saved, signIn, test } from './store.ts';

const WIDTHS = [360, 700, 1000, 1440];
const WORDS = ['Bowls', 'Vases', 'For the table', 'Tall things', 'Teaware', 'All of it'];

function anyEdgeBay(random: Random, id: string) {
  const place = {
    takes: {
      phone: random.pick(['own', 'rest', 'row']),
      laptop: random.pick(['own', 'rest', 'quarter', 'half']),
    },
    last: { phone: random.chance(0.3), laptop: false },
  };
  const items = Array.from({ length: random.whole(1, 6) }, (_, i) => ({
    id: `l${i}`,
    words: random.pick(WORDS),
    link: '/shop',
    ...(i > 0 && random.chance(0.3) && { under: true }),
  }));
  const kinds = [
    () => ({ holds: 'storeName' }),
    () => ({
      holds: 'ownLinks',
      account: id === 'e1' || id === 'e3',
      shown: { phone: random.pick(['words', 'both', 'icons']) },
    }),
    () => ({
      holds: 'menu',
      items,
      flow: { phone: random.pick(['row', 'column']) },
      folded: { phone: random.pick(['open', 'button']), laptop: 'open' },
      heading: { words: random.chance(0.3) ? 'Shop' : '' },
    }),
  ];
  const look = { above: { phone: random.pick([0, 8]) }, below: { phone: 0 } };
  return specimenBay(id, { ...random.pick(kinds)(), place, look } as never);
}

test('headers are as high as they are reckoned to be, whatever stands in them, and nothing runs over', async ({
  page,
}) => {
  await fetchFaces();
  const draw = await drawsAlone(page);
  const otherwise: string[] = [];
  let compared = 0;
  for (let seed = 1; seed <= 12; seed += 1) {
    const random = randomFrom(`edge ${seed}`);
    const bays = Array.from({ length: random.whole(1, 4) }, (_, i) => anyEdgeBay(random, `e${i}`));
    const stored = specimenStored([], [specimenBay('end', { holds: 'line' } as never)]);
    const plan = completePlan({
      ...stored,
      pages: { ...stored.pages, header: { id: 'header', kind: 'header', name: 'Header', bays } },
    });
    const view = specimenView(plan, 0);
    await draw(view);
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 900 });
      const drawn = await page.evaluate(() => ({
        heightPx: document.querySelector('.store')!.getBoundingClientRect().height,
        over: document.documentElement.scrollWidth - document.documentElement.clientWidth,
      }));
      compared += 1;
      const { heightPx } = edgeLayout(view.head!, view, width);
      if (Math.abs(heightPx - drawn.heightPx) > 6 || drawn.over > 0)
        otherwise.push(
          `header ${seed} at ${width}: ${drawn.heightPx}, reckoned ${heightPx}, ${drawn.over} px over`,
        );
    }
  }
  expect(compared).toBe(12 * WIDTHS.length);
  expect(otherwise).toEqual([]);
});

const headerOf = (page: Page) => page.locator('.store');

test('the header is arranged from the tree and by keys, stays at the top, and shoppers use it by mouse, by keys, by touch and without script', async ({
  page,
  store,
  browser,
}) => {
  await signIn(page, store, '/studio/arrange/shop');
  await page.getByRole('button', { name: 'Arrange the header' }).click();
  await expect(page).toHaveURL(/arrange\/header\?bay=page&on=shop$/);
  // The page that was seen is seen still.
  const phone = await frameAt(page, 'Phone');
  await expect(phone.locator('[data-bay=shop]')).toBeVisible();
  await page.getByRole('switch', { name: 'Stays at the top' }).first().focus();
  await page.keyboard.press('Space');
  await page.getByRole('row', { name: 'Menu' }).click();
  await openLine(page, 'Links');
  await page.getByRole('button', { name: 'Choose links one by one' }).click();
  const links = page.getByRole('grid', { name: 'Links of the menu' });
  await expect(links.getByRole('row', { name: 'Tableware' })).toBeVisible();
  // The last of the tree goes up by one place, and under the one before it.
  const last = links.getByRole('row').last();
  const name = (await last.locator('.name').textContent())!;
  await last.focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(links.getByRole('row').nth(-2)).toContainText(name);
  await page.getByRole('combobox', { name: /^Add a category/ }).fill('journal');
  await page.getByRole('option', { name: /^Journal page/ }).click();
  await expect(links.getByRole('row').last()).toContainText('Journal');
  const wide = await frameAt(page, 'Wide');
  await expect(wide.locator('.store .menu-link', { hasText: 'Journal' })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Back to Shop' }).click();
  await expect(page).toHaveURL(/arrange\/shop\?bay=page$/);
  // A bay of the header that is pressed in a frame is arranged.
  await wide.locator('[data-bay=store-name]').click();
  await expect(page).toHaveURL(/arrange\/header\?bay=store-name/);
  await publishByHand(page);

  const shopper = await browser.newContext({ baseURL: store.url, viewport: { width: 1440, height: 860 } });
  const shop = await shopper.newPage();
  await watchShifts(shop);
  await shop.goto('/');
  const tableware = headerOf(shop).locator('.menu-item', { hasText: 'Tableware' });
  await expect(tableware.getByRole('link', { name: 'Plates' })).toBeHidden();
  await tableware.hover();
  await expect(tableware.getByRole('link', { name: 'Plates' })).toBeVisible();
  await shop.keyboard.press('Escape');
  await expect(tableware.getByRole('link', { name: 'Plates' })).toBeHidden();
  await shop.mouse.move(700, 600);
  // By keys: the button opens, Escape closes and is where it was.
  const more = tableware.getByRole('button', { name: 'More of Tableware' });
  await more.focus();
  await shop.keyboard.press('Enter');
  await expect(more).toHaveAttribute('aria-expanded', 'true');
  await shop.keyboard.press('Tab');
  await expect(tableware.getByRole('link', { name: 'Plates' })).toBeFocused();
  await shop.keyboard.press('Escape');
  await expect(more).toBeFocused();
  await expect(more).toHaveAttribute('aria-expanded', 'false');
  // Another one that is entered closes it.
  await shop.keyboard.press('Enter');
  await headerOf(shop).getByRole('link', { name: 'Vases' }).focus();
  await expect(tableware.getByRole('link', { name: 'Plates' })).toBeHidden();
  await shop.mouse.wheel(0, 1_500);
  await expect.poll(() => shop.evaluate(() => scrollY)).toBeGreaterThan(900);
  await expect.poll(async () => (await headerOf(shop).boundingBox())!.y).toBe(0);
  expect(await shifted(shop)).toBe(0);
  await headerOf(shop).getByRole('link', { name: 'Journal', exact: true }).click();
  await expect(headerOf(shop).locator('.menu-link[aria-current=page]')).toHaveText('Journal');
  await shopper.close();

  const touch = await browser.newContext({
    baseURL: store.url,
    viewport: { width: 390, height: 800 },
    hasTouch: true,
  });
  const small = await touch.newPage();
  await small.goto('/');
  const fold = headerOf(small).getByRole('button', { name: 'Menu', exact: true });
  await expect(headerOf(small).getByRole('link', { name: 'Vases', exact: true })).toBeHidden();
  await fold.tap();
  await expect(headerOf(small).getByRole('link', { name: 'Vases', exact: true })).toBeVisible();
  await headerOf(small).getByRole('link', { name: 'Plates' }).tap();
  await expect(small).toHaveURL(/\/category\/plates$/);
  await touch.close();

  const without = await browser.newContext({
    baseURL: store.url,
    viewport: { width: 390, height: 800 },
    javaScriptEnabled: false,
  });
  const plain = await without.newPage();
  await plain.goto('/');
  await expect(headerOf(plain).getByRole('button', { name: 'Menu', exact: true })).toBeHidden();
  await headerOf(plain).getByRole('link', { name: 'Vases', exact: true }).click();
  await expect(plain).toHaveURL(/\/category\/vases$/);
  await without.close();
});
