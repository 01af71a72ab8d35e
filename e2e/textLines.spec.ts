import { textLines, textWidth } from '../core/text/measure.ts';
import { storeFace } from '../core/text/storeFace.ts';
import { expect, test } from './store.ts';

const WIDTHS = [96, 140, 190, 260];
const SIZES = [13, 16, 21];

/** What titles of other shops are like: hyphens, dashes, slashes, brackets, signs, quotes, long words. */
const harder = [
  'Hand-thrown salt-and-pepper set (2 × 80 ml), off-white/ochre',
  'Bowl — “Low Tide” — 24–26 cm, dishwasher-safe',
  'Planter No. 7: 12.5" × 9", with saucer & felt feet',
  'Donaudampfschifffahrtsgesellschaftskapitänsteller',
  'Fluffy off-fired flask, affixed label; £12.50/each?',
  "Potter's “very own” mug, 350ml, AV/WA/To/Ty/LT marks",
  'Crème brûlée dish à la façon d’Évian, très élégant',
  'AVATAR WAVY TOTEM YES/NO TAVERN PLATE VOL. 2',
];

test('lines of text are counted as the browser sets them', async ({ page, store }) => {
  const { rows } = await store.pool.query<{ title: string }>('SELECT DISTINCT title FROM product');
  const titles = rows.map(({ title }) => title);
  expect(titles.length).toBeGreaterThan(200);
  await page.goto(store.url);
  const cases = WIDTHS.flatMap((widthPx) =>
    SIZES.flatMap((sizePx) => [...titles, ...harder].map((text) => ({ text, widthPx, sizePx }))),
  );
  const seen = await page.evaluate(async (all) => {
    const face = new FontFace('Measured', 'url(/assets/literata-latin-wght-normal.woff2)', {
      weight: '200 900',
    });
    document.fonts.add(await face.load());
    const box = document.body.appendChild(document.createElement('div'));
    box.lang = 'en';
    box.style.cssText =
      'position:absolute;font-family:Measured;font-weight:500;overflow-wrap:anywhere;line-height:20px';
    return all.map(({ text, widthPx, sizePx }) => {
      box.style.width = `${widthPx}px`;
      box.style.fontSize = `${sizePx}px`;
      box.textContent = text;
      const lines = box.clientHeight / 20;
      box.style.width = 'max-content';
      return { lines, widthPx: box.getBoundingClientRect().width };
    });
  }, cases);
  const style = (sizePx: number) => ({ face: storeFace, sizePx, weight: 500 });
  const share = (of: (text: string) => boolean) => {
    const some = cases.flatMap((one, i) => (of(one.text) ? [{ ...one, seen: seen[i]! }] : []));
    const otherwise = some.filter(
      (one) => textLines(one.text, style(one.sizePx), one.widthPx).lines !== one.seen.lines,
    );
    return { share: 1 - otherwise.length / some.length, otherwise };
  };
  const own = share((text) => titles.includes(text));
  const hard = share((text) => harder.includes(text));
  console.log(
    `lines as the browser sets them: ${(100 * own.share).toFixed(2)} % of ${titles.length} titles at ${WIDTHS.length} widths and ${SIZES.length} sizes, ${(100 * hard.share).toFixed(1)} % of harder ones`,
  );
  expect(own.share, JSON.stringify(own.otherwise.slice(0, 5))).toBeGreaterThanOrEqual(0.99);
  expect(hard.share, JSON.stringify(hard.otherwise)).toBeGreaterThanOrEqual(0.9);
  // Widths are the browser's own, to a few thousandths.
  for (const [i, { text, sizePx }] of cases.entries())
    expect(Math.abs(textWidth(text, style(sizePx)).px / seen[i]!.widthPx - 1), text).toBeLessThan(0.012);
});
