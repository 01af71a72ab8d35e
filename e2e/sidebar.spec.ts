import { bandAt } from '../core/bands/bands.ts';
import { innerWidth, stepAt } from '../core/geometry/steps.ts';
import { LAYOUT_IDS } from '../core/layouts/index.ts';
import { specimenBay, specimenPlan, specimenShelf, specimenView } from '../core/specimen/specimen.ts';
import { fetchFaces } from '../core/text/faces.ts';
import { startPx } from '../core/view/rooms.ts';
import { shelvesIn } from '../core/view/shelvesIn.ts';
import { random as randomFrom, type Random } from '../demo/random.ts';
import { drawsAlone } from './alone.ts';
import { publishByHand } from './publish.ts';
import { shifted, watchShifts } from './shifts.ts';
import { expect, frameAt, openLine, saved, signIn, test } from './store.ts';

const WIDTHS = [360, 700, 960, 1440, 2000];

function anyPage(random: Random) {
  const ids = ['a', 'b', 'c', 'd'];
  const bays = ids.map((id) =>
    specimenBay(id, {
      aside: random.chance(0.5),
      heading: {
        words: random.pick(['', 'What it is about', 'All of it']),
        stands: { phone: random.pick(['above', 'beside']), laptop: random.pick(['above', 'beside']) },
        widthPx: { phone: random.pick([120, 200]) },
        shown: random.chance(0.8),
      },
      look: {
        width: random.pick(['content', 'content', 'own', 'window']),
        ownPx: random.pick([240, 600, 900]),
        margin: { phone: random.pick([0, 16]), laptop: random.pick([30, 48]) },
      },
    }),
  );
  const shelves = ids.map((id) =>
    specimenShelf(id, {
      layout: { phone: random.pick(LAYOUT_IDS), laptop: random.pick(LAYOUT_IDS) },
      columns: {
        by: random.pick(['count', 'width']),
        count: { phone: 2, laptop: random.pick([2, 3, 4]) },
        smallest: { phone: random.pick([90, 140, 220]) },
      },
      amount: { rows: { phone: 2 }, items: { phone: 5 } },
    }),
  );
  const plan = specimenPlan(shelves, bays);
  const side = {
    stands: {
      phone: random.pick(['under', 'start'] as const),
      laptop: random.pick(['start', 'end'] as const),
    },
    widthPx: { phone: random.pick([180, 260, 320]) },
    gap: { phone: random.pick([0, 24, 40]) },
  };
  const page = { ...plan.pages.home!, side, framed: random.chance(0.3) };
  return { ...plan, pages: { ...plan.pages, home: page } };
}

test('columns and headings beside their bays are as wide as they are reckoned to be, and nothing runs over', async ({
  page,
}) => {
  await fetchFaces();
  const draw = await drawsAlone(page);
  const otherwise: string[] = [];
  let [beside, headed] = [0, 0];
  for (let seed = 1; seed <= 10; seed += 1) {
    const view = specimenView(anyPage(randomFrom(`side ${seed}`)), 12);
    await draw(view);
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 900 });
      const band = bandAt(view.bands, width).id;
      const drawn = await page.evaluate(() => ({
        over: document.documentElement.scrollWidth - document.documentElement.clientWidth,
        regionPx: document.querySelector('.region')!.clientWidth,
        bays: [...document.querySelectorAll<HTMLElement>('.main [data-bay]')].map((bay) => {
          const inner = bay.querySelector<HTMLElement>('.inner')!;
          const own = getComputedStyle(inner);
          const { left, right } = inner.getBoundingClientRect();
          const start = left + parseFloat(own.paddingLeft);
          return {
            id: bay.dataset.bay,
            start,
            widthPx: right - parseFloat(own.paddingRight) - start,
            shelfPx: bay.querySelector('[data-shelf]')!.getBoundingClientRect().width,
          };
        }),
      }));
      if (drawn.over > 0) otherwise.push(`${seed} at ${width}: ${drawn.over} px over`);
      for (const bay of view.bays) {
        const seen = drawn.bays.find(({ id }) => id === bay.id)!;
        const [shelf] = shelvesIn(bay);
        const expected = {
          start: startPx(bay, view, drawn.regionPx),
          widthPx: innerWidth(bay.room, view.bands, band, drawn.regionPx),
          shelfPx: innerWidth(shelf!.room, view.bands, band, drawn.regionPx),
        };
        if (expected.shelfPx < expected.widthPx) headed += 1;
        if (view.side && ['start', 'end'].includes(view.side.stands[band]!)) beside += 1;
        for (const key of ['start', 'widthPx', 'shelfPx'] as const)
          if (Math.abs(seen[key] - expected[key]) > 0.6)
            otherwise.push(`${seed} ${bay.id} at ${width}: ${key} ${seen[key]}, reckoned ${expected[key]}`);
        expect(stepAt(shelf!.steps, drawn.regionPx).bandId).toBe(band);
      }
    }
  }
  expect(otherwise).toEqual([]);
  expect(beside).toBeGreaterThan(40);
  expect(headed).toBeGreaterThan(10);
});

