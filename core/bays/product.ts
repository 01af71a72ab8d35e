import { textsFor } from '../texts/index.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import type { ProductDetail } from '../catalogue/facts.ts';
import type { Neighbour, Neighbours } from '../catalogue/neighbours.ts';
import { fieldWords } from '../catalogue/fieldWords.ts';
import { soldAs } from '../group/soldAs.ts';
import { formatMoney } from '../catalogue/money.ts';
import { productData } from '../catalogue/productData.ts';
import { saidPrice, type SaidPrice } from '../catalogue/saidPrice.ts';
import { showsPrices, type Selling } from '../catalogue/selling.ts';
import { savingOf, type Saving } from '../card/saving.ts';
import { counted, listed, lowered } from '../sentence/sentence.ts';
import { atBand, byBand } from '../css/containers.ts';
import { setting, varying } from '../settings/setting.ts';
import { choice, own, yesNo } from '../settings/values.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { CATEGORIES, productRead, RULE, ruleRead } from '../view/reads.ts';
import { keptFor } from '../view/keptFor.ts';
import { linksIn, withLinks, type BlockNode } from './richText.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { swatchViews, type SwatchView } from '../swatch/swatchView.ts';
import type { LabelView } from '../label/labelKind.ts';
import { labelKind } from '../label/labels/index.ts';
import { labelsOf } from '../label/labelsOf.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import type { BayKind } from './bayKind.ts';
import { SIDES, type Side } from './besideText.ts';
import type { Bay } from './index.ts';
import {
  pictureSettings,
  picturesCss,
  productHeight,
  productPictures,
  WAYS,
  ZOOMS,
  type ProductPictures,
  type Way,
  type Zoom,
} from './productPictures.ts';
import {
  firstParts,
  partRows,
  PRODUCT_PARTS,
  productPartsSchema,
  type ProductPart,
  type ProductPartId,
} from './productParts.ts';
import { withoutShelves } from './withoutShelves.ts';

/** A product beside it, as a link. */
export interface NeighbourLink {
  title: string;
  href: string;
}

export interface ProductContent {
  product: ProductDetail | null;
  pictures: ProductPictures;
  /** Null where they are not shown. */
  neighbours: {
    said: string;
    href: string;
    previous: NeighbourLink | null;
    next: NeighbourLink | null;
  } | null;
  /** What it is told by, row by row: only what there is something to show of. */
  rows: readonly (readonly ProductPartId[])[];
  /** Text is level with the top or the middle of what stands beside it. */
  upright: Varying<'start' | 'center'>;
  align: Varying<'start' | 'center'>;
  /** What it is bought by stays at the foot of the window. */
  buyStays: Varying<boolean>;
  longText: readonly BlockNode[];
  /** Null where the store does not say its prices. */
  price: SaidPrice | null;
  options: { name: string; values: SwatchView[] }[];
  fields: { name: string; words: string }[];
  buying: Buying;
  labels: LabelView[];
  /** How it can be kept for later; null where the store has no such thing. */
  save: Saving | null;
}

const partsLeftOut = (parts: readonly ProductPart[]): string[] =>
  Object.entries(PRODUCT_PARTS).flatMap(([id, name]) =>
    parts.some((one) => one.id === id) ? [] : [lowered(name)],
  );

const settings = {
  picture: pictureSettings,
  text: {
    parts: setting(
      own<ProductPart[]>(productPartsSchema, (parts) =>
        listed(parts.map(({ id }) => lowered(PRODUCT_PARTS[id]))),
      ),
      [...firstParts],
      {
        name: 'Parts of the product',
        find: [
          'order',
          'show',
          'hide',
          'row',
          ...Object.values(PRODUCT_PARTS).map((name) => name.toLowerCase()),
        ],
      },
    ),
    neighbours: setting(yesNo(), false, {
      name: 'Previous and next product',
      find: ['previous', 'next', 'neighbours', 'browse', 'links'],
      about: 'Of its main category, in your own order; for shoppers who come from a list, of that list.',
    }),
    upright: varying(choice({ start: 'With the top', center: 'With the middle' }), 'start', {
      name: 'Text beside pictures is level',
      find: ['top', 'middle', 'level', 'upright', 'align'],
    }),
    buyStays: varying(yesNo(), false, {
      name: 'Buying stays in sight',
      find: ['buy', 'basket', 'sticky', 'stays', 'bottom', 'button'],
      about: 'At the foot of the window, until its own place comes into sight.',
      offBecause: (read) =>
        (read('parts') as readonly ProductPart[]).some(({ id }) => id === 'buying')
          ? null
          : 'Buying is not shown',
    }),
    align: varying(choice({ start: 'At the start', center: 'In the middle' }), 'start', {
      name: 'Text stands',
      find: ['align', 'centre', 'text', 'left', 'middle'],
    }),
  },
};

