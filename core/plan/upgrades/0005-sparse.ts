import { dropDefaults, type FormatDefaults, type Moved } from '../formats/dropDefaults.ts';
import defaults from '../formats/defaults-5.json' with { type: 'json' };
import { objectAt, type Old, type UpgradeContext, type UpgradeStep } from './step.ts';

const frozen = defaults as unknown as FormatDefaults;

const renamed = (id: unknown): unknown => (id === 'words' ? 'description' : id);

/** Settings of one layout, and of one part or label of a card, came to be with each other, and some were renamed. */
const OF_SHELF: Moved = {
  from: {
    layout: 'form',
    'columns.by': 'across.by',
    'columns.count': 'across.count',
    'columns.smallest': 'across.smallest',
    'layoutOwn.carousel.visible': 'visible',
    'layoutOwn.slider.by': 'slideBy',
    'layoutOwn.slider.ratio': 'slideRatio',
    'layoutOwn.slider.screen': 'slideScreen',
    'layoutOwn.list.picture': 'listPicture',
    'layoutOwn.spread.items': 'spread.items',
    'layoutOwn.spread.facing': 'spread.facing',
    'moving.arrowLook.background': 'moving.arrowLook.ground',
    'card.parts.picture.shown': 'card.shown.picture',
    'card.parts.picture.by': 'card.picture.by',
    'card.parts.picture.ratio': 'card.picture.ratio',
    'card.parts.picture.height': 'card.picture.height',
    'card.parts.picture.screen': 'card.picture.screen',
    'card.parts.picture.fit': 'card.picture.fit',
    'card.parts.title.shown': 'card.shown.title',
    'card.parts.title.lines': 'card.titleLines',
    'card.parts.brand.shown': 'card.shown.brand',
    'card.parts.description.shown': 'card.shown.words',
    'card.parts.price.shown': 'card.shown.price',
    'card.parts.rating.shown': 'card.shown.rating',
    'card.parts.count.shown': 'card.shown.count',
    'card.labels.soldOut.shown': 'card.shown.soldOut',
    'card.labels.sale.shown': 'card.shown.reduced',
    'card.text.background': 'card.text.ground',
  },
  values: {
    'card.order': (order) => (Array.isArray(order) ? order.map(renamed) : []),
    'card.text.when': (when) => (when === 'pointed' ? 'hover' : when),
  },
};

const OF_BAY: Moved = { from: { 'look.background': 'look.ground' } };

/** The defaults of a kind; none for what is no kind at all. */
const defaultsOf = <T extends object>(all: Record<string, T>, kind: unknown): T =>
  (typeof kind === 'string' && Object.hasOwn(all, kind) ? all[kind] : {}) as T;

const assortment = (value: unknown, context: UpgradeContext): Old => {
  const { of, ...rest } = objectAt(value);
  return { of, ...dropDefaults(rest, defaultsOf(frozen.assortment, of), context) };
};

/** Only what was set is kept. */
export const toSparse: UpgradeStep = {
  to: 5,
  house: (old, context) => dropDefaults(old, frozen.house, context),
  page: (old, context) => {
    const { id, kind, bays, ...rest } = old;
    return {
      id,
      kind,
      ...dropDefaults(rest, frozen.page, context),
      bays: (Array.isArray(bays) ? bays : []).map((one) => {
        const bay = objectAt(one);
        const defaults = defaultsOf(frozen.bay, bay.holds);
        return { id: bay.id, holds: bay.holds, ...dropDefaults(bay, defaults, context, OF_BAY) };
      }),
    };
  },
  shelf: (old, context) => {
    const itsOwn = assortment(old.assortment, context);
    const plain = itsOwn.of === 'products' && Object.keys(itsOwn).length === 1;
    return {
      id: old.id,
      ...(!plain && { assortment: itsOwn }),
      ...dropDefaults(old, frozen.shelf, context, OF_SHELF),
    };
  },
  assortment: (old, context) => ({ ...old, assortment: assortment(old.assortment, context) }),
};