test('a bay is put into the sidebar, which stands where the page settings say, with and without script', async ({
  page,
  store,
  browser,
}) => {
  await signIn(page, store, '/studio/arrange/home');
  const bays = page.getByRole('grid', { name: 'Bays of Home' });
  await bays.getByRole('row', { name: 'New from the kiln' }).click();
  await page.getByRole('button', { name: 'More for New from the kiln' }).click();
  await page.getByRole('menuitem', { name: 'Move to the sidebar' }).click();
  const wide = await frameAt(page, 'Wide');
  await expect(wide.locator('.side [data-bay=new-from-the-kiln]')).toBeVisible();
  await expect(bays.getByRole('row', { name: 'New from the kiln' })).toContainText('sidebar');
  await openLine(page, 'Visibility');
  await expect(page.getByRole('switch', { name: 'In the sidebar' })).toBeChecked();
  // On phones it is behind a button, on wide screens at the end.
  await page.getByRole('button', { name: 'Page settings' }).click();
  const stands = page.getByRole('group', { name: 'Sidebar' }).getByRole('button', { name: /Phone/ });
  await stands.click();
  await page.getByRole('option', { name: 'Behind a button' }).click();
  const phone = await frameAt(page, 'Phone');
  await expect(phone.getByRole('button', { name: 'More on this page' })).toBeVisible();
  await expect(phone.locator('.side')).toBeHidden();
  await saved(page);
  await publishByHand(page);

  const shopper = await browser.newContext({ baseURL: store.url, viewport: { width: 390, height: 800 } });
  const shop = await shopper.newPage();
  await watchShifts(shop);
  await shop.goto('/');
  const side = shop.locator('.side');
  await expect(side).toBeHidden();
  const button = shop.getByRole('button', { name: 'More on this page' });
  expect(await shifted(shop)).toBe(0);
  await button.focus();
  await shop.keyboard.press('Enter');
  await expect(side.getByRole('heading', { name: 'New from the kiln' })).toBeVisible();
  await expect(button).toHaveAttribute('aria-expanded', 'true');
  await shop.keyboard.press('Tab');
  await expect(side.locator(':focus')).toHaveCount(1);
  await button.click();
  await expect(side).toBeHidden();
  await shop.setViewportSize({ width: 1440, height: 800 });
  await expect(button).toBeHidden();
  const [aside, rest] = await Promise.all([
    side.boundingBox(),
    shop.locator('.columns > .bays').boundingBox(),
  ]);
  expect(aside!.x + aside!.width).toBeLessThan(rest!.x);
  await shopper.close();

  const plain = await browser.newContext({
    baseURL: store.url,
    viewport: { width: 390, height: 800 },
    javaScriptEnabled: false,
  });
  const still = await plain.newPage();
  await still.goto('/');
  await expect(still.locator('.side')).toBeVisible();
  await expect(still.getByRole('button', { name: 'More on this page' })).toBeHidden();
  await plain.close();

  // Out of it again, by the switch, and all is as before.
  await page.keyboard.press('Escape');
  await bays.getByRole('row', { name: 'New from the kiln' }).click();
  await openLine(page, 'Visibility');
  await page.getByRole('switch', { name: 'In the sidebar' }).focus();
  await page.keyboard.press('Space');
  await expect(wide.locator('.side')).toHaveCount(0);
  await expect(wide.locator('.main > [data-bay=new-from-the-kiln]')).toBeVisible();
});
