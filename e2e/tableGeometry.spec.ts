import type { Page } from '@playwright/test';
import { bandAt } from '../core/bands/bands.ts';
import type { Item } from '../core/card/item.ts';
import { innerWidth } from '../core/geometry/steps.ts';
import { columnWidths, widthAt } from '../core/table/columnFit.ts';
import { columnOf } from '../core/table/tableColumn.ts';
import {
  specimenBay,
  specimenPicture,
  specimenPlan,
  specimenProduct,
  specimenShelf,
  specimenView,
} from '../core/specimen/specimen.ts';
import { shelfMeasure } from '../core/view/shelfMeasure.ts';
import { shelvesOn } from '../core/view/shelvesIn.ts';
import { drawsAlone } from './alone.ts';
import { expect, test } from './store.ts';

const WIDTHS = [320, 375, 390, 430, 559, 560, 700, 768, 879, 880, 1280, 1920];

const titles = [
  'Mug',
  'Amber feast platter, forty-two centimetres across, thrown in one piece',
  'Chalk noodle bowl',
  'Hand-thrown salt-and-pepper set (2 × 80 ml)',
  'Donaudampfschifffahrtsgesellschaftskapitänsteller',
];

const items = titles.flatMap((title, i): Item[] =>
  [0, 1].map((j) => {
    const id = 10 * i + j + 1;
    return {
      of: 'products',
      product: specimenProduct(id, {
        title: j === 0 ? title : `${title} ${id}`,
        code: j === 0 ? `KC-10${id}` : '',
        brand: i % 2 === 0 ? 'Kelverstone Clayworks' : 'Anna',
        rating: j === 0 ? { mean: 3.7, count: 12 * id } : null,
        pictures: [specimenPicture({ id: `p${id}`, file: `p${id}` })],
        stock: { state: i === 2 ? 'last' : 'in', count: i === 2 ? 2 : 40 },
        price: { regular: 1_250 * id, reduced: j === 1 ? 1_000 * id : null, from: i === 3 },
        buy: { variantId: id, choose: i === 1 },
      }),
    };
  }),
);

const columns = [
  columnOf('picture'),
  columnOf('title'),
  { ...columnOf('code'), leaves: 1 },
  { ...columnOf('brand'), leaves: 3 },
  { ...columnOf('rating'), leaves: 2 },
  { ...columnOf('stock'), leaves: 4 },
  columnOf('price'),
  { ...columnOf('quantity'), leaves: 5 },
  { ...columnOf('basket'), leaves: 5 },
];

/** Columns of the header and of the first row as they are drawn, by part, and the rows; px from the table's own corner. */
const measured = (page: Page) =>
  page.evaluate(() => {
    const sheet = document.querySelector('.sheet')!;
    const own = sheet.getBoundingClientRect();
    const columnsOf = (row: Element) =>
      [...row.children]
        .map((cell) => ({
          id: /col-(\S+)/.exec(cell.className)![1]!,
          moved: getComputedStyle(cell).order === '2',
          rect: cell.getBoundingClientRect(),
        }))
        .filter(({ rect, moved }) => rect.width > 0 && !moved)
        .map(({ id, rect }) => ({ id, x: rect.left - own.left, width: rect.width }));
    return {
      regionPx: document.querySelector('.region')!.clientWidth,
      widthPx: own.width,
      head: columnsOf(sheet.querySelector('thead>tr')!),
      first: columnsOf(sheet.querySelector('tbody>tr')!),
      rows: [...sheet.querySelectorAll('tbody>tr')].map((row) => {
        const { top, height } = row.getBoundingClientRect();
        return { y: top - own.top, height };
      }),
      sheetPx: own.height,
    };
  });

