import type { Browser } from '@playwright/test';
import { columnOf } from '../core/table/tableColumn.ts';
import { publishWith } from '../e2e/publish.ts';
import { openLine, signIn } from '../e2e/store.ts';
import { distribution, type Figure } from './figure.ts';
import { layoutShiftAndScript } from './home.ts';
import { StaticFrames } from './staticFrames.ts';
import { framesOf, timePress } from './timing.ts';

const ROWS = 200;
const NAMED = `Edit to paint, four frames of a table of ${ROWS} rows`;

/** A table of many rows as an owner has it before them, whose columns are set. */
export async function tableFigures(browser: Browser, url: string): Promise<Figure[]> {
  await publishWith({ url }, {
    'shelf:shop': {
      layout: { phone: 'table' },
      amount: { by: 'items', items: { phone: ROWS } },
      paging: { by: 'none' },
      tools: {},
      layoutOwn: {
        table: {
          columns: [
            columnOf('picture'),
            columnOf('title'),
            { ...columnOf('code'), leaves: 1 },
            { ...columnOf('rating'), leaves: 2 },
            // As wide as its smallest width, so that it is seen when that has come.
            { ...columnOf('stock'), share: 0, leaves: 3 },
            columnOf('price'),
            { ...columnOf('basket'), leaves: 4 },
          ],
        },
      },
    },
  } as never);
  const measured = await layoutShiftAndScript(browser, `${url}/shop`, `A table of ${ROWS} rows`);
  // What a list loads besides is not of the first load of the home page, whose bound that is.
  const shifts = measured.filter(({ unit }) => unit === 'score');
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, bypassCSP: true });
  // The compiler that runs this names inner functions by a helper that the page does not have.
  await page.addInitScript('globalThis.__name = (named) => named');
  await signIn(page, { url }, '/studio/arrange/shop');
  await openLine(page, 'Columns');
  await page.waitForFunction(
    `${framesOf}.every((inner) => inner.querySelectorAll('[data-shelf="shop"] tbody>tr').length === ${ROWS})`,
  );
  await page.waitForLoadState('networkidle');
  await page
    .getByRole('grid', { name: 'Columns of the table' })
    .getByRole('row', { name: /^Stock/ })
    .click();
  const least = page.getByRole('textbox', { name: 'Smallest width, px' });
  const press = (up: boolean) =>
    page.getByRole('button', { name: `Smallest width, px: ${up ? 'more' : 'fewer'}` }).click();
  const still = await StaticFrames.beside(
    page,
    () => press(true),
    () => press(false),
  );
  const edits: number[] = [];
  for (let i = 0; i < 60; i += 1) {
    const up = i % 2 === 0;
    const value = Number(await least.inputValue()) + (up ? 4 : -4);
    const done = `${framesOf}.slice(2).every((inner) => getComputedStyle(inner.querySelector('[data-shelf="shop"] thead .col-stock')).flexBasis === '${value}px')`;
    edits.push(await timePress(page, done, () => press(up)));
    await still.press(done);
  }
  const ratios = await still.ratios(NAMED, edits);
  await page.close();
  return [distribution(NAMED, 'ms', edits, 80), ...ratios, ...shifts];
}