/** It lies over what goes by under it, and no wider than that. */
const stays = (scope: string) =>
  `${scope} .told>:is(.buy,.told-row:has(.buy)){position:sticky;inset-block-end:0;z-index:2;padding-block:10px;margin-block:10px -10px;background:var(--ground);box-shadow:0 -1px 0 var(--line)}`;

const kept = keptFor<Bay, ProductPictures>();
const keptLinks = keptFor<Bay, readonly BlockNode[]>();
const NOTHING_WRITTEN: readonly BlockNode[] = [];

/** How the product can be had. */
type Buying =
  | { by: 'none' }
  | { by: 'quote'; href: string }
  | {
      by: 'basket';
      /** The variant that the address asks for, or the only one; null where one has to be chosen first. */
      variantId: number | null;
      choices: { id: number; words: string; available: boolean }[];
      /** How many of it there are; null where that is not counted or not known yet. */
      most: number | null;
      canBeHad: boolean;
      /** Where a question about it is asked. */
      href: string;
    };

function buyingOf(
  product: ProductDetail,
  { by }: Selling,
  money: (minor: number) => string,
  texts: StoreTexts,
): Buying {
  const href = `/ask/${product.slug}`;
  if (by === 'none') return { by };
  if (by === 'quote') return { by, href };
  const { variants, askedVariant } = product;
  const variantId = askedVariant ?? (variants.length === 1 ? variants[0]!.id : null);
  const words = ({ choice, price, available }: ProductDetail['variants'][number]) =>
    [choice, available ? money(price.reduced ?? price.regular) : texts.soldOut].filter(Boolean).join(' – ');
  return {
    by,
    variantId,
    choices:
      variantId === null
        ? variants.map((one) => ({ id: one.id, words: words(one), available: one.available }))
        : [],
    most: variantId === null ? null : product.stock.count,
    canBeHad:
      variantId === null ? variants.some(({ available }) => available) : product.stock.state !== 'out',
    href,
  };
}

/** What the place of a product in its category goes by. */
const ORDERED_BY = ['position', 'titleKey', 'categoryIds'] as const;

function neighbourLinks(
  { category, place, of, previous, next }: Neighbours,
  texts: StoreTexts,
): ProductContent['neighbours'] {
  const link = (one: Neighbour | null) => one && { title: one.title, href: `/product/${one.slug}` };
  return {
    said: texts.placeIn(place, of, category.name),
    href: `/category/${category.slug}`,
    previous: link(previous),
    next: link(next),
  };
}

