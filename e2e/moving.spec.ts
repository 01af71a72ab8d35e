import type { BrowserContextOptions } from '@playwright/test';
import sharp from 'sharp';
import { publishWith } from './publish.ts';
import { everywhere, publishLayout, SHELF } from './publishLayout.ts';
import { expect, test } from './store.ts';

test('a carousel is moved by keyboard, arrows and dots, and says where it is', async ({ page, store }) => {
  await publishLayout(store, 'carousel', {
    layoutOwn: { carousel: { visible: { phone: 1.4, laptop: 4 } } },
    moving: {
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
  const dots = shelf.getByRole('button', { name: /^Position/ });
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

test('the ring of a card with focus is drawn over its picture', async ({ page, store }) => {
  await publishLayout(store, 'carousel', { layoutOwn: { carousel: { visible: { phone: 1.4, laptop: 4 } } } });
  await page.setViewportSize({ width: 1180, height: 900 });
  await page.goto(store.url);
  const card = page.getByRole('group', { name: 'New from the kiln', exact: true }).locator('.card').nth(1);
  await card.getByRole('link').first().focus();
  const box = (await card.boundingBox())!;
  const colourAt = async (x: number, y: number) => {
    const shot = await page.screenshot({ clip: { x: Math.round(x), y: Math.round(y), width: 1, height: 1 } });
    const [red, green, blue] = await sharp(shot).raw().toBuffer();
    return `rgb(${red}, ${green}, ${blue})`;
  };
  const accent = await card.evaluate((element) => {
    const probe = element.appendChild(document.createElement('i'));
    probe.style.color = 'var(--accent)';
    const { color } = getComputedStyle(probe);
    probe.remove();
    return color;
  });
  // Over the picture at the top, at both sides of it, and under the words.
  expect(await colourAt(box.x + box.width / 2, box.y + 1)).toBe(accent);
  expect(await colourAt(box.x + 1, box.y + 40)).toBe(accent);
  expect(await colourAt(box.x + box.width - 2, box.y + 40)).toBe(accent);
  expect(await colourAt(box.x + box.width / 2, box.y + box.height - 2)).toBe(accent);
});

test('a carousel is moved by a finger, and scrolls without script', async ({ browser, store }) => {
  await publishLayout(store, 'carousel', { layoutOwn: { carousel: { visible: { phone: 1.4 } } } });
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
  await publishLayout(store, 'slider', {
    moving: {
      play: true,
      restMs: 1000,
      moveMs: 100,
      loop: true,
      marks: everywhere('count' as const),
    },
  });
  // Time passes as it is told to, however busy the machine is.
  const opened = async (options: BrowserContextOptions) => {
    const context = await browser.newContext({ viewport: { width: 1180, height: 900 }, ...options });
    const page = await context.newPage();
    await page.clock.install({ time: 0 });
    await page.clock.pauseAt(1000);
    await page.goto(store.url);
    return page;
  };
  const page = await opened({});
  const place = page.locator(`[data-shelf="${SHELF}"] > .marks`);
  await expect(place).toHaveText('1 of 11');
  await page.mouse.move(5, 5);
  await page.clock.runFor(1200);
  await expect(place).toHaveText('2 of 11');
  await page.getByRole('button', { name: 'Pause New from the kiln' }).click();
  await page.mouse.move(5, 5);
  await page.clock.runFor(5000);
  await expect(place).toHaveText('2 of 11');
  await page.getByRole('button', { name: 'Play New from the kiln' }).click();
  await page.locator(`[data-shelf="${SHELF}"]`).hover({ position: { x: 200, y: 80 } });
  await page.clock.runFor(5000);
  await expect(place).toHaveText('2 of 11');
  await page.mouse.move(5, 5);
  await page.clock.runFor(1200);
  await expect(place).toHaveText('3 of 11');
  await page.context().close();

  const still = await opened({ reducedMotion: 'reduce' });
  await expect(still.locator(`[data-shelf="${SHELF}"] > .marks`)).toHaveText('1 of 11');
  await still.clock.runFor(5000);
  await expect(still.locator(`[data-shelf="${SHELF}"] > .marks`)).toHaveText('1 of 11');
  await still.context().close();
});

test('a list that loads on reaching its end brings a shopper back to where they were', async ({
  page,
  store,
}) => {
  await publishWith(store, {
    'shelf:shop': { paging: { by: 'onReach', words: 'Show more', link: '' } },
  });
  const complaints: string[] = [];
  page.on('console', (said) => said.type() === 'error' && complaints.push(said.text()));
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
  // All that was shown is there again, from the first on, and nothing jumps for it.
  await expect(cards).toHaveCount(5 * size);
  expect(await places()).toEqual((await places()).map((_, i) => i));
  await expect.poll(async () => Math.abs((await again.boundingBox())!.y - top)).toBeLessThan(40);
  expect(complaints).toEqual([]);
});

test('a row in motion is where it was when a shopper comes back to the page', async ({ page, store }) => {
  await page.setViewportSize({ width: 1180, height: 800 });
  await page.goto(store.url);
  const shelf = page.locator('[data-moving]').first();
  await shelf.scrollIntoViewIfNeeded();
  const at = () =>
    shelf.evaluate((box) => {
      const left = box.querySelector('.window')!.getBoundingClientRect().left;
      const cards = [...box.querySelectorAll('.card')];
      return cards.findIndex((card) => Math.abs(card.getBoundingClientRect().left - left) < 4);
    });
  const next = shelf.getByRole('button', { name: /^Next of/ });
  await next.click();
  await next.click();
  await expect.poll(at).toBe(2);
  await shelf.getByRole('link').nth(2).click();
  await expect(page.locator('[data-product]')).toBeVisible();
  await page.goBack();
  await expect.poll(at).toBe(2);
  // Another visit begins at the start.
  await page.goto(`${store.url}/shop`);
  await page.goto(store.url);
  await expect.poll(at).toBe(0);
});

test('arrows beside the cards are in the space at the edges, and push the cards in only where there is none', async ({
  page,
  store,
}) => {
  await publishLayout(store, 'carousel', {
    moving: { arrows: everywhere(true), arrowPlace: 'beside', arrowSize: everywhere(40) },
  });
  const boxes = async (width: number) => {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(store.url);
    return page.locator(`[data-shelf="${SHELF}"]`).evaluate((shelf) => {
      const of = (selector: string) => shelf.querySelector(selector)!.getBoundingClientRect();
      const region = shelf.closest('.region')!.getBoundingClientRect();
      const [window, previous, next] = [of(':scope>.window'), of(':scope>.previous'), of(':scope>.next')];
      const own = shelf.getBoundingClientRect();
      return {
        pushed: Math.round(window.left - own.left),
        inside: previous.left >= region.left && next.right <= region.right,
        clear: previous.right <= window.left && next.left >= window.right,
        sideways: document.documentElement.scrollWidth > document.documentElement.clientWidth,
      };
    });
  };
  const seen = { inside: true, clear: true, sideways: false };
  expect(await boxes(1440)).toEqual({ ...seen, pushed: 0 });
  const narrow = await boxes(390);
  expect(narrow).toMatchObject(seen);
  // 40 px and the gap of 10, less the page's own side space.
  expect(narrow.pushed).toBeGreaterThan(20);
  expect(narrow.pushed).toBeLessThan(50);
});
