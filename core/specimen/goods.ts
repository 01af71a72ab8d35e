import type { Goods, GoodsVariant } from '../goods/goods.ts';

/** A variant of which little is said. For tests. */
export const specimenVariant = (id: number, more: Partial<GoodsVariant> = {}): GoodsVariant => ({
  id,
  choice: `Choice ${id}`,
  values: [id],
  code: '',
  price: 100,
  reduced: null,
  stock: 1,
  pictureId: null,
  ...more,
});

/** A product of which little is said, with one variant. For tests. */
export const specimenGoods = (id: number, more: Partial<Goods> = {}): Goods => ({
  id,
  slug: `goods-${id}`,
  title: `Goods ${id}`,
  code: '',
  shortText: '',
  longText: '',
  brandId: null,
  featured: false,
  categoryIds: [],
  collectionIds: [],
  tags: [],
  fields: {},
  variants: [specimenVariant(id * 10, { choice: '', values: [] })],
  pictureIds: [],
  ...more,
});
