import type { FrameLocator, Page } from '@playwright/test';
import { publishByHand, publishWith } from './publish.ts';
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

/** The title of the banner that stands in the window of its bay. */
const inSight = (within: Page | FrameLocator) =>
  within.locator('.banners > .window').evaluate((window) => {
    const { left, width } = window.getBoundingClientRect();
    const middle = left + width / 2;
    const seen = [...window.querySelectorAll('.banner')].find((one) => {
      const box = one.getBoundingClientRect();
      return box.left <= middle && middle < box.right;
    });
    return seen?.querySelector('h1,h2')?.textContent ?? null;
  });

/** Publishes a home page of three banners that move so, and what stands below them. */
const publishBanners = (store: Store, moving: object, below: object[] = []) =>
  publishWith(store, {
    'page:home': { bays: [{ id: 'turns', holds: 'banners', banners: three, moving }, ...below] } as never,
  });

const three = ['Out of the kiln', 'Reduced', 'Made slowly'].map((title, i) => ({
  id: `b${i}`,
  title,
  button: 'See more',
  link: '/shop',
}));

test('banners by turns are made, each seen in the frames while it is written, made legible by the offer, and published', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/home?bay=notice');
  await addEmptyBay(page, 'Banners by turns');
  // What it begins with is there to be set at once.
  const list = page.getByRole('grid', { name: 'Banners of the bay' });
  await expect(list).toBeVisible();
  const tablet = await frameAt(page, 'Tablet');
  await expect.poll(() => inSight(tablet)).toBe('A few words over a picture');
  const second = list.getByRole('row', { name: /^And a few over another/ });
  await second.click();
  await expect.poll(() => inSight(tablet)).toBe('And a few over another');
  const title = page.getByRole('textbox', { name: 'Title', exact: true });
  await title.fill('Reduced until Sunday');
  const box = page.getByRole('region', { name: /^Settings of/ });
  await box
    .getByRole('option', { name: /^Amber dinner plate/ })
    .first()
    .click();
  await expect(tablet.locator('.banners img')).toHaveCount(1);
  // What is written stays in sight, though the bay is drawn anew with every letter.
  await expect.poll(() => inSight(tablet)).toBe('Reduced until Sunday');
  await page.getByRole('button', { name: 'Add a banner' }).click();
  await title.fill('Made slowly');
  await expect.poll(() => inSight(tablet)).toBe('Made slowly');
  // By keys to the first place, where it carries the heading of the page.
  const third = list.getByRole('row', { name: /^Made slowly/ });
  await third.focus();
  await page.keyboard.press('Alt+ArrowUp');
  await page.keyboard.press('Alt+ArrowUp');
  await expect(tablet.locator('.banners h1')).toHaveText('Made slowly');

  await openLine(page, 'Motion');
  await page.getByRole('switch', { name: 'Play automatically' }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Motion done' }).click();
  await expect(page.getByRole('button', { name: 'plays automatically' })).toBeVisible();

  // Dark words on a dark plate: found on the one that has it, and mended.
  const issues = await allIssues(page);
  const one = issues.getByRole('listitem').filter({ hasText: /Text over 1 picture is hard to read/ });
  await one.getByRole('button', { name: /^Draw a light overlay of \d+%$/ }).click();
  await expect(one).toHaveCount(0);
  await page.keyboard.press('Escape');
  await saved(page);
  await publishByHand(page);

  for (const width of [390, 768, 1440]) {
    await page.setViewportSize({ width, height: 900 });
    await page.goto(store.url);
    await quiet(page);
    expect(await inSight(page)).toBe('Made slowly');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(width);
    const tall = await page
      .locator('.banner-row .banner')
      .evaluateAll((all) => new Set(all.map((each) => Math.round(each.getBoundingClientRect().height))).size);
    expect(tall).toBe(1);
  }
});

test('banners are moved by arrows, keys and marks, go round, and nothing around them moves', async ({
  page,
  store,
}) => {
  await publishBanners(store, { loop: true, arrows: { phone: true }, marks: { phone: 'dots' }, moveMs: 0 }, [
    { id: 'below', holds: 'jump', words: 'Up again', target: 'turns' },
  ]);
  await page.setViewportSize({ width: 1000, height: 900 });
  await watchShifts(page);
  await page.goto(store.url);
  const bay = page.getByRole('group', { name: 'Out of the kiln', exact: true });
  await expect(bay).toHaveAttribute('aria-roledescription', 'carousel');
  const next = bay.getByRole('button', { name: 'Next of Out of the kiln' });
  await next.focus();
  await page.keyboard.press('Enter');
  await expect.poll(() => inSight(page)).toBe('Reduced');
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => inSight(page)).toBe('Made slowly');
  // From the last one on to the first.
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => inSight(page)).toBe('Out of the kiln');
  const dots = bay.getByRole('button', { name: /^Position/ });
  await expect(dots).toHaveCount(3);
  await dots.nth(2).click();
  await expect.poll(() => inSight(page)).toBe('Made slowly');
  await expect(dots.nth(2)).toHaveAttribute('aria-current', 'true');
  // Neither arrow lies on words or on a button.
  const lying = await bay.evaluate((one) => {
    const boxes = (selector: string) =>
      [...one.querySelectorAll(selector)].map((each) => each.getBoundingClientRect());
    return boxes(':scope > .arrow').some((arrow) =>
      boxes('h1,h2,.button').some(
        (box) =>
          box.left < arrow.right &&
          arrow.left < box.right &&
          box.top < arrow.bottom &&
          arrow.top < box.bottom,
      ),
    );
  });
  expect(lying).toBe(false);
  expect(await shifted(page)).toBe(0);
  await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
});

test('banners that play wait while they are paused, come back to where they were left, and scroll without script', async ({
  page,
  store,
  browser,
}) => {
  await publishBanners(store, { play: true, restMs: 1_000, moveMs: 0, loop: true });
  await page.clock.install({ time: 0 });
  await page.clock.pauseAt(1_000);
  await page.goto(store.url);
  await page.mouse.move(5, 5);
  await page.clock.runFor(1_100);
  await expect.poll(() => inSight(page)).toBe('Reduced');
  await page.getByRole('button', { name: 'Pause Out of the kiln' }).click();
  await page.mouse.move(5, 5);
  await page.clock.runFor(5_000);
  expect(await inSight(page)).toBe('Reduced');
  await page.reload();
  await expect.poll(() => inSight(page)).toBe('Reduced');

  const plain = await browser.newContext({ viewport: { width: 390, height: 800 }, javaScriptEnabled: false });
  const still = await plain.newPage();
  await still.goto(store.url);
  const track = await still
    .locator('.banners > .window')
    .evaluate((one) => [getComputedStyle(one).overflowX, one.scrollWidth === 3 * one.clientWidth]);
  expect(track).toEqual(['auto', true]);
  await expect(still.locator('.banners > :is(.arrow,.pause)').first()).toBeHidden();
  await plain.close();
});
