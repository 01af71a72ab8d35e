import type { Page } from '@playwright/test';
import { firstBands } from '../core/plan/firstBands.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import { specimenBay, specimenShelf, specimenStored, specimenView } from '../core/specimen/specimen.ts';
import { fetchFaces } from '../core/text/faces.ts';
import { bayHeight } from '../core/view/bayHeight.ts';
import { random as randomFrom } from '../demo/random.ts';
import { drawsAlone } from './alone.ts';
import { publishByHand, publishWith } from './publish.ts';
import { pickColour } from './style.ts';
import { quiet } from './quiet.ts';
import { shifted, watchShifts } from './shifts.ts';
import {
  addEmptyBay,
  allIssues,
  expect,
  frameAt,
  openLine,
  saved,
  signIn,
  test,
  type Store,
} from './store.ts';

const BAY = 'what-people-buy';
const heading = { words: 'What people are buying', align: 'center' };
/** The tabs of the demo store, which stand under every journal entry, at the head of the home page. */
const tabs = [
  { id: 'reduced', name: 'Reduced', shelfId: 'buying-reduced' },
  { id: 'new', name: 'New', shelfId: 'buying-new' },
  { id: 'best-sold', name: 'Best sold', shelfId: 'buying-best-sold' },
  { id: 'teaware', name: 'Teaware', shelfId: 'buying-teaware' },
];

async function publishTabs(store: Store, more: object = {}): Promise<void> {
  const { rows } = await store.pool.query<{ body: { bays: object[] } }>(
    `SELECT body FROM draft_document WHERE key = 'page:home'`,
  );
  const bay = { id: BAY, holds: 'tabs', heading, tabs, ...more };
  await publishWith(store, { 'page:home': { bays: [bay, ...rows[0]!.body.bays.slice(2, 4)] as never } });
}

const bayOn = (page: Page) => page.locator(`[data-bay="${BAY}"]`);
const shownIds = (page: Page) =>
  bayOn(page)
    .locator('.card:visible')
    .evaluateAll((cards) => cards.map((card) => card.getAttribute('data-card')));
/** The script of tabs is fetched after the page. */
const tabList = async (page: Page) => {
  const list = bayOn(page).getByRole('tablist');
  await expect(list).toBeVisible();
  return list;
};

test('tabs are as high as they are reckoned to be, each with the highest, at every width', async ({
  page,
}) => {
  await fetchFaces();
  const draw = await drawsAlone(page);
  const otherwise: string[] = [];
  let compared = 0;
  for (let seed = 1; seed <= 5; seed += 1) {
    const random = randomFrom(`tabs ${seed}`);
    const height = random.pick(['kept', 'kept', 'eased']);
    const count = random.whole(1, 6);
    const by = <T>(...values: T[]) => ({ phone: random.pick(values), laptop: random.pick(values) });
    const shelves = Array.from({ length: count }, (_, i) =>
      specimenShelf(`s${i}`, {
        name: random.pick(['New', 'Best sold of the year', 'Everything for tea']),
        assortment: { of: 'products', limit: random.whole(1, 14) },
        amount: { by: 'items', items: { phone: random.whole(2, 14) } },
        ...(i > 0 && random.chance(0.6) && { like: 's0' }),
      }),
    );
    const bay = specimenBay('t', {
      holds: 'tabs',
      heading: random.chance(0.5) ? { words: 'What people are buying' } : undefined,
      tabs: shelves.map(({ id }, i) => ({ id: `t${i}`, shelfId: id })),
      long: by('runs', 'wraps'),
      between: by(0, 16, 60),
      align: by('start', 'center', 'end'),
      marker: random.pick(['under', 'over', 'dot', 'none']),
      height,
    } as never);
    const plan = completePlan(specimenStored(shelves, [bay]));
    const heights = new Map<number, number[]>();
    for (let open = 0; open < Math.min(count, 3); open += 1) {
      const view = specimenView(plan, 64, { address: { path: '/', from: {}, open: { t: `t${open}` } } });
      await draw(view);
      for (const width of [345, 470, 700, 1000, 1440, 1900]) {
        await page.setViewportSize({ width, height: 900 });
        const drawn = await page.locator('[data-bay=t]').evaluate((one) => ({
          px: one.getBoundingClientRect().height,
          over: one.scrollWidth - one.clientWidth,
        }));
        compared += 1;
        heights.set(width, [...(heights.get(width) ?? []), drawn.px]);
        const reckoned = bayHeight(view.bays[0]!, firstBands, width);
        if (Math.abs(reckoned - drawn.px) > 4 || drawn.over > 0)
          otherwise.push(
            `tab ${open} of ${seed} (${height}) at ${width}: ${drawn.px}, reckoned ${reckoned}, ${drawn.over} over`,
          );
      }
    }
    if (height === 'kept')
      for (const [width, all] of heights)
        if (Math.max(...all) - Math.min(...all) > 3) otherwise.push(`${seed} at ${width}: ${all.join()}`);
  }
  expect(compared).toBeGreaterThan(60);
  expect(otherwise).toEqual([]);
});

