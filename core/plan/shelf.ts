import { boolean, number, object, string } from '../schema/schema.ts';
import { assortmentSchema, type Assortment } from '../assortment/assortment.ts';
import type { Varying } from '../bands/varying.ts';
import { colourSchema } from '../colour/colourSchema.ts';
import {
  cardSchema,
  screenSchema,
  SLIDE_RATIOS,
  varyingSchema,
  type Card,
  type SlideRatio,
} from '../card/card.ts';
import { FORM_IDS, type FormId } from '../forms/formKind.ts';
import { MOST_ACROSS, type Across } from '../geometry/steps.ts';
import { linkSchema } from './link.ts';
import { LONGEST_NAME } from './words.ts';

/** What becomes of a last row that is not full. */
export const LAST_ROWS = ['leave', 'drop', 'fill'] as const;
export type LastRow = (typeof LAST_ROWS)[number];

export const ALIGNS = ['start', 'center', 'end'] as const;
export type Align = (typeof ALIGNS)[number];

/** How many items a shelf (or one of its pages) shows. What is not in use is kept. */
export interface Amount {
  by: 'rows' | 'items';
  rows: Varying<number>;
  items: Varying<number>;
}

/** How a shopper comes to what is not on the first page. */
export const PAGINGS = ['none', 'numbered', 'more', 'onReach'] as const;

export interface Paging {
  by: (typeof PAGINGS)[number];
  /** Words of the button that brings more. */
  words: string;
  /** Where that button leads instead; empty for nowhere else. */
  link: string;
}

export const ARROW_PLACES = ['over', 'beside', 'above', 'below'] as const;
export const ARROW_SHAPES = ['round', 'square', 'bare'] as const;
export const MARK_SHAPES = ['round', 'square', 'line'] as const;
export const MOVE_COMINGS = ['moves', 'fades'] as const;
export const MARKS = ['none', 'dots', 'bar', 'count'] as const;

/** How what moves is moved: by carousel, slider and spread alike. */
export interface Moving {
  /** Items a move. */
  step: Varying<number>;
  arrows: Varying<boolean>;
  arrowPlace: (typeof ARROW_PLACES)[number];
  /** px. */
  arrowSize: Varying<number>;
  arrowShape: (typeof ARROW_SHAPES)[number];
  /** The sign that points forward; empty for the usual one. */
  arrowSign: string;
  arrowLook: {
    /** Colour of the sign; null for that of text. */
    ink: string | null;
    /** Null for the page's own ground. */
    ground: string | null;
    /** A line around it. */
    edge: boolean;
    /** How far in from the edge of the cards it stands, px; less than 0 for outside. */
    offset: number;
  };
  /** What tells where one is. */
  marks: Varying<(typeof MARKS)[number]>;
  markLook: {
    /** Colour of those that are not the current one; null for that of quiet text. */
    ink: string | null;
    /** Colour of the current one; null for that of text. */
    current: string | null;
    /** px. */
    size: number;
    shape: (typeof MARK_SHAPES)[number];
  };
  /** Moves by itself. */
  play: boolean;
  /** Rest between two moves, ms. */
  restMs: number;
  /** Time of one move, ms. */
  moveMs: number;
  loop: boolean;
  swipe: boolean;
  drag: boolean;
  /** Item it begins at, counted from 1. */
  start: number;
  /** What comes next is moved in, or fades in in its place. */
  comes: (typeof MOVE_COMINGS)[number];
}

/** One display of one assortment; it can stand in several bays. */
export interface Shelf {
  id: string;
  /** The name in the owner's own list. */
  name: string;
  /** The saved assortment that it shows; null while it shows one of its own. */
  assortmentId: string | null;
  /** Its own; kept while a saved one is shown. */
  assortment: Assortment;
  /** Leave out products that bays above it show on their first page. */
  notTwice: boolean;
  form: Varying<FormId>;
  across: Across;
  /** Items of a carousel in sight at once; not whole where an edge of the next shows. */
  visible: Varying<number>;
  gap: { column: Varying<number>; row: Varying<number> };
  amount: Amount;
  paging: Paging;
  lastRow: Varying<LastRow>;
  /** Where a short last row stands. */
  lastRowAlign: Varying<Align>;
  equalHeights: Varying<boolean>;
  moving: Moving;
  /** Slides are as high as proportions say, or as a share of the screen's height. */
  slideBy: 'ratio' | 'screen';
  slideRatio: Varying<SlideRatio>;
  /** Percent of the screen's height. */
  slideScreen: Varying<number>;
  /** Width of the picture of a list's lines, px. */
  listPicture: Varying<number>;
  /** Items of one page of a spread, and whether two pages face each other. */
  spread: { items: Varying<number>; facing: Varying<boolean> };
  /** Reading direction: the page's, or its own. */
  direction: 'page' | 'ltr' | 'rtl';
  card: Card;
}

