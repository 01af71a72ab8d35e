import type { SampleShape } from './sampleDrawing.ts';

/** Of a product that is there to try layouts with; money in minor units. */
export interface SampleGoods {
  title: string;
  price: number;
  reduced?: number;
  stock: number;
  colour: string;
  featured?: true;
}

export interface SampleCategory {
  name: string;
  description: string;
  shape: SampleShape;
  goods: readonly SampleGoods[];
}

/** Said of each, so that nobody takes it for an offer. */
export const SAMPLE_TEXT = 'A sample, to try layouts with.';

/**
 * Goods of no one trade: titles of one word and of many, prices of two digits and of four, some reduced, some sold out,
 * so that a layout is tried with what it will meet.
 */
export const sampleCategories: readonly SampleCategory[] = [
  {
    name: 'Bags',
    description: 'To carry things in.',
    shape: 'bag',
    goods: [
      { title: 'Day bag', price: 4800, stock: 12, colour: '#b5533c' },
      {
        title: 'Market bag with long handles',
        price: 2200,
        reduced: 1650,
        stock: 30,
        colour: '#5f7f52',
        featured: true,
      },
      { title: 'Weekend bag', price: 12_900, stock: 4, colour: '#33475b' },
      { title: 'Small bag', price: 1900, stock: 0, colour: '#c99a3f' },
    ],
  },
  {
    name: 'Bottles',
    description: 'For the road and for the table.',
    shape: 'bottle',
    goods: [
      { title: 'Travel bottle', price: 1800, stock: 40, colour: '#2f6f7e' },
      { title: 'Bottle with a handle', price: 2400, stock: 16, colour: '#8a4f7d' },
      { title: 'Table bottle, one litre', price: 3150, reduced: 2500, stock: 9, colour: '#7c8a8f' },
      { title: 'Set of three bottles for the whole family', price: 6900, stock: 5, colour: '#b5533c' },
    ],
  },
  {
    name: 'Boxes',
    description: 'To keep things in.',
    shape: 'box',
    goods: [
      { title: 'Box', price: 900, stock: 80, colour: '#a67c52' },
      { title: 'Box with a lid', price: 1250, stock: 64, colour: '#33475b', featured: true },
      { title: 'Flat box for letters', price: 1400, stock: 22, colour: '#8d5a6b' },
      { title: 'Chest', price: 24_500, stock: 2, colour: '#6b5b45' },
    ],
  },
  {
    name: 'Lamps',
    description: 'Light for every corner.',
    shape: 'lamp',
    goods: [
      { title: 'Table lamp', price: 7900, stock: 8, colour: '#c99a3f' },
      { title: 'Reading lamp', price: 11_200, reduced: 8900, stock: 6, colour: '#33475b' },
      { title: 'Floor lamp with two shades', price: 118_000, stock: 1, colour: '#5f7f52', featured: true },
      { title: 'Night light', price: 2600, stock: 0, colour: '#8a4f7d' },
    ],
  },
  {
    name: 'Notebooks',
    description: 'Paper for plans.',
    shape: 'notebook',
    goods: [
      { title: 'Lined notebook', price: 850, stock: 120, colour: '#2f6f7e' },
      { title: 'Plain notebook', price: 850, stock: 90, colour: '#b5533c' },
      {
        title: 'Notebook for a whole year, a page a day',
        price: 2450,
        reduced: 1950,
        stock: 35,
        colour: '#6b5b45',
      },
      { title: 'Pocket notebook', price: 450, stock: 200, colour: '#5f7f52' },
    ],
  },
  {
    name: 'Plants',
    description: 'Green things in pots.',
    shape: 'plant',
    goods: [
      { title: 'Fern', price: 1600, stock: 14, colour: '#4f7a4a' },
      { title: 'Small palm', price: 3900, stock: 7, colour: '#6f8f3f' },
      { title: 'Trailing plant', price: 1450, stock: 18, colour: '#3f6f5f', featured: true },
      { title: 'Plant that is hard to kill', price: 2100, reduced: 1800, stock: 11, colour: '#557f7a' },
    ],
  },
];

/** How many products there are among them. */
export const SAMPLES = sampleCategories.reduce((sum, { goods }) => sum + goods.length, 0);
