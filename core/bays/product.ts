import { textsFor } from '../texts/index.ts';
import type { PictureFacts, ProductDetail } from '../catalogue/facts.ts';
import { fieldWords } from '../catalogue/fieldWords.ts';
import { soldAs } from '../group/soldAs.ts';
import { decimalMoney, formatMoney } from '../catalogue/money.ts';
import { renditionAddress } from '../picture/renditions.ts';
import { saidPrice, type SaidPrice } from '../catalogue/saidPrice.ts';
import { showsPrices, type Selling } from '../catalogue/selling.ts';
import { savingOf, type Saving } from '../card/saving.ts';
import { counted, listed } from '../sentence/sentence.ts';
import { setting, type Setting } from '../settings/setting.ts';
import { integer, yesNo } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { swatchViews, type SwatchView } from '../swatch/swatchView.ts';
import type { LabelView } from '../label/labelKind.ts';
import { labelKind } from '../label/labels/index.ts';
import { labelsOf } from '../label/labelsOf.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

export interface ProductContent {
  product: ProductDetail | null;
  /** Those of its pictures that are shown. */
  pictures: PictureFacts[];
  shows: Readonly<Record<Part, boolean>>;
  /** Null where the store does not say its prices. */
  price: SaidPrice | null;
  options: { name: string; values: SwatchView[] }[];
  fields: { name: string; words: string }[];
  buying: Buying;
  labels: LabelView[];
  /** How it can be kept for later; null where the store has no such thing. */
  save: Saving | null;
}

/** What of a product can be left out, in the order in which it stands. */
const PARTS = {
  labels: 'Labels',
  brand: 'Brand',
  price: 'Price',
  rating: 'Rating',
  shortText: 'Short description',
  options: 'Options',
  stock: 'Stock',
  buying: 'Buying',
  save: 'Save for later',
  longText: 'Long description',
  fields: 'Fields',
  details: 'Link to its own page',
} as const;
type Part = keyof typeof PARTS;

/** Most pictures that are kept of a product. */
const MOST_PICTURES = 12;

const settings = {
  text: {
    most: setting(integer(0, MOST_PICTURES, 'pictures'), MOST_PICTURES, {
      name: 'Pictures, at most',
      find: ['pictures', 'gallery', 'how many'],
    }),
    shows: Object.fromEntries(
      Object.entries(PARTS).map(([part, name]) => [
        part,
        setting(yesNo(), part !== 'details', { name, find: ['show', 'hide', name.toLowerCase()] }),
      ]),
    ) as Record<Part, Setting<boolean>>,
  },
};

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
    href,
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
    contentLine('text', 'Shows', ({ most, shows }) => {
      const left = Object.entries(PARTS).filter(([part]) => !(shows as Record<string, boolean>)[part]);
      return [
        opens(counted(most as number, 'picture'), 'most'),
        ', ',
        opens(
          left.length ? `all but ${listed(left.map(([, name]) => name.toLowerCase()))}` : 'everything',
          `shows.${left[0]?.[0] ?? 'brand'}`,
        ),
      ];
    }),
    lookLine,
    visibilityLine,
  ],
  addable: false,
  named: () => 'The product',
  atFirst: (id) => ({ bay: { id, holds: 'product' }, shelves: [] }),
  ...withoutShelves,
  pictures: () => [],
  *view({ most, shows }, { about, store, address, changes }) {
    const product = about.product ?? null;
    const { currency, swatches, wording } = store;
    const texts = textsFor(wording);
    if (shows.labels && store.labels.list.some(({ kind }) => labelKind(kind)?.byDay)) changes('daily');
    const selling = product ? soldAs(product, store) : store.selling;
    const money = (minor: number) => formatMoney(minor, currency);
    return {
      content: {
        product,
        pictures: product?.pictures.slice(0, most) ?? [],
        shows,
        save:
          product && store.saves
            ? savingOf(product, { words: '', shows: 'both' }, { saved: store.saved, texts })
            : null,
        labels: product && shows.labels ? labelsOf(product, { ...store, texts }, () => true) : [],
        price: product && showsPrices(selling) ? saidPrice(product.price, currency, texts) : null,
        options: (product?.options ?? []).map((option) => ({
          name: option.name,
          values: swatchViews(product!, option, null, { texts, swatches }, address.path),
        })),
        fields: (product?.fields ?? []).flatMap((field) => {
          const words = fieldWords(field, texts, currency.locale);
          return words ? [{ name: field.name, words }] : [];
        }),
        buying: product ? buyingOf(product, selling, money, texts) : { by: 'none' },
      },
      empty: !product,
    };
  },
  tones: ({ pictures }) => pictures,
  heads: () => true,
  heightPx: (_content, _heading, _bands, regionPx) => (regionPx >= 880 ? 780 : 1300),
  css: () => '',
  data: ({ product, price }, { origin, currency }) =>
    product
      ? [
          {
            '@context': 'https://schema.org',
            '@type': 'Product',
            name: product.title,
            description: product.shortText,
            sku: product.code,
            image: product.pictures.map((one) => `${origin}${renditionAddress(one, 1000)}`),
            ...(product.brand && { brand: { '@type': 'Brand', name: product.brand } }),
            ...(product.rating && {
              aggregateRating: {
                '@type': 'AggregateRating',
                ratingValue: Number(product.rating.mean.toFixed(2)),
                reviewCount: product.rating.count,
              },
            }),
            // What is not said on the page is not said to machines either.
            ...(price && {
              offers: {
                '@type': 'Offer',
                price: decimalMoney(product.price.reduced ?? product.price.regular, currency),
                priceCurrency: currency,
                availability: `https://schema.org/${product.stock.state === 'out' ? 'OutOfStock' : 'InStock'}`,
                url: `${origin}/product/${product.slug}`,
              },
            }),
          },
        ]
      : [],
};