/** The product that a product page is about. */
export const productBay: BayKind<typeof settings, ProductContent> = {
  id: 'product',
  name: 'Product',
  settings,
  defaults: { 'look.above': 24, 'look.below': 24 },
  hasHeading: false,
  spec: [
    contentLine('picture', 'Pictures', ({ most, way, stands, zoom }, names) => [
      opens(most === 0 ? 'None' : `At most ${counted(most as number, 'picture')}`, 'most'),
      ', ',
      opens(
        sayVarying(way as Varying<Way>, names, (one) => lowered(WAYS[one])),
        'way',
      ),
      ', ',
      opens(
        sayVarying(stands as Varying<Side>, names, (one) => lowered(SIDES[one])),
        'stands',
      ),
      ...(zoom === 'none' ? [] : [', ', opens(`zoom ${lowered(ZOOMS[zoom as Zoom])}`, 'zoom')]),
    ]),
    contentLine('text', 'Shows', ({ parts }) => {
      const left = partsLeftOut(parts as readonly ProductPart[]);
      return [opens(left.length ? `All but ${listed(left)}` : 'Everything', 'parts')];
    }),
    lookLine,
    visibilityLine,
  ],
  addable: false,
  named: () => 'The product',
  showsNeighbours: ({ neighbours }) => neighbours,
  atFirst: (id) => ({ bay: { id, holds: 'product' }, shelves: [] }),
  ...withoutShelves,
  pictures: () => [],
  *view(set, { about, store, address, changes, reads, room, plan, bay, linkTo }) {
    const { upright, align, buyStays } = set;
    const lists = (id: ProductPartId) => set.parts.some((one) => one.id === id);
    const product = about.product ?? null;
    const { currency, swatches, wording } = store;
    const texts = textsFor(wording);
    if (lists('labels') && store.labels.list.some(({ kind }) => labelKind(kind)?.byDay)) changes('daily');
    const beside = set.neighbours ? (about.neighbours ?? null) : null;
    if (set.neighbours) {
      reads([CATEGORIES, RULE, ...ORDERED_BY.map(ruleRead)]);
      for (const one of [beside?.previous, beside?.next]) if (one) reads([productRead(one.id)]);
    }
    const selling = product ? soldAs(product, store) : store.selling;
    const money = (minor: number) => formatMoney(minor, currency);
    const labels = product && lists('labels') ? labelsOf(product, { ...store, texts }, () => true) : [];
    const price = product && showsPrices(selling) ? saidPrice(product.price, currency, texts) : null;
    const options = (product?.options ?? []).map((option) => ({
      name: option.name,
      values: swatchViews(product!, option, null, { texts, swatches }, address.path),
    }));
    const to = (link: string) => linkTo(link)?.href ?? null;
    const written = product?.longText ?? NOTHING_WRITTEN;
    const longText = keptLinks(bay, [written, linksIn(written).map(to).join(' ')], () =>
      withLinks(written, to),
    );
    const fields = (product?.fields ?? []).flatMap((field) => {
      const words = fieldWords(field, texts, currency.locale);
      return words ? [{ name: field.name, words }] : [];
    });
    const buying: Buying = product ? buyingOf(product, selling, money, texts) : { by: 'none' };
    const save =
      product && store.saves
        ? savingOf(product, { words: '', shows: 'both' }, { saved: store.saved, texts })
        : null;
    const has: Readonly<Record<ProductPartId, boolean>> = {
      brand: !!product?.brand,
      title: true,
      rating: !!product?.rating,
      price: price !== null,
      labels: labels.length > 0,
      shortText: !!product?.shortText,
      options: options.length > 0,
      stock: true,
      buying: buying.by === 'quote' || (buying.by === 'basket' && buying.canBeHad),
      save: save !== null,
      ask: buying.by === 'basket',
      longText: longText.length > 0,
      fields: fields.length > 0,
      details: true,
    };
    return {
      content: {
        product,
        pictures: kept(bay, [product, room, plan.house.bands], () =>
          productPictures(set, product?.pictures ?? [], room, plan.house.bands),
        ),
        neighbours: beside && neighbourLinks(beside, texts),
        upright,
        buyStays,
        align,
        rows: product ? partRows(set.parts, (id) => has[id]) : [],
        save,
        labels,
        price,
        options,
        fields,
        longText,
        buying,
      },
      empty: !product,
    };
  },
  tones: ({ pictures }) => pictures.all,
  heads: () => true,
  heightPx: ({ pictures }, _heading, bands, regionPx) => productHeight(pictures, bands, regionPx),
  scripted: ({ pictures, buying }) => pictures.all.length > 0 || buying.by === 'basket',
  css: ({ pictures, upright, align, buyStays }, scope, bands) =>
    picturesCss(pictures, scope, bands) +
    byBand(bands, (band) => {
      const at = valueAt(align, bands, band);
      return `${scope}{--upright:${valueAt(upright, bands, band)};--lines:${at};--line-of:${at === 'center' ? 'center' : 'normal'}}`;
    }) +
    bands
      .filter(({ id }) => valueAt(buyStays, bands, id))
      .map((band) => atBand(bands, band, stays(scope)))
      .join(''),
  data: ({ product, price }, store) =>
    product ? [{ '@context': 'https://schema.org', ...productData(product, store, price !== null) }] : [],
};
