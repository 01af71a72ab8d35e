import { idSchema, number, object, string } from '../../core/schema/schema.ts';
import { MOST_OF_ONE } from '../../core/shopper/basketLines.ts';
import { ONLY_FIELD, quantityField, variantOf } from '../../core/table/rowsForm.ts';
import { readBody } from '../readBody.ts';

/** What can be done with one line of a basket. */
const schema = object({
  variant: idSchema,
  quantity: number().integer().min(0).max(MOST_OF_ONE).default(1).required(),
  do: string().oneOf(['add', 'set', 'remove']).default('add').required(),
});

export type BasketChange = { variant: number; quantity: number; do: 'add' | 'set' | 'remove' };

/** A form's values are texts. */
const read = (sent: Readonly<Record<string, unknown>>): BasketChange =>
  readBody(
    schema,
    schema.cast(
      { variant: sent.variant, quantity: sent.quantity || undefined, do: sent.do },
      { assert: false },
    ),
  );

/** Of a table whose rows are one form: the row whose button was pressed, or else every row that is filled in. */
function readRows(sent: Readonly<Record<string, unknown>>): BasketChange[] {
  const only = sent[ONLY_FIELD];
  if (only !== undefined)
    return [read({ variant: only, quantity: Number(sent[quantityField(Number(only))]) || undefined })];
  return Object.entries(sent)
    .map(([field, quantity]) => ({ variant: variantOf(field), quantity }))
    .filter(({ variant, quantity }) => variant !== null && quantity !== '' && quantity !== '0')
    .map(read);
}

/** What a form does with a basket; nothing where rows were to be added and none is filled in. */
export function readBasketChanges(body: unknown): BasketChange[] {
  const sent = (body ?? {}) as Readonly<Record<string, unknown>>;
  return sent.do === 'rows' ? readRows(sent) : [read(sent)];
}