export const MOST_VISIBLE = 12;
export const MOST_SPREAD_ITEMS = 12;
export const SMALLEST_LIST_PICTURE_PX = 40;
export const LARGEST_LIST_PICTURE_PX = 480;
/** A target is never smaller than can be pressed. */
export const SMALLEST_ARROW_PX = 24;
export const LARGEST_ARROW_PX = 96;
export const MOST_ARROW_OFFSET_PX = 60;
export const SMALLEST_MARK_PX = 6;
/** A mark stands in a target of this many px. */
export const LARGEST_MARK_PX = 20;
export const LONGEST_MORE = 60;
export const SHORTEST_REST_MS = 1_000;
export const LONGEST_REST_MS = 30_000;
export const LONGEST_MOVE_MS = 2_000;
export const MOST_ROWS = 100;
export const MOST_ITEMS = 500;
export const WIDEST_GAP_PX = 120;
export const SMALLEST_CARD_PX = 60;
export const LARGEST_CARD_PX = 1200;

const gap = varyingSchema(number().integer().min(0).max(WIDEST_GAP_PX).required());

const isTenths = (value: number | undefined) =>
  value === undefined || Math.abs(value * 10 - Math.round(value * 10)) < 1e-9;

const movingSchema = object({
  step: varyingSchema(number().integer().min(1).max(MOST_VISIBLE).required()),
  arrows: varyingSchema(boolean().required()),
  arrowPlace: string().oneOf(ARROW_PLACES).required(),
  arrowSize: varyingSchema(number().integer().min(SMALLEST_ARROW_PX).max(LARGEST_ARROW_PX).required()),
  arrowShape: string().oneOf(ARROW_SHAPES).required(),
  arrowSign: string().max(4).defined(),
  arrowLook: object({
    ink: colourSchema.nullable().defined(),
    ground: colourSchema.nullable().defined(),
    edge: boolean().required(),
    offset: number().integer().min(-MOST_ARROW_OFFSET_PX).max(MOST_ARROW_OFFSET_PX).required(),
  }).noUnknown(),
  marks: varyingSchema(string().oneOf(MARKS).required()),
  markLook: object({
    ink: colourSchema.nullable().defined(),
    current: colourSchema.nullable().defined(),
    size: number().integer().min(SMALLEST_MARK_PX).max(LARGEST_MARK_PX).required(),
    shape: string().oneOf(MARK_SHAPES).required(),
  }).noUnknown(),
  play: boolean().required(),
  restMs: number().integer().min(SHORTEST_REST_MS).max(LONGEST_REST_MS).required(),
  moveMs: number().integer().min(0).max(LONGEST_MOVE_MS).required(),
  loop: boolean().required(),
  swipe: boolean().required(),
  drag: boolean().required(),
  start: number().integer().min(1).max(MOST_ITEMS).required(),
  comes: string().oneOf(MOVE_COMINGS).required(),
}).noUnknown();

export const shelfSchema = object({
  id: string()
    .matches(/^[a-z0-9-]{1,60}$/, 'An id has small letters, digits and hyphens.')
    .required(),
  name: string().max(LONGEST_NAME).defined(),
  assortmentId: string().max(60).nullable().defined(),
  assortment: assortmentSchema,
  notTwice: boolean().required(),
  form: varyingSchema(string().oneOf(FORM_IDS).required()),
  across: object({
    by: string().oneOf(['count', 'width']).required(),
    count: varyingSchema(number().integer().min(1).max(MOST_ACROSS).required()),
    smallest: varyingSchema(number().integer().min(SMALLEST_CARD_PX).max(LARGEST_CARD_PX).required()),
  }).noUnknown(),
  gap: object({ column: gap, row: gap }).noUnknown(),
  amount: object({
    by: string().oneOf(['rows', 'items']).required(),
    rows: varyingSchema(number().integer().min(1).max(MOST_ROWS).required()),
    items: varyingSchema(number().integer().min(1).max(MOST_ITEMS).required()),
  }).noUnknown(),
  visible: varyingSchema(
    number()
      .min(1)
      .max(MOST_VISIBLE)
      .test('tenths', 'How many are in sight is given in tenths at the finest.', isTenths)
      .required(),
  ),
  paging: object({
    by: string().oneOf(PAGINGS).required(),
    words: string().max(LONGEST_MORE).defined(),
    link: linkSchema,
  }).noUnknown(),
  lastRow: varyingSchema(string().oneOf(LAST_ROWS).required()),
  lastRowAlign: varyingSchema(string().oneOf(ALIGNS).required()),
  equalHeights: varyingSchema(boolean().required()),
  moving: movingSchema,
  slideBy: string().oneOf(['ratio', 'screen']).required(),
  slideScreen: screenSchema,
  slideRatio: varyingSchema(string().oneOf(SLIDE_RATIOS).required()),
  listPicture: varyingSchema(
    number().integer().min(SMALLEST_LIST_PICTURE_PX).max(LARGEST_LIST_PICTURE_PX).required(),
  ),
  spread: object({
    items: varyingSchema(number().integer().min(1).max(MOST_SPREAD_ITEMS).required()),
    facing: varyingSchema(boolean().required()),
  }).noUnknown(),
  direction: string().oneOf(['page', 'ltr', 'rtl']).required(),
  card: cardSchema,
}).noUnknown();
