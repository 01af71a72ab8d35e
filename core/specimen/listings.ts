import fc from 'fast-check';
import type { Choice } from '../listing/choice.ts';
import type { Filter } from '../listing/filters/index.ts';
import { filterKind } from '../listing/filters/index.ts';
import type { ListingRecord } from '../listing/record.ts';

/** Option 1 has the values 1 to 4, option 2 those from 5 to 7. */
const OPTIONS = [
  { option: 1, values: [1, 2, 3, 4] },
  { option: 2, values: [5, 6, 7] },
];

/** Categories 1 > 2 > 3 and 1 > 4, and 5 alone: each with all above it. */
const PATHS = [[], [1], [1, 2], [1, 2, 3], [1, 4], [5], [1, 2, 5]];
const TAGS = ['blue', 'gift', 'large', 'new'];
const BRANDS = [1, 2, 3];
const FIELDS = { glaze: ['ash', 'celadon', ''], safe: [true, false], height: [0, 4, 12.5, 30, -3] };

const variantArbitrary = fc.record({
  values: fc
    .tuple(
      ...OPTIONS.map(({ option, values }) =>
        fc.option(fc.constantFrom(...values).map((value) => [option, value] as const)),
      ),
    )
    .map((some) => some.filter((one) => one !== null)),
  paid: fc.integer({ min: 0, max: 60 }).map((steps) => steps * 50),
  available: fc.boolean(),
});

/** Products of a store in which much is alike, so that filters meet. */
export const listingArbitrary: fc.Arbitrary<ListingRecord[]> = fc
  .array(
    fc.record({
      categoryIds: fc.constantFrom(...PATHS),
      brandId: fc.option(fc.constantFrom(...BRANDS)),
      tags: fc.subarray(TAGS),
      isReduced: fc.boolean(),
      ratings: fc.array(fc.integer({ min: 1, max: 5 }), { maxLength: 4 }),
      fields: fc.record(
        {
          glaze: fc.constantFrom(...FIELDS.glaze),
          safe: fc.constantFrom(...FIELDS.safe),
          height: fc.constantFrom(...FIELDS.height),
        },
        { requiredKeys: [] },
      ),
      variants: fc.array(variantArbitrary, { minLength: 0, maxLength: 4 }),
    }),
    { maxLength: 40, size: 'max' },
  )
  .map((all) =>
    all.map(({ ratings, ...one }, i) => ({
      ...one,
      id: 2 * i + 1,
      ratingSum: ratings.reduce((sum, stars) => sum + stars, 0),
      ratingCount: ratings.length,
    })),
  );

export const allFilters: readonly Filter[] = [
  { by: 'category' },
  { by: 'price' },
  { by: 'option', option: 1 },
  { by: 'option', option: 2 },
  { by: 'stock' },
  { by: 'rating' },
  { by: 'brand' },
  { by: 'tag' },
  { by: 'reduced' },
  { by: 'field', field: 'glaze' },
  { by: 'field', field: 'safe' },
  { by: 'measure', field: 'height' },
];

/** Every value that can be chosen, and some that nothing has. */
const keysOf = (filter: Filter): (string | number | boolean)[] => {
  switch (filter.by) {
    case 'category':
      return [1, 2, 3, 4, 5, 99];
    case 'option':
      return [...OPTIONS.find(({ option }) => option === filter.option)!.values, 99];
    case 'brand':
      return [...BRANDS, 99];
    case 'tag':
      return [...TAGS, 'none'];
    case 'rating':
      return [4, 3, 2, 1];
    case 'field':
      return filter.field === 'safe' ? [true, false] : [...FIELDS.glaze, 'none'];
    default:
      return [true];
  }
};

const edge = fc.option(fc.integer({ min: -5, max: 70 }));

const choiceArbitrary = (filter: Filter): fc.Arbitrary<Choice> => {
  const { chooses } = filterKind(filter.by);
  if (chooses === 'span')
    return fc.tuple(edge, edge).map(([least, most]) => {
      const times = filter.by === 'price' ? 50 : 1;
      return {
        filter,
        span: { least: least === null ? null : least * times, most: most === null ? null : most * times },
      };
    });
  const keys = fc.constantFrom(...keysOf(filter));
  return (
    chooses === 'one' ? keys.map((key) => [key]) : fc.uniqueArray(keys, { minLength: 1, maxLength: 3 })
  ).map((chosen) => ({ filter, keys: chosen }));
};

/** What a shopper may have chosen: mostly a few filters. */
export const choicesArbitrary: fc.Arbitrary<Choice[]> = fc
  .subarray([...allFilters], { maxLength: 4 })
  .chain((some) => fc.tuple(...some.map(choiceArbitrary)))
  .map((some) => some);
