import { bandEnd, type Band, type Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';

/** Rules that hold where the region is from `from` (inclusive) to `to` (exclusive) px wide. */
export function within(from: number, to: number, rules: string): string {
  if (!rules) return '';
  if (from <= 0 && to === Infinity) return rules;
  const range =
    from <= 0
      ? `(width < ${to}px)`
      : to === Infinity
        ? `(width >= ${from}px)`
        : `(${from}px <= width < ${to}px)`;
  return `@container region ${range}{${rules}}`;
}

/** Rules that hold at one band alone. */
export const atBand = (bands: Bands, { id, from }: Band, rules: string): string =>
  within(from, bandEnd(bands, id), rules);

/** Rules for each band at which something differs from the narrower one; narrow to wide, each holding upwards. */
export function byBand(bands: Bands, rulesAt: (bandId: string) => string): string {
  let css = '';
  let before = '';
  for (const band of bands) {
    const rules = rulesAt(band.id);
    if (rules !== before) css += within(band.from, Infinity, rules);
    before = rules;
  }
  return css;
}

/** Hides what a selector finds at the bands where `shown` is false. */
export function hiddenAt(bands: Bands, selector: string, shown: Varying<boolean>): string {
  return bands
    .filter((band) => !valueAt(shown, bands, band.id))
    .map((band) => atBand(bands, band, `${selector}{display:none}`))
    .join('');
}
