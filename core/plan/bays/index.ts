import { lazy, object, type Schema } from '../../schema/schema.ts';
import { bannerBay, type BannerBay } from './banner.ts';
import type { BayKind } from './bayKind.ts';
import { entryBay, type EntryBay } from './entry.ts';
import { noticeBay, type NoticeBay } from './notice.ts';
import { productBay, type ProductBay } from './product.ts';
import { shelfBay, type ShelfBay } from './shelf.ts';

export type Bay = ShelfBay | BannerBay | NoticeBay | ProductBay | EntryBay;

/** Everything a bay can hold; to add a kind, write its file and list it here. */
export const bayKinds: readonly BayKind<Bay>[] = [
  shelfBay,
  bannerBay,
  noticeBay,
  productBay,
  entryBay,
] as unknown as readonly BayKind<Bay>[];

export const baySchema = lazy((value: unknown) => {
  const id = (value as { holds?: unknown } | null | undefined)?.holds;
  const kind = bayKinds.find((one) => one.id === id);
  return (kind?.schema ??
    object().test('known', `There is no kind of bay "${String(id)}".`, () => false)) as Schema;
});
