import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { carousel } from './carousel.ts';
import type { LayoutKind } from './layoutKind.ts';
import { grid } from './grid.ts';
import { list } from './list.ts';
import { masonry } from './masonry.ts';
import { mosaic } from './mosaic.ts';
import { slider } from './slider.ts';
import { spread } from './spread.ts';
import { table } from './table.ts';

/** Every layout, in the order in which they are offered; to add one, write its file and list it here. */
const kinds = { grid, carousel, slider, list, table, masonry, mosaic, spread };

export type LayoutId = keyof typeof kinds;
export const LAYOUT_IDS = Object.keys(kinds) as LayoutId[];
export const layoutKinds: readonly LayoutKind[] = Object.values(kinds);

export const layoutKind = (id: LayoutId): LayoutKind => kinds[id];

const OWN = /^layoutOwn\.([^.]+)\./;

const goesBy = (kind: LayoutKind, setting: string): boolean =>
  kind.uses.some((used) => setting === used || setting.startsWith(`${used}.`));

/** Whether one of these layouts goes by a setting; what no layout names is gone by in all of them. */
export function isUsed(setting: string, layouts: readonly LayoutId[]): boolean {
  const own = OWN.exec(setting)?.[1];
  if (own !== undefined) return layouts.some((id) => id === own);
  const by = layoutKinds.filter((kind) => goesBy(kind, setting));
  return by.length === 0 || by.some(({ id }) => layouts.some((one) => one === id));
}

/** Whether one of these layouts draws cards; a table draws rows. */
export const drawsCards = (layouts: readonly LayoutId[]): boolean =>
  layouts.some((id) => !layoutKind(id).table);

/** Layouts that a shelf has at one width or another. */
export function layoutsOf(layout: Varying<LayoutId>, bands: Bands): LayoutId[] {
  const had = bands.map((band) => valueAt(layout, bands, band.id));
  return LAYOUT_IDS.filter((id) => had.includes(id));
}
