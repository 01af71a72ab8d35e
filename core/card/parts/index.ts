import type { Of } from '../../assortment/of.ts';
import { yesNo } from '../../settings/values.ts';
import { varying, type Setting, type Tree } from '../../settings/setting.ts';
import type { Varying } from '../../bands/varying.ts';
import type { PartKind } from '../partKind.ts';
import { askPart } from './ask.ts';
import { authorPart } from './author.ts';
import { basketPart } from './basket.ts';
import { brandPart } from './brand.ts';
import { categoryPart } from './category.ts';
import { codePart } from './code.ts';
import { countPart } from './count.ts';
import { datePart } from './date.ts';
import { descriptionPart } from './description.ts';
import { detailsPart } from './details.ts';
import { extraLinePart } from './extraLine.ts';
import { iconPart } from './icon.ts';
import { fieldPart } from './field.ts';
import { placeSettings, type PlaceSettings } from '../placeSettings.ts';
import { picturePart } from './picture.ts';
import { pricePart } from './price.ts';
import { productKindPart } from './productKind.ts';
import { quickPart } from './quick.ts';
import { quantityPart } from './quantity.ts';
import { ratingPart } from './rating.ts';
import { savePart } from './save.ts';
import { soldPart } from './sold.ts';
import { stockPart } from './stock.ts';
import { swatchesPart } from './swatches.ts';
import { titlePart } from './title.ts';

/** Every part a card can have, in the order of a new card; to add one, write its file and list it here. */
const kinds = {
  picture: picturePart,
  title: titlePart,
  brand: brandPart,
  category: categoryPart,
  kind: productKindPart,
  description: descriptionPart,
  price: pricePart,
  rating: ratingPart,
  swatches: swatchesPart,
  stock: stockPart,
  code: codePart,
  count: countPart,
  sold: soldPart,
  field: fieldPart('field', 1),
  field2: fieldPart('field2', 2),
  field3: fieldPart('field3', 3),
  field4: fieldPart('field4', 4),
  author: authorPart,
  date: datePart,
  extraLine: extraLinePart,
  icon: iconPart,
  quantity: quantityPart,
  basket: basketPart,
  quick: quickPart,
  save: savePart,
  ask: askPart,
  details: detailsPart,
};

type Kinds = typeof kinds;
export type PartId = keyof Kinds;

/** What a card's part says, ready to be drawn. */
export type PartView = {
  [P in PartId]: { part: P } & (Kinds[P] extends PartKind<infer _S, infer V, infer _R> ? V : never);
}[PartId];

/** A kind whose settings and sayings are known to itself alone. */
export type AnyPart = PartKind<Tree, object, unknown>;

export const partKinds = Object.values(kinds) as unknown as readonly AnyPart[];

export const partsOf = (of: Of): AnyPart[] => partKinds.filter((kind) => kind.of.includes(of));

const byId = new Map(partKinds.map((kind) => [kind.id, kind]));

export const partKind = (id: string): AnyPart | undefined => byId.get(id);

type PartSettings = {
  [P in PartId]: Kinds[P]['settings'] & { shown: Setting<Varying<boolean>> } & (P extends 'picture'
      ? unknown
      : PlaceSettings);
};

/** What can be set of each part: whether it is shown, where it stands, and its own settings. */
export const partSettings = Object.fromEntries(
  partKinds.map((kind) => {
    const { id, name, find, of, atFirst, settings } = kind;
    return [
      id,
      {
        shown: varying(yesNo(), atFirst, {
          name,
          find: [...find, 'show', 'hide'],
          items: of,
          say: (shown) => `${name.toLowerCase()} ${shown ? 'shown' : 'not shown'}`,
        }),
        ...settings,
        ...(kind.isPicture ? {} : placeSettings(kind)),
      },
    ];
  }),
) as unknown as PartSettings;
