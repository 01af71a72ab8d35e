import { sayCurrency, sayLocale, sayTimeZone } from '../catalogue/storeWhere.ts';
import { FEWEST_BANDS, MOST_BANDS, type Band } from '../bands/bands.ts';
import { labelKinds } from '../label/labels/index.ts';
import { sayLabel } from '../label/sayLabel.ts';
import { storeLabelsSchema, type StoreLabel } from '../label/storeLabel.ts';
import { firstSizes, namedSizesSchema, saySizes, type NamedSize } from '../picture/namedSizes.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, number, object, string } from '../schema/schema.ts';
import { listed } from '../sentence/sentence.ts';
import { choice, integer, name, inParts, own, text, webOrigin, yesNo } from '../settings/values.ts';
import { byWidth, setting, varying, type Complete, type Sparse } from '../settings/setting.ts';
import { rulesTree } from '../rules/rulesTree.ts';
import { colourSettings } from '../style/colourSettings.ts';
import { scaleSettings } from '../style/scale.ts';
import { schemesSchema, type Scheme } from '../style/scheme.ts';
import { styleTree } from '../style/styleTree.ts';
import { ownTexts } from '../texts/ownTexts.ts';
import { SELLING_BY } from '../catalogue/selling.ts';
import { sayStoreGroups } from '../group/sayStoreGroups.ts';
import { sellsOtherwise } from '../group/soldAs.ts';
import { storeGroupsSchema, type StoreGroup } from '../group/storeGroup.ts';
import { sayStoreSwatches } from '../swatch/sayStoreSwatches.ts';
import { storeSwatchesSchema, type StoreSwatch } from '../swatch/storeSwatch.ts';
import { feedPath, type Feed } from '../feeds/feed.ts';
import { feeds } from '../feeds/index.ts';
import { firstBands } from './firstBands.ts';
import { LONGEST_NAME } from './words.ts';

const px = (most: number) => number().integer().min(0).max(most).required();

const bandsSchema = array(
  object({
    id: string()
      .matches(/^[a-z0-9-]{1,60}$/, 'A width is named by small letters, digits and hyphens.')
      .required(),
    name: string().max(40).required('A width needs a name.'),
    from: px(2560),
    nominal: object({ width: px(2560), height: px(2560) })
      .noUnknown()
      .required(),
  })
    .noUnknown()
    .required(),
)
  .min(FEWEST_BANDS)
  .max(MOST_BANDS)
  .test('once', 'Two widths have the same id.', idsOnce)
  .test('ordered', 'Widths begin at 0 and each begins wider than the one before.', (bands) =>
    (bands ?? []).every((band, i, all) => (i === 0 ? band?.from === 0 : band?.from > all[i - 1]!.from)),
  )
  .required();

const knows = (make: (value: string) => unknown) => (value: string | undefined) => {
  try {
    return value !== undefined && Boolean(make(value));
  } catch {
    return false;
  }
};

const locale = string()
  .max(40)
  .test(
    'locale',
    'This is not a language that is known here.',
    knows((value) => Intl.NumberFormat.supportedLocalesOf(value).length),
  )
  .required();

const timeZone = string()
  .max(60)
  .test(
    'zone',
    'This is not a time zone that is known here.',
    knows((value) => new Intl.DateTimeFormat('en', { timeZone: value })),
  )
  .required();

const currency = string()
  .matches(/^[A-Z]{3}$/, 'A currency is three capital letters.')
  .required();

const LONGEST_PLACE = 300;
const LONGEST_SHIPPING = 300;

const feedSetting = (feed: Feed) =>
  setting(yesNo(), false, {
    name: feed.name,
    find: ['feed', 'export', 'products', 'machines', feed.file],
    about: `At ${feedPath(feed)} once you publish, for programs that list or compare products.`,
  });

/** Each feed is switched on by itself. */
const feedSettings = Object.fromEntries(feeds.map((feed) => [feed.id, feedSetting(feed)])) as Record<
  Feed['id'],
  ReturnType<typeof feedSetting>
>;

