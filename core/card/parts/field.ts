import { fieldWords } from '../../catalogue/fieldWords.ts';
import { fieldSort } from '../../listing/sorts.ts';
import { string } from '../../schema/schema.ts';
import { own } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { linePartOf } from '../linePart.ts';

/** Which field of the store it says; empty for none. */
const ofField = own<string>(
  string().max(80).defined(),
  (id, names) => names.field(id)?.name ?? (id || 'none'),
);

/** One of the fields that the store has besides what every product has; which one is the owner's. */
export const fieldPart = <Id extends string>(id: Id, nth: number) => {
  const name = nth === 1 ? 'Field' : `Field ${nth}`;
  return linePartOf({
    id,
    of: ['products'],
    name,
    find: ['field', 'attribute', 'property'],
    settings: { field: setting(ofField, '', { name: `${name}: which`, find: ['field', 'attribute'] }) },
    column: { sorts: ({ field }) => (field ? [fieldSort(field, false), fieldSort(field, true)] : []) },
    needs: ['fields'],
    ofField: ({ field }) => field,
    named: ({ field }, names) => names.field(field)?.name,
    words: (item, { currency, texts }, { field }) => {
      const found = item.of === 'products' ? item.product.fields.find((one) => one.id === field) : undefined;
      return found ? fieldWords(found, texts, currency.locale) : null;
    },
  });
};
