import { factFault, type FactEdit } from '../facts/factEdit.ts';
import { idSchema, mixed, object, string, type Schema } from '../schema/schema.ts';
import { same } from '../settings/same.ts';
import type { Goods } from './goods.ts';
import { goodsFact, isFieldId, type GoodsFact } from './goodsFacts.ts';

/** One fact of one product, as it was and as it is to be. */
export interface GoodsEdit extends FactEdit {
  product: number;
  of: GoodsFact['of'];
  /** The id of the variant or the field; null for the product itself. */
  part: number | string | null;
  fact: string;
}

/** So many facts are written at once. */
export const MOST_EDITS = 5_000;

function faultOf({ of, part: which, fact: id, is }: GoodsEdit): string | null {
  const fact = goodsFact(of, id);
  if (!fact) return `There is nothing called "${id}" to be set of a ${of}.`;
  const fits = { product: which === null, variant: Number.isInteger(which), field: isFieldId(which) }[of];
  if (!fits) return 'It is not said which variant or field is meant.';
  return factFault(fact, is);
}

export const goodsEditSchema = object({
  product: idSchema,
  of: string()
    .oneOf(['product', 'variant', 'field'] as const)
    .required(),
  part: mixed().nullable().defined(),
  fact: string().max(40).required(),
  was: mixed().nullable().defined(),
  is: mixed().nullable().defined(),
})
  .noUnknown()
  .required()
  .test('fits', function (edit) {
    const fault = faultOf(edit as GoodsEdit);
    return fault === null || this.createError({ message: fault });
  }) as unknown as Schema<GoodsEdit>;

/** A fact of a product as an edit reads it; null where the product has no such variant or field. */
export const valueAt = (goods: Goods, { of, part, fact }: Pick<GoodsEdit, 'of' | 'part' | 'fact'>): unknown =>
  goodsFact(of, fact)?.read(goods, part) ?? null;

/** What makes a fact of a product another; none where it is so already. */
export function goodsEdits(
  goods: Goods,
  at: Pick<GoodsEdit, 'of' | 'part' | 'fact'>,
  is: unknown,
): GoodsEdit[] {
  const was = valueAt(goods, at);
  return isSame(at, was, is) ? [] : [{ product: goods.id, ...at, was, is }];
}

/** The same values; of lists in whatever order, unless it counts. */
function isSame({ of, fact }: Pick<GoodsEdit, 'of' | 'fact'>, a: unknown, b: unknown): boolean {
  const isList = Array.isArray(a) && Array.isArray(b) && !goodsFact(of, fact)?.inOrder;
  return isList ? same([...a].sort(), [...b].sort()) : same(a, b);
}

/** The product once an edit is done. */
export function edited(goods: Goods, { of, part, fact, is }: GoodsEdit): Goods {
  if (of === 'product') return { ...goods, [fact]: is };
  if (of === 'variant')
    return {
      ...goods,
      variants: goods.variants.map((one) => (one.id === part ? { ...one, [fact]: is } : one)),
    };
  const { [part as string]: _, ...others } = goods.fields;
  return { ...goods, fields: is === null ? others : { ...others, [part as string]: is as never } };
}

/** What is wrong with a product as a whole, in a sentence; null where nothing is. */
export function goodsFault({ variants, title }: Pick<Goods, 'variants' | 'title'>): string | null {
  for (const { reduced, price, choice } of variants)
    if (reduced !== null && reduced >= price)
      return `The reduced price of ${choice ? `${title}, ${choice}` : title} is not below its price.`;
  return null;
}

/** Whether a fact of a product is still what an edit goes by. */
export const isStill = (goods: Goods, edit: GoodsEdit): boolean =>
  isSame(edit, valueAt(goods, edit), edit.was);
