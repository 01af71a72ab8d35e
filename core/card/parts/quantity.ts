import { partKindOf } from '../partKind.ts';
import { BUTTON_TEXT } from '../button.ts';

/** The field, px, as the storefront's base sheet has it. */
export const QUANTITY_PX = { width: 64, height: 40 };

/** How many the basket button beside it puts into the basket at once. */
export const quantityPart = partKindOf({
  id: 'quantity',
  of: ['products'],
  name: 'Quantity',
  find: ['quantity', 'how many', 'number', 'basket'],
  atFirst: false,
  settings: {},
  column: { align: 'center', share: 0, least: 88 },
  needs: ['buy'],
  takesPresses: true,
  goesWith: 'basket',
  text: BUTTON_TEXT,
  reads: () => null,
  view: (item, _, { selling, texts }) => {
    if (item.of !== 'products' || selling.by !== 'basket') return null;
    const { buy, stock, title } = item.product;
    if (!buy || buy.choose || stock.state === 'out') return null;
    return { variantId: buy.variantId, most: stock.count, label: texts.quantityOf(title) };
  },
  fullest: (view) => view,
  words: () => '1',
  widthPx: () => QUANTITY_PX.width,
  heightPx: () => QUANTITY_PX.height,
  say: () => 'quantity',
});
