import { partsOf } from '../core/card/parts/index.ts';
import { findingsOn } from '../core/checks/index.ts';
import { apply } from '../core/plan/commands.ts';
import { completePlan, type StoredPlan } from '../core/plan/storedPlan.ts';
import type { StoredShelf } from '../core/plan/shelf.ts';
import {
  specimenNames,
  specimenPicture,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenViewOf,
} from '../core/specimen/specimen.ts';
import type { Item } from '../core/card/item.ts';
import type { ItemsAnswer, ItemsRequest } from '../core/view/view.ts';
import { distribution, type Figure } from './figure.ts';

const TIMES = 120;
const SHELVES = 12;
const ITEMS = 24;

/** Products with something to say in every part, and labels. */
const goods = Array.from({ length: SHELVES * ITEMS }, (_, i): Item => ({
  of: 'products',
  product: specimenProduct(i + 1, {
    title: `Low tide stoneware bowl with a ${'long '.repeat(i % 7)}name, number ${i}`,
    brand: 'The Lower Kiln',
    category: 'Bowls',
    code: `KC-${1000 + i}`,
    shortText: 'Keeps the wax off the table.',
    rating: { mean: 4.1, count: 39 },
    price: { regular: 4400, reduced: i % 3 ? null : 2850, from: i % 2 === 0 },
    stock: { state: 'last', count: 2 },
    featured: i % 5 === 0,
    pictures: [specimenPicture({ width: 600 + i, height: 900 - i })],
  }),
}));

const everyPart = Object.fromEntries(
  partsOf('products').map(({ id }, i) => [
    id,
    { shown: { phone: true }, ...(i % 3 === 1 && { zone: { phone: 'upperEnd' } }) },
  ]),
) as NonNullable<StoredShelf['card']>['parts'];

const stored: StoredPlan = specimenStored(
  Array.from({ length: SHELVES }, (_, i) =>
    specimenShelf(`s${i}`, {
      columns: { by: 'count', count: { phone: 2, tablet: 3, laptop: 4, wide: 5 } },
      amount: { by: 'items', items: { phone: ITEMS } },
      card: { parts: everyPart },
    }),
  ),
);

/** Answers for each shelf that stay the same objects, as those of items that are known already. */
function answersOf(items: readonly Item[]): (request: ItemsRequest) => ItemsAnswer {
  const known = new Map<string, ItemsAnswer>();
  return ({ shelfId, start, count }) => {
    let answer = known.get(shelfId);
    if (!answer) {
      const first = Number(shelfId.slice(1)) * ITEMS;
      const own = items.slice(first, first + ITEMS).slice(start, start + count);
      known.set(shelfId, (answer = { total: ITEMS, own: ITEMS, start, items: own }));
    }
    return answer;
  };
}

/** The checks of a page of twelve shelves with every part, at four widths: of a page just opened, and after one change of a shelf. */
export function checkFigures(): Figure[] {
  const opened: number[] = [];
  const changed: number[] = [];
  const answers = answersOf(goods);
  for (let i = 0; i < TIMES; i += 1) {
    const plan = completePlan(
      apply(stored, {
        do: 'set',
        on: { shelf: `s${i % SHELVES}` },
        setting: 'gap.column',
        value: { phone: i % 40 },
      }),
    );
    // Items that were never seen before, as on a page that is just opened.
    const isNew = i % 4 === 0;
    const view = specimenViewOf(plan, isNew ? answersOf(goods.map((one) => structuredClone(one))) : answers);
    const start = performance.now();
    findingsOn(view, plan, specimenNames);
    (isNew ? opened : changed).push(performance.now() - start);
  }
  // The first few are of a program that is not warm yet.
  return [
    distribution('Checks of twelve shelves at four widths, after a change', 'ms', changed.slice(15), 16),
    distribution('The same, of a page just opened', 'ms', opened.slice(5), 16),
  ];
}
