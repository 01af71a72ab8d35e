import { textLines, textWidth } from '../core/text/measure.ts';
import type { Page } from '@playwright/test';
import { faceIdOf, faceOf, fetchFaces, FIRST_FACE, type FaceId } from '../core/text/faces.ts';
import { caveat } from '../core/text/families/caveat.ts';
import { typeFamilies, typeFamily } from '../core/text/families/index.ts';
import { fontsOf, slopesOf, type Slope } from '../core/text/typeFamily.ts';
import { fontFile } from '../storefront/styles/fonts.ts';
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

const faces = typeFamilies.flatMap((family) => slopesOf(family).map((slope) => faceIdOf(family.id, slope)));

test('lines of text are counted as the browser sets them, in every face', async ({ page, store }) => {
  test.slow();
  await fetchFaces();
  const { rows } = await store.pool.query<{ title: string }>('SELECT DISTINCT title FROM product');
  const titles = rows.map(({ title }) => title);
  expect(titles.length).toBeGreaterThan(200);
  await page.goto(store.url);
  // Nothing else is laid out while texts are.
  await page.evaluate(() => document.documentElement.replaceChildren(document.createElement('body')));
  for (const face of faces) await compare(page, face, titles);
});

/** Holds all that is measured of texts in a face to what the browser makes of it. */
async function compare(page: Page, faceId: FaceId, titles: readonly string[]): Promise<void> {
  const isFirst = faceId === FIRST_FACE;
  const cases = WIDTHS.flatMap((widthPx) =>
    (isFirst ? SIZES : SIZES.slice(1, 2)).flatMap((sizePx) =>
      [...titles, ...harder].map((text) => ({ text, widthPx, sizePx })),
    ),
  );
  const [familyId, slope] = faceId.split(' ') as [string, Slope];
  const family = typeFamily(familyId);
  const seen = await page.evaluate(
    async ({ all, file, weight }) => {
      document.fonts.clear();
      document.fonts.add(await new FontFace('Measured', `url(${file})`, { weight }).load());
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
    },
    {
      all: cases,
      file: fontFile(
        family,
        fontsOf(family).find((one) => one.slope === slope)!,
        'latin',
      ),
      weight: family.weights.join(' '),
    },
  );
  const style = (sizePx: number) => ({ face: faceOf(faceId), sizePx, weight: 500 });
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
    `${faceId}: lines as the browser sets them: ${(100 * own.share).toFixed(2)} % of ${titles.length} titles at ${WIDTHS.length} widths and ${isFirst ? SIZES.length : 1} sizes, ${(100 * hard.share).toFixed(1)} % of harder ones`,
  );
  expect(own.share, faceId + JSON.stringify(own.otherwise.slice(0, 5))).toBeGreaterThanOrEqual(0.99);
  expect(hard.share, faceId + JSON.stringify(hard.otherwise)).toBeGreaterThanOrEqual(0.9);
  // Widths are the browser's own, to a few thousandths; letters of a hand change beside one another.
  const most = familyId === caveat.id ? 0.025 : 0.012;
  const apart = cases.filter(
    ({ text, sizePx }, i) => Math.abs(textWidth(text, style(sizePx)).px / seen[i]!.widthPx - 1) >= most,
  );
  expect(apart, faceId).toEqual([]);
}
