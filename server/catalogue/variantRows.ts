import type { OptionFacts, PictureFacts } from '../../core/catalogue/facts.ts';
import type { Queryable } from '../db/pool.ts';
import { BY_OPTION, WITH_OPTION } from '../goods/choiceRows.ts';
import { pictureJson } from '../pictures/pictureRows.ts';

/** One variant of a product, with what it is in each of the store's options that it has. */
export interface VariantRow {
  id: number;
  product_id: number;
  price: number;
  reduced: number | null;
  stock: number | null;
  picture: PictureFacts | null;
  values: {
    optionId: number;
    /** Of the option, in the owner's order. */
    optionPlace: number;
    option: string;
    id: number;
    value: string;
    position: number;
    colour: string | null;
    picture: PictureFacts | null;
  }[];
}

const VARIANTS = `SELECT v.id, v.product_id, v.price, v.reduced, v.stock, ${pictureJson('vp', "''")} AS picture,
    coalesce((SELECT jsonb_agg(jsonb_build_object('optionId', o.id, 'optionPlace', o.position, 'option', o.name, 'id', ov.id, 'value', ov.name,
        'position', ov.position, 'colour', ov.colour, 'picture', ${pictureJson('op', 'ov.name')}) ORDER BY ${BY_OPTION})
      FROM variant_value vv ${WITH_OPTION}
      LEFT JOIN picture op ON op.id = ov.picture_id WHERE vv.variant_id = v.id), '[]') AS values
  FROM variant v LEFT JOIN picture vp ON vp.id = v.picture_id WHERE v.product_id = ANY($1) ORDER BY v.position, v.id`;

/** The variants of products, each product's in their order. */
export async function readVariants(
  db: Queryable,
  productIds: readonly number[],
): Promise<Map<number, VariantRow[]>> {
  const { rows } = await db.query<VariantRow>(VARIANTS, [productIds]);
  const of = new Map<number, VariantRow[]>();
  for (const row of rows) of.set(row.product_id, [...(of.get(row.product_id) ?? []), row]);
  return of;
}

export const available = (variant: VariantRow) => variant.stock === null || variant.stock > 0;
const paid = (variant: VariantRow) => variant.reduced ?? variant.price;
const hasValue = (variant: VariantRow, valueId: number) => variant.values.some(({ id }) => id === valueId);

/** The one with as many of these values as can be, then in stock, then cheapest. */
function nearest(variants: readonly VariantRow[], wanted: readonly number[]): VariantRow {
  const score = (variant: VariantRow) => wanted.filter((id) => hasValue(variant, id)).length;
  return [...variants].sort(
    (a, b) =>
      score(b) - score(a) || Number(available(b)) - Number(available(a)) || paid(a) - paid(b) || a.id - b.id,
  )[0]!;
}

/**
 * The options among whose values the variants of a product differ.
 * @param asked the variant that was chosen, which the other options stay with; null where none was
 */
export function optionsOf(variants: readonly VariantRow[], asked: VariantRow | null): OptionFacts[] {
  const all = new Map(variants.flatMap(({ values }) => values.map((one) => [one.optionId, one] as const)));
  return [...all.values()]
    .sort((a, b) => a.optionPlace - b.optionPlace || a.optionId - b.optionId)
    .flatMap(({ optionId: id, option: name }) => {
      const values = new Map(
        variants
          .flatMap((variant) => variant.values.filter(({ optionId }) => optionId === id))
          .map((one) => [one.id, one]),
      );
      if (values.size < 2) return [];
      return {
        id,
        name,
        values: [...values.values()]
          .sort((a, b) => a.position - b.position || a.id - b.id)
          .map(({ value, colour, picture, id: valueId }) => {
            const leadsTo = nearest(
              variants.filter((variant) => hasValue(variant, valueId)),
              asked?.values.map((one) => one.id) ?? [],
            );
            return {
              id: valueId,
              name: value,
              colour,
              picture,
              variantId: leadsTo.id,
              photograph: leadsTo.picture,
              price: { regular: leadsTo.price, reduced: leadsTo.reduced, from: false },
              available: available(leadsTo),
              // What is merely shown first was chosen by nobody.
              chosen: asked !== null && hasValue(asked, valueId),
            };
          }),
      };
    });
}
