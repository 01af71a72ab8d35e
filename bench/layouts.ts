import type { Browser, Page } from '@playwright/test';
import { LAYOUT_IDS } from '../core/layouts/index.ts';
import type { StoredShelf } from '../core/plan/shelf.ts';
import { specimenPlan, specimenShelf, specimenView } from '../core/specimen/specimen.ts';
import { nominalOf } from '../core/bands/bands.ts';
import { shelfMeasure } from '../core/view/shelfMeasure.ts';
import { shelvesOn } from '../core/view/shelvesIn.ts';
import { publishWith } from '../e2e/publish.ts';
import { openLine, signIn } from '../e2e/store.ts';
import { StaticFrames } from './staticFrames.ts';
import { atMost, distribution, quantile, type Figure } from './figure.ts';
import { layoutShiftAndScript } from './home.ts';
import { framesOf, timePress } from './timing.ts';

const TIMES = 250;

/** Geometry of a page with twelve shelves in all layouts at four bands. */
function geometryFigure(): Figure {
  const shelves = [...LAYOUT_IDS, ...LAYOUT_IDS].slice(0, 12).map((layout, i) =>
    specimenShelf(`s${i}`, {
      layout: { phone: layout },
      amount: { by: 'items', rows: { phone: 2 }, items: { phone: 24 } },
    }),
  );
  const view = specimenView(specimenPlan(shelves), 300);
  const times: number[] = [];
  for (let i = 0; i < TIMES; i += 1) {
    const start = performance.now();
    for (const { shelf } of shelvesOn(view))
      for (const band of view.bands) shelfMeasure(shelf, view.bands, nominalOf(view.bands, band).width);
    times.push(performance.now() - start);
  }
  // The first few are of a program that is not warm yet.
  return distribution('Geometry of twelve shelves at four bands', 'ms', times.slice(50), 3);
}

const items = (count: number): StoredShelf['amount'] => ({ by: 'items', items: { phone: count } });

/** Six shelves of the home page, each in another layout; a masonry of 60 and a carousel of 24 that goes round. */
const publishLayouts = (url: string) =>
  publishWith(
    { url },
    {
      'shelf:new-from-the-kiln': { layout: { phone: 'masonry' }, amount: items(60) },
      'shelf:reduced-now': {
        layout: { phone: 'carousel' },
        amount: items(24),
        moving: { loop: true, arrows: { phone: true }, marks: { phone: 'dots' } },
      },
      'shelf:shop-by-category': { layout: { phone: 'list', laptop: 'grid' } },
      'shelf:under-sixty': { layout: { phone: 'spread' }, amount: items(16) },
      'shelf:kiln-stories': {
        layout: { phone: 'slider' },
        moving: { loop: true, play: true, marks: { phone: 'count' } },
      },
    },
  );

/** Time between the frames that a browser paints while something is dragged, ms. */
async function paintsWhile(page: Page, act: () => Promise<void>): Promise<number[]> {
  await page.evaluate(() => {
    const scope = window as unknown as { paints: number[]; counting: boolean };
    scope.paints = [];
    scope.counting = true;
    let before = performance.now();
    const look = (now: number) => {
      scope.paints.push(now - before);
      before = now;
      if (scope.counting) requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  });
  await act();
  return page.evaluate(() => {
    const scope = window as unknown as { paints: number[]; counting: boolean };
    scope.counting = false;
    return scope.paints.slice(2);
  });
}

/** Drags a slider of the tape to and fro by the mouse. */
async function drag(page: Page, name: string): Promise<number[]> {
  const box = (await page.getByRole('slider', { name }).boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height - 6];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const paints = await paintsWhile(page, async () => {
    for (let i = 0; i < 150; i += 1) {
      await page.mouse.move(x + 60 * Math.sin(i / 12), y);
      await page.waitForTimeout(8);
    }
  });
  await page.mouse.up();
  return paints;
}

const dragFigures = (name: string, paints: readonly number[]): Figure[] => [
  atMost(`${name}: time between paints, median (50 a second)`, 'ms', quantile(paints, 0.5), 20),
  atMost(`${name}: time between paints, longest`, 'ms', Math.max(...paints), 60),
];

/** The heaviest layouts in the studio and on the public page. */
export async function layoutFigures(browser: Browser, url: string): Promise<Figure[]> {
  await publishLayouts(url);
  const figures = [geometryFigure(), ...(await layoutShiftAndScript(browser, url, 'Six layouts on home'))];

  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, bypassCSP: true });
  await page.addInitScript('globalThis.__name = (named) => named');
  await signIn(page, { url });
  await openLine(page, 'Columns');
  await page.waitForTimeout(2500);
  const edits: number[] = [];
  // Masonry has its columns, and the gap between them, around the list.
  for (const [bay, shelf, gapped] of [
    ['New from the kiln', 'new-from-the-kiln', '.window'],
    ['Reduced now', 'reduced-now', '.cards'],
  ] as const) {
    await page.getByRole('grid', { name: 'Bays of Home' }).getByRole('row', { name: bay }).click();
    const gap = page.getByRole('textbox', { name: 'Gap between columns, px on Laptop' });
    const press = (up: boolean) =>
      page
        .getByRole('button', { name: `Gap between columns, px on Laptop: ${up ? 'more' : 'fewer'}` })
        .click();
    const still = await StaticFrames.beside(
      page,
      () => press(true),
      () => press(false),
    );
    const ofBay: number[] = [];
    for (let i = 0; i < 24; i += 1) {
      const up = i % 2 === 0;
      const value = Number(await gap.inputValue()) + (up ? 4 : -4);
      const done = `${framesOf}.slice(2).every((inner) => String(inner.querySelector('[data-shelf="${shelf}"] ${gapped}').computedStyleMap().get('column-gap')) === '${value}px')`;
      ofBay.push(await timePress(page, done, () => press(up)));
      await still.press(done);
    }
    edits.push(...ofBay);
    figures.push(...(await still.ratios(`Edit to paint, ${bay}`, ofBay)));
  }
  figures.push(distribution('Edit to paint, masonry of 60 and carousel of 24', 'ms', edits, 80));

  figures.push(...dragFigures('Dragging a clip', await drag(page, 'Edge at which Wide begins')));
  await page.getByRole('button', { name: /^Widths: / }).click();
  await page.getByText('A frame of any width').click();
  await page.keyboard.press('Escape');
  await page.frameLocator('iframe[title*="any width"]').locator('[data-card]').first().waitFor();
  await page.waitForTimeout(1500);
  await page.locator('iframe').last().scrollIntoViewIfNeeded();
  figures.push(...dragFigures('Dragging the free marker', await drag(page, 'Width of the free frame')));
  await page.close();
  return figures;
}
