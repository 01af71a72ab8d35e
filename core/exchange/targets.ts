import { fold } from '../catalogue/fold.ts';
import { tidyLongText } from '../goods/longText.ts';
import { goodsFact, MOST_CATEGORIES, MOST_COLLECTIONS, MOST_STOCK } from '../goods/goodsFacts.ts';
import { slugOf } from '../catalogue/slugOf.ts';
import { LONGEST_PICTURE_NAME, MOST_OF_PRODUCT } from '../picture/limits.ts';
import { MOST_LEVELS } from '../groupings/places.ts';
import { splitPaths, splitValues, type LevelMark, type ListMark } from './cells.ts';
import type { NewField } from './lookup.ts';
import { readAmount, readNumber, type DecimalMark } from './amount.ts';

/** How the cells of one column are read. */
export interface How {
  list: ListMark;
  level: LevelMark;
  decimal: DecimalMark;
  /** Digits of the store's minor units. */
  digits: number;
}

/** Something that could not be kept; the end of a sentence that begins with it. */
export class Unreadable {
  readonly why: string;
  constructor(why: string) {
    this.why = why;
  }
}

/** Something of a product that a column of a file can hold. */
export interface Target {
  id: string;
  name: string;
  /** What such a column is called in files, folded. */
  words: readonly string[];
  /** What it is of; a key only says which product a row is of. */
  of: 'key' | 'product' | 'variant' | 'field' | 'option';
  /** The fact, the key, the id of the field or the name of the option. */
  fact: string;
  /** A cell that is not empty. */
  read(cell: string, how: How): unknown;
  /** What an empty cell is; absent where it says nothing. */
  none?: unknown;
  /** Its cells are numbers. */
  numbers?: true;
  /** They are amounts of money. */
  money?: true;
  /** Its cells name what has a list of its own. */
  names?: true;
  /** Letters of the longest of such names, where they may be more than what is put together by. */
  longest?: number;
  /** The field that is made for it. */
  makes?: NewField;
  /** How it is read, in a few words. */
  says?(how: How): string;
  /** Whether these values could be such, where no name says so. */
  looks?(values: readonly string[]): boolean;
}

const YES = new Set(['yes', 'y', 'true', '1', 'x']);
const NO = new Set(['no', 'n', 'false', '0']);

export const yesOrNo = (cell: string): unknown => {
  const said = fold(cell);
  if (YES.has(said)) return true;
  return NO.has(said) ? false : new Unreadable('is neither yes nor no');
};

const amount = (cell: string, { decimal, digits }: How): unknown =>
  readAmount(cell, decimal, digits) ?? new Unreadable('is not an amount');

export const text = (cell: string) => cell.trim();

const nameOf = (of: 'product' | 'variant', fact: string) => goodsFact(of, fact)!.name;

/** Longer addresses are none. */
const LONGEST_ADDRESS = 400;

/** Of an address what its file is called; anything else as it is. */
function fileAt(said: string): string {
  if (!/^https?:/iu.test(said) || !URL.canParse(said)) return said;
  const file = new URL(said).pathname.split('/').at(-1)!;
  try {
    return decodeURIComponent(file) || said;
  } catch {
    return file;
  }
}

const share = (values: readonly string[], is: (value: string) => boolean): number =>
  values.length === 0 ? 0 : values.filter(is).length / values.length;
const unlike = (values: readonly string[]): number => new Set(values).size / Math.max(1, values.length);