/** What can be set for the whole store. */
export const houseSettings = {
  storeName: setting(name(LONGEST_NAME, 'A store needs a name.'), 'New store', { name: 'Store name' }),
  locale: setting(own<string>(locale, sayLocale), 'en-GB', {
    name: 'Language and region',
    find: ['language', 'region', 'country', 'locale', 'dates', 'numbers'],
    about:
      'Prices, numbers and dates are written as they are there, and the search knows its forms of words.',
  }),
  currency: setting(own<string>(currency, sayCurrency), 'GBP', {
    name: 'Currency',
    find: ['money', 'price', 'pound', 'euro', 'dollar'],
    about: 'Prices are not converted. See them in the frames before you publish.',
  }),
  timeZone: setting(own<string>(timeZone, sayTimeZone), 'Europe/London', {
    name: 'Time zone',
    find: ['time', 'zone', 'clock', 'hour'],
    about: 'Days begin at its midnight, for what is new and for bays with a date.',
  }),
  newForDays: setting(integer(1, 730, 'days'), 30, {
    name: 'Days that a product counts as new',
    find: ['new', 'days', 'new arrivals'],
  }),
  /** What shoppers and search engines are told of the store. */
  shop: {
    place: setting(text(LONGEST_PLACE, 'none', true), '', {
      name: 'Place',
      find: ['address', 'place', 'street', 'town', 'shop'],
      about: 'Shown above contact forms, and told to search engines.',
    }),
    shipping: setting(text(LONGEST_SHIPPING, 'none', true), '', {
      name: 'Words on shipping',
      find: ['shipping', 'delivery', 'postage', 'basket'],
      about: 'Shown under the total of the basket and the checkout.',
    }),
    origin: setting(webOrigin('that of this server'), '', {
      name: 'Public address',
      find: ['address', 'domain', 'web', 'host', 'origin', 'url', 'links'],
      about:
        'What whole addresses begin with, for search engines, feeds and pages that are shared; such as https://lamps.example. Without it that of this server.',
    }),
    listed: setting(yesNo(), true, {
      name: 'Found by search engines',
      find: ['robots', 'search engines', 'index', 'hidden'],
      about: 'Without it they are asked to leave out the whole store.',
    }),
    feeds: feedSettings,
  },
  bands: setting(
    inParts(
      own<Band[]>(bandsSchema, (bands) => listed(bands.map((band) => `${band.name} from ${band.from} px`))),
    ),
    [...firstBands],
    { name: 'Widths' },
  ),
  /** How the store sells. */
  selling: {
    by: setting(choice(SELLING_BY), 'basket', {
      name: 'How the store sells',
      find: ['buying', 'basket', 'checkout', 'quote', 'browse only', 'sell'],
      about: 'Holds for the whole store: buttons that buy follow it everywhere.',
    }),
    prices: setting(yesNo(), true, {
      name: 'Prices shown',
      find: ['price', 'browse only', 'hide prices'],
      offBecause: (read) =>
        read('selling.by') === 'basket' && !sellsOtherwise(read('groups') as readonly StoreGroup[])
          ? 'What goes into a basket shows its price'
          : null,
    }),
  },
  /** Icons of categories and collections, and how goods of a category are sold. */
  groups: setting(inParts(own<StoreGroup[]>(storeGroupsSchema, sayStoreGroups)), [], {
    name: 'Categories and collections',
    find: ['icon', 'category', 'collection', 'browse only', 'quote', 'sold otherwise', 'sell'],
  }),
  /** Marks on products, the one that comes first first. */
  labels: {
    list: setting(
      inParts(
        own<StoreLabel[]>(storeLabelsSchema, (labels, names) =>
          labels.length ? listed(labels.map((one) => sayLabel(one, names))) : 'none',
        ),
      ),
      labelKinds.filter(({ atFirst }) => atFirst).map(({ id }) => ({ id, kind: id })),
      { name: 'Labels', find: ['label', 'badge', 'sale', 'new', 'tag'] },
    ),
    most: setting(integer(1, 6, 'labels'), 3, {
      name: 'Labels on one product at most',
      find: ['label', 'how many', 'at once'],
    }),
  },
  pictureSizes: setting(inParts(own<NamedSize[]>(namedSizesSchema, saySizes)), [...firstSizes], {
    name: 'Sizes of pictures',
    find: ['picture', 'size', 'resolution', 'dimensions'],
  }),
  swatches: setting(inParts(own<StoreSwatch[]>(storeSwatchesSchema, sayStoreSwatches)), [], {
    name: 'Swatches',
    find: ['swatch', 'option', 'colour', 'variant', 'value'],
  }),
  colours: colourSettings,
  /** Sizes of text and spaces that follow one another, at each width. */
  scale: scaleSettings,
  ...styleTree('house'),
  schemes: setting(
    inParts(
      own<Scheme[]>(schemesSchema, (schemes) =>
        schemes.length ? listed(schemes.map((one) => one.name)) : 'none',
      ),
    ),
    [],
    { name: 'Schemes kept', find: ['scheme', 'colours', 'theme', 'look'] },
  ),
  /** What the store says by itself, in other words than it ships with. */
  texts: setting(
    inParts(ownTexts()),
    {},
    {
      name: 'Store texts',
      find: ['texts', 'words', 'language', 'translate', 'wording'],
    },
  ),
  ...rulesTree('Own rules of the store'),
  /** Greatest width of what is of content width, px. */
  contentPx: setting(integer(320, 2560, 'px'), 1200, { name: 'Content width' }),
  /** Space at each side of the page, px. */
  margin: varying(integer(0, 200, 'px'), byWidth(16, { 560: 24, 880: 32 }), { name: 'Page margins' }),
};

/** What holds for the whole store. */
export type House = Complete<typeof houseSettings>;
export type StoredHouse = Sparse<typeof houseSettings>;
export type HouseColours = House['colours'];