test('a tab opens where it is: what stands below stays, its pictures alone are fetched, its address is its own', async ({
  browser,
  store,
}) => {
  await publishTabs(store);
  const context = await browser.newContext({ viewport: { width: 1280, height: 900 } });
  const page = await context.newPage();
  const pictures = new Set<string>();
  page.on('request', (request) => {
    if (request.resourceType() === 'image') pictures.add(new URL(request.url()).pathname);
  });
  await watchShifts(page);
  await page.goto(store.url);
  await tabList(page);
  await expect(bayOn(page).getByRole('tab', { name: 'Reduced' })).toHaveAttribute('aria-selected', 'true');
  const first = await shownIds(page);
  const below = page.locator('[data-bay]').nth(1);
  const topOf = () => below.evaluate((one) => one.getBoundingClientRect().top);
  const before = await topOf();
  await quiet(page);
  const fetched = new Set(pictures);

  // Pointing at one fetches what it shows, but none of its pictures.
  const soon = page.waitForResponse((answer) => answer.url().includes(`${BAY}.shows=teaware`));
  await bayOn(page).getByRole('tab', { name: 'Teaware' }).hover();
  await soon;
  await page.waitForTimeout(300);
  expect([...pictures]).toEqual([...fetched]);
  await bayOn(page).getByRole('tab', { name: 'Teaware' }).click();
  await expect(page).toHaveURL(`${store.url}/?${BAY}.shows=teaware`);
  const panel = bayOn(page).getByRole('tabpanel', { name: 'Teaware' });
  await expect(panel).toBeVisible();
  await expect(bayOn(page).getByRole('tabpanel')).toHaveCount(1);
  const teaware = await shownIds(page);
  expect(teaware).not.toEqual(first);
  expect(await topOf()).toBeCloseTo(before, 0);
  expect(await shifted(page)).toBeLessThan(0.005);
  await expect.poll(() => pictures.size).toBeGreaterThan(fetched.size);

  // Back to the first: it is there still, and nothing is fetched.
  const asked: string[] = [];
  page.on('request', (request) => asked.push(request.resourceType()));
  await bayOn(page).getByRole('tab', { name: 'Reduced' }).click();
  await expect(page).toHaveURL(`${store.url}/`);
  expect(await shownIds(page)).toEqual(first);
  expect(asked.filter((kind) => kind === 'fetch')).toEqual([]);

  // Whoever is sent the address of a tab has it open; for search engines it is the page itself.
  await page.goto(`${store.url}/?${BAY}.shows=teaware`);
  await expect(bayOn(page).getByRole('tab', { name: 'Teaware' })).toHaveAttribute('aria-selected', 'true');
  expect(await shownIds(page)).toEqual(teaware);
  await expect(page.locator('link[rel=canonical]')).toHaveAttribute('href', /^https?:\/\/[^/]+\/$/);
  // Leaving by a card and coming back comes to the same tab.
  await bayOn(page).getByRole('tab', { name: 'Best sold' }).click();
  await expect(page).toHaveURL(/shows=best-sold/);
  await bayOn(page).getByRole('tabpanel').getByRole('link').first().click();
  await expect(page).toHaveURL(/\/product\//);
  await page.goBack();
  await expect(bayOn(page).getByRole('tab', { name: 'Best sold' })).toHaveAttribute('aria-selected', 'true');
  await context.close();
});

test('tabs are gone through by keys, and by finger where they run off', async ({ browser, store }) => {
  await publishTabs(store);
  const desk = await browser.newContext({ viewport: { width: 1280, height: 900 } });
  const page = await desk.newPage();
  await page.goto(store.url);
  const list = await tabList(page);
  await expect(list).toHaveAccessibleName('What people are buying');
  await bayOn(page).getByRole('tab', { name: 'Reduced' }).focus();
  await page.keyboard.press('ArrowLeft');
  // Round to the last; it has the focus, and is not open yet.
  const last = bayOn(page).getByRole('tab', { name: 'Teaware' });
  await expect(last).toBeFocused();
  await expect(last).toHaveAttribute('aria-selected', 'false');
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  const opened = bayOn(page).getByRole('tab', { name: 'New' });
  await expect(opened).toHaveAttribute('aria-selected', 'true');
  await expect(opened).toBeFocused();
  // The next stop is what it shows, not the other tabs.
  await page.keyboard.press('Tab');
  await expect(bayOn(page).getByRole('tabpanel', { name: 'New' }).getByRole('link').first()).toBeFocused();
  await desk.close();

  const long = tabs.map((tab) => ({ ...tab, name: `${tab.name} from the workshop` }));
  await publishTabs(store, { tabs: long });
  const touch = await browser.newContext({
    viewport: { width: 390, height: 800 },
    hasTouch: true,
    isMobile: true,
  });
  const phone = await touch.newPage();
  await phone.goto(store.url);
  const strip = await tabList(phone);
  const scrolled = () => strip.evaluate((one) => one.scrollLeft);
  expect(await strip.evaluate((one) => one.scrollWidth > one.clientWidth)).toBe(true);
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
  await strip.evaluate((one) => one.scrollTo({ left: one.scrollWidth }));
  await bayOn(phone).getByRole('tab', { name: 'Teaware from the workshop' }).tap();
  await expect(bayOn(phone).getByRole('tabpanel', { name: /^Teaware/ })).toBeVisible();
  // It is in sight once it is come back to by its address, too.
  await phone.reload();
  await tabList(phone);
  await expect.poll(scrolled).toBeGreaterThan(50);
  await touch.close();
});

test('tabs are links without script, and where a tab cannot be fetched', async ({ browser, store }) => {
  await publishTabs(store);
  const plain = await browser.newContext({ javaScriptEnabled: false, viewport: { width: 390, height: 800 } });
  const bare = await plain.newPage();
  await bare.goto(store.url);
  const links = bare.getByRole('navigation', { name: 'What people are buying' }).getByRole('link');
  await expect(links).toHaveText(['Reduced', 'New', 'Best sold', 'Teaware']);
  await expect(links.first()).toHaveAttribute('aria-current', 'true');
  const first = await shownIds(bare);
  await links.nth(3).click();
  await expect(bare).toHaveURL(`${store.url}/?${BAY}.shows=teaware#bay-${BAY}`);
  await expect(links.nth(3)).toHaveAttribute('aria-current', 'true');
  expect(await shownIds(bare)).not.toEqual(first);
  await plain.close();

  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(store.url);
  await tabList(page);
  await page.route(`**/?${BAY}.shows=new`, (route) =>
    route.request().resourceType() === 'fetch' ? route.abort() : route.continue(),
  );
  await bayOn(page).getByRole('tab', { name: 'New' }).click();
  await expect(page).toHaveURL(`${store.url}/?${BAY}.shows=new#bay-${BAY}`);
  await expect(bayOn(page).getByRole('tab', { name: 'New' })).toHaveAttribute('aria-selected', 'true');
  await context.close();
});

test('an owner makes tabs: names them, copies one and changes what it shows, mends a colour, and publishes', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/home?bay=banner');
  await addEmptyBay(page, 'Tabs');
  await page.keyboard.type('What people are buying');
  const spec = page.getByRole('region', { name: 'Spec' });
  await expect(spec).toContainText('2 tabs: New and Bestselling');
  await openLine(page, 'Tabs');
  const rows = page.getByRole('grid', { name: 'Tabs of the bay' }).getByRole('row');
  await expect(rows).toHaveCount(2);
  await rows.nth(1).click();
  await expect(spec.getByRole('heading', { level: 3 })).toHaveText('Bestselling');
  const phone = await frameAt(page, 'Phone');
  await expect(phone.locator('.tab[aria-current]')).toHaveText('Bestselling');

  // A copy, which shows something else.
  await page.getByRole('button', { name: 'Copy this tab' }).click();
  await expect(rows).toHaveCount(3);
  await expect(spec.getByRole('heading', { level: 3 })).toHaveText('Bestselling');
  await expect(spec).toContainText('Tab 3 of 3');
  await expect(await allIssues(page)).toContainText(
    'The tab "Bestselling" shows the same as the tab "Bestselling"',
  );
  await page.keyboard.press('Escape');
  await page
    .getByRole('region', { name: /^Settings of/ })
    .getByRole('textbox', { name: 'Name' })
    .fill('Reduced');
  await openLine(page, 'Shows');
  await page.getByRole('combobox', { name: 'Add to the rule' }).fill('reduced');
  await page
    .getByRole('option', { name: /reduced/i })
    .first()
    .click();
  await expect(await allIssues(page)).not.toContainText('shows the same as');
  await page.keyboard.press('Escape');
  await expect(phone.locator('.tab')).toHaveText(['New', 'Bestselling', 'Reduced']);

  // One layout for all of them: what is set for one is set for all.
  await openLine(page, 'Tabs');
  await rows.nth(2).focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect(phone.locator('.tab')).toHaveText(['New', 'Reduced', 'Bestselling']);
  await phone.locator('.tab', { hasText: 'New' }).click();
  await expect(spec.getByRole('heading', { level: 3 })).toHaveText('New');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(phone.locator('.tab')).toHaveText(['New', 'Bestselling', 'Reduced']);
  await page.getByRole('button', { name: 'Redo' }).click();
  await saved(page);

  // A colour on which nothing can be read is found, and mended by its offer.
  const { rows: documents } = await store.pool.query<{ body: { bays: { holds: string; id: string }[] } }>(
    `SELECT body FROM draft_document WHERE key = 'page:home'`,
  );
  const made = documents[0]!.body.bays.find(({ holds }) => holds === 'tabs')!;
  await page.goto(`${store.url}/studio/arrange/home?bay=${made.id}`);
  await openLine(page, 'Look');
  await page.getByRole('button', { name: 'Strip of tabs', exact: true }).click();
  await pickColour(
    page,
    page.getByRole('region', { name: 'Look of Strip of tabs' }),
    'Background',
    '#1f2a44',
  );
  const low = /Low contrast: tabs, .*needs 4.5:1/;
  await expect(await allIssues(page)).toContainText(low);
  const issue = page.getByRole('list', { name: 'Issues' }).getByRole('listitem').filter({ hasText: low });
  await issue.getByRole('button', { name: /^Use #/ }).click();
  await expect(page.getByText(low)).toHaveCount(0);
  await expect(async () => {
    await page.keyboard.press('Escape');
    await expect(page.getByRole('list', { name: 'Issues' })).toBeHidden();
  }).toPass();
  await publishByHand(page);

  for (const width of [390, 1440]) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(store.url);
    const bay = page.locator(`[data-bay="${made.id}"]`);
    await expect(bay.getByRole('tab')).toHaveText(['New', 'Reduced', 'Bestselling']);
    await bay.getByRole('tab', { name: 'Reduced' }).click();
    await expect(bay.getByRole('tabpanel', { name: 'Reduced' }).locator('.label').first()).toContainText(
      '% off',
    );
  }
});
