import type { FieldFacts } from '../../catalogue/vocabulary.ts';
import { fieldWords } from '../../catalogue/fieldWords.ts';
import { string } from '../../schema/schema.ts';
import { own } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { ownWords, readsWords, saidWith } from '../ownWords.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

/** Which field of the store it says; empty for none. */
const ofField = own<FieldFacts['id']>(
  string().max(80).defined(),
  (id, names) => names.field(id)?.name ?? (id || 'none'),
);

/** One of the fields that the store has besides what every product has; which one is the owner's. */
export const fieldPart = <Id extends string>(id: Id, nth: number) => {
  const name = nth === 1 ? 'Field' : `Field ${nth}`;
  return partKindOf({
    id,
    of: ['products'],
    name,
    find: ['field', 'attribute', 'property'],
    atFirst: false,
    settings: {
      field: setting(ofField, '', { name: `${name}: which`, find: ['field', 'attribute'] }),
      ...ownWords(name),
    },
    needs: ['fields'],
    quiet: true,
    text: TEXT,
    ofField: ({ field }) => field,
    reads: (set) => ({ field: set.field, ...readsWords(set) }),
    view: (item, set, { currency, texts }) => {
      const found =
        item.of === 'products' ? item.product.fields.find((one) => one.id === set.field) : undefined;
      return saidWith(set, found ? fieldWords(found, texts, currency.locale) : null);
    },
    fullest: (view) => view,
    words: ({ text }) => text,
    widthPx: ({ text }) => widthOf(text, TEXT),
    heightPx: ({ text }, _, widthPx) => linesOf(text, TEXT, widthPx) * TEXT.linePx,
    say: () => name.toLowerCase(),
    named: ({ field }, names) => names.field(field)?.name,
  });
};