for (const [said, own] of [
  ['as it is at first', {}],
  [
    'with lines, a caption, ways above and below, dense, on one line',
    {
      lines: 'all',
      caption: 'Trade list',
      addAll: 'both',
      basketLink: 'above',
      density: { phone: 'dense' },
      oneLine: true,
      names: false,
      picture: { phone: 32 },
    },
  ],
  ['roomy, without lines', { lines: 'none', density: { phone: 'roomy' }, corners: 'circle' }],
] as const)
  test(`a table ${said} stands in the browser where the core says, to within a pixel`, async ({ page }) => {
    const plan = specimenPlan(
      [
        specimenShelf('a', {
          layout: { phone: 'table' },
          amount: { rows: { phone: 10 } },
          layoutOwn: { table: { ...own, columns } },
        } as never),
      ],
      [specimenBay('a')],
    );
    const view = specimenView(plan, items.length, {}, items);
    const [{ shelf }] = shelvesOn(view) as [ReturnType<typeof shelvesOn>[number]];
    const draw = await drawsAlone(page);
    const counts = new Set<number>();
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 900 });
      if (width === WIDTHS[0]) await draw(view);
      const found = await measured(page);
      const { step, boxes, heightPx } = shelfMeasure(shelf, view.bands, found.regionPx);
      const { stay, isNarrow } = step.table!;
      counts.add(stay.length);
      const innerPx = innerWidth(
        shelf.room,
        view.bands,
        bandAt(view.bands, found.regionPx).id,
        found.regionPx,
      );
      expect(Math.abs(found.widthPx - innerPx), `width of the table at ${width}`).toBeLessThanOrEqual(0.5);
      for (const row of [found.head, found.first]) {
        expect(row.map(({ id }) => id)).toEqual(stay.map(({ id }) => id));
        let x = 0;
        columnWidths(stay, isNarrow).forEach((one, i) => {
          const px = widthAt(one, innerPx);
          const said_ = `column ${row[i]!.id} at ${width}`;
          expect(
            Math.abs(row[i]!.width - px),
            `width of ${said_}: ${row[i]!.width}, ${px}`,
          ).toBeLessThanOrEqual(1);
          expect(Math.abs(row[i]!.x - x), `place of ${said_}`).toBeLessThanOrEqual(1);
          x += px;
        });
      }
      expect(found.rows).toHaveLength(boxes.length);
      boxes.forEach((box, i) => {
        const where = `row ${i + 1}, “${items[i]!.of === 'products' ? (items[i] as never as { product: { title: string } }).product.title : ''}”, at ${width}`;
        expect(
          Math.abs(found.rows[i]!.height - box.height),
          `height of ${where}: ${found.rows[i]!.height}, ${box.height}`,
        ).toBeLessThanOrEqual(1);
        expect(
          Math.abs(found.rows[i]!.y - box.y),
          `place of ${where}: ${found.rows[i]!.y}, ${box.y}`,
        ).toBeLessThanOrEqual(1 + i / 4);
      });
      expect(
        Math.abs(found.sheetPx - heightPx),
        `height of all at ${width}: ${found.sheetPx}, ${heightPx}`,
      ).toBeLessThanOrEqual(4);
    }
    // All of them, and few of them.
    expect(Math.max(...counts)).toBe(columns.length);
    expect(Math.min(...counts)).toBe(3);
  });

test('header, rows and every other row are drawn in the colours that are set, and the row under the pointer in its own', async ({
  page,
}) => {
  const style = {
    tableHead: { rest: { background: '#22443a', textColour: '#fdf6e3' } },
    tableRow: { rest: { background: '#fff4e0' }, hover: { background: '#ffd9a0', textColour: '#301000' } },
    tableStripe: { rest: { background: '#f0e0c8' } },
  };
  const plan = specimenPlan(
    [
      specimenShelf('a', {
        layout: { phone: 'table' },
        amount: { rows: { phone: 4 } },
        layoutOwn: { table: { columns } },
        style,
      } as never),
    ],
    [specimenBay('a')],
  );
  await page.setViewportSize({ width: 1280, height: 900 });
  await (
    await drawsAlone(page)
  )(specimenView(plan, items.length, {}, items));
  const colours = (selector: string) =>
    page.locator(selector).evaluate((one) => {
      const { backgroundColor, color } = getComputedStyle(one);
      return [backgroundColor, color];
    });
  const rgb = (hex: string) =>
    `rgb(${[1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)).join(', ')})`;
  expect(await colours('thead')).toEqual([rgb('#22443a'), rgb('#fdf6e3')]);
  const row = (nth: number) => `tbody>tr:nth-child(${nth})`;
  expect((await colours(row(1)))[0]).toBe(rgb('#fff4e0'));
  expect((await colours(row(2)))[0]).toBe(rgb('#f0e0c8'));
  for (const nth of [1, 2]) {
    await page.locator(`${row(nth)}>.col-code`).hover({ force: true });
    expect(await colours(row(nth))).toEqual([rgb('#ffd9a0'), rgb('#301000')]);
  }
});
