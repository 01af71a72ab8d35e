import type { ExportedGoods } from '../exchange/goodsExport.ts';
import { slugOf } from '../catalogue/slugOf.ts';
import { sampleCategories, SAMPLE_TEXT } from './sampleGoods.ts';

/** The first sample of each category as it would be exported, to show what a table of products looks like. */
export const exampleGoods: readonly ExportedGoods[] = sampleCategories.map(({ name, goods }, at) => {
  const { title, price, reduced, stock, featured } = goods[0]!;
  return {
    goods: {
      id: at + 1,
      slug: slugOf(title),
      title,
      code: `EXAMPLE-${at + 1}`,
      shortText: SAMPLE_TEXT,
      longText: '',
      brandId: null,
      featured: featured ?? false,
      categoryIds: [],
      collectionIds: [],
      tags: [],
      fields: {},
      variants: [
        {
          id: at + 1,
          choice: '',
          values: [],
          code: '',
          price,
          reduced: reduced ?? null,
          stock,
          pictureId: null,
        },
      ],
      pictureIds: [],
    },
    brand: '',
    categories: [[name]],
    collections: [],
    tags: [],
    pictures: [],
    choices: [{}],
  };
});