/** What columns of any store's files can hold, besides its own options and fields. */
export const TARGETS: readonly Target[] = [
  {
    id: 'code',
    name: nameOf('product', 'code'),
    words: [
      'item code',
      'code',
      'item no',
      'item number',
      'sku',
      'article number',
      'article no',
      'product code',
      'stock code',
      'reference',
      'ref',
    ],
    of: 'key',
    fact: 'code',
    read: text,
    looks: (values) =>
      unlike(values) > 0.9 && share(values, (value) => /^(?=.*\d)[\p{L}\d._/-]{2,40}$/u.test(value)) > 0.9,
  },
  {
    id: 'parent',
    name: 'Item code of its product',
    words: [
      'parent',
      'parent code',
      'parent sku',
      'parent item',
      'item code of its product',
      'belongs to',
      'variant of',
    ],
    of: 'key',
    fact: 'parent',
    read: text,
  },
  {
    id: 'slug',
    name: 'Address',
    words: ['address', 'slug', 'handle', 'url', 'permalink', 'link'],
    of: 'key',
    fact: 'slug',
    // The last part of a longer one.
    read: (cell) =>
      slugOf(
        cell
          .trim()
          .slice(0, LONGEST_ADDRESS)
          .replace(/[?#].*$/su, '')
          .replace(/\/+$/u, '')
          .split('/')
          .at(-1)!,
      ),
  },
  {
    id: 'title',
    name: nameOf('product', 'title'),
    words: ['title', 'name', 'product', 'product name', 'product title', 'item', 'item name'],
    of: 'product',
    fact: 'title',
    read: text,
    looks: (values) =>
      unlike(values) > 0.8 &&
      share(values, (value) => /^\p{L}[^\n;|>]{2,80}$/u.test(value) && /\p{L} /u.test(value)) > 0.7,
  },
  {
    id: 'shortText',
    name: nameOf('product', 'shortText'),
    words: ['short description', 'short text', 'blurb', 'summary', 'teaser', 'excerpt', 'intro'],
    of: 'product',
    fact: 'shortText',
    read: text,
    none: '',
  },
  {
    id: 'longText',
    name: nameOf('product', 'longText'),
    words: ['long description', 'description', 'long text', 'body', 'details', 'text'],
    of: 'product',
    fact: 'longText',
    read: (cell) => tidyLongText(text(cell)),
    none: '',
    says: () => 'as it reads, or in HTML',
  },
  {
    id: 'brand',
    name: nameOf('product', 'brandId'),
    words: ['brand', 'maker', 'manufacturer', 'vendor', 'label', 'supplier'],
    of: 'product',
    fact: 'brandId',
    names: true,
    read: text,
    none: '',
  },
  {
    id: 'categories',
    name: nameOf('product', 'categoryIds'),
    words: ['categories', 'category', 'section', 'department', 'group', 'product type', 'type'],
    of: 'product',
    fact: 'categoryIds',
    names: true,
    read: (cell, { list, level }) => {
      const paths = splitPaths(cell, list, level);
      if (paths.length > MOST_CATEGORIES)
        return new Unreadable(`names more than ${MOST_CATEGORIES} categories`);
      return paths.every((path) => path.length <= MOST_LEVELS)
        ? paths
        : new Unreadable(`has a category of more than ${MOST_LEVELS} levels`);
    },
    none: [],
    says: ({ list, level }) => `levels split at “${level}”, several at “${list}”`,
    looks: (values) => share(values, (value) => / > /u.test(value)) > 0.5,
  },
  {
    id: 'collections',
    name: nameOf('product', 'collectionIds'),
    words: ['collections', 'collection'],
    of: 'product',
    fact: 'collectionIds',
    names: true,
    read: (cell, { list }) => {
      const all = [...new Set(splitValues(cell, list))];
      return all.length > MOST_COLLECTIONS
        ? new Unreadable(`names more than ${MOST_COLLECTIONS} collections`)
        : all;
    },
    none: [],
    says: ({ list }) => `split at “${list}”`,
  },
  {
    id: 'pictures',
    name: nameOf('product', 'pictureIds'),
    words: [
      'pictures',
      'images',
      'picture',
      'image',
      'photos',
      'photo',
      'photographs',
      'image url',
      'image src',
      'image link',
      'image urls',
      'picture names',
      'media',
    ],
    of: 'product',
    fact: 'pictureIds',
    names: true,
    // A name with the ending of a file.
    longest: LONGEST_PICTURE_NAME + 8,
    read: (cell, { list }) => {
      const all = [...new Set(splitValues(cell, list).map(fileAt))];
      return all.length > MOST_OF_PRODUCT
        ? new Unreadable(`names more than ${MOST_OF_PRODUCT} pictures`)
        : all;
    },
    none: [],
    says: ({ list }) => `pictures of the store by their names, split at “${list}”`,
  },
  {
    id: 'tags',
    name: nameOf('product', 'tags'),
    words: ['tags', 'tag', 'keywords', 'labels'],
    of: 'product',
    fact: 'tags',
    read: (cell, { list }) => [...new Set(splitValues(cell, list))].sort(),
    none: [],
    says: ({ list }) => `split at “${list}”`,
  },
  {
    id: 'featured',
    name: nameOf('product', 'featured'),
    words: ['featured', 'highlight', 'promoted'],
    of: 'product',
    fact: 'featured',
    read: yesOrNo,
    none: false,
    says: () => 'yes or no; empty means no',
  },
  {
    id: 'variantCode',
    name: 'Item code of the variant',
    words: ['variant code', 'variant sku', 'item code of the variant', 'variant item code'],
    of: 'variant',
    fact: 'code',
    read: text,
    none: '',
  },
  {
    id: 'price',
    name: nameOf('variant', 'price'),
    words: [
      'price',
      'regular price',
      'price gbp',
      'price eur',
      'price usd',
      'unit price',
      'list price',
      'retail price',
      'amount',
      'cost',
    ],
    of: 'variant',
    fact: 'price',
    numbers: true,
    money: true,
    read: amount,
    looks: (values) =>
      share(values, (value) => readNumber(value, '.') !== null || readNumber(value, ',') !== null) > 0.9 &&
      share(values, (value) => /[.,]\d\d\D*$|\p{Sc}/u.test(value)) > 0.5,
  },
  {
    id: 'reduced',
    name: nameOf('variant', 'reduced'),
    words: [
      'reduced price',
      'reduced',
      'sale price',
      'special price',
      'offer price',
      'discount price',
      'now',
    ],
    of: 'variant',
    fact: 'reduced',
    numbers: true,
    money: true,
    // Many files say nothing, or the price itself, where nothing is taken off.
    read: (cell, how) => {
      const read = amount(cell, how);
      return read === 0 ? null : read;
    },
    none: null,
    says: () => 'empty means not reduced',
  },
  {
    id: 'stock',
    name: nameOf('variant', 'stock'),
    words: ['stock', 'qty', 'quantity', 'in stock', 'stock level', 'inventory', 'on hand', 'available'],
    of: 'variant',
    fact: 'stock',
    numbers: true,
    read: (cell, { decimal }) => {
      const number = readNumber(cell, decimal);
      return number !== null && Number.isInteger(number) && number <= MOST_STOCK
        ? number
        : new Unreadable('is not a whole number');
    },
    none: null,
    says: () => 'whole numbers; 0 is sold out, empty is not counted',
    looks: (values) => share(values, (value) => /^\d{1,6}$/u.test(value)) > 0.95,
  },
];
