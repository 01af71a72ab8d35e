import { random } from '../random.ts';

export interface OrderSeed {
  /** Minutes before the end of the day of the seed. */
  minutesAgo: number;
  lines: { product: number; quantity: number }[];
}

export interface EventSeed {
  minutesAgo: number;
  visitor: number;
  kind: 'page' | 'seen' | 'pressed' | 'viewed' | 'basket';
  page: string;
  shelf: string | null;
  place: number | null;
  /** Index of the product; null where the event is not about one. */
  product: number | null;
  band: string;
}

export const TRADE_DAYS = 120;
const MINUTES = 1440;

interface Goods {
  demand: number;
  daysOld: number;
}

/** Picks by demand, among what was on sale that day. */
function picker(goods: readonly Goods[], daysAgo: number, seed: string) {
  const chance = random(seed);
  const weights = goods.map((one) => (one.daysOld > daysAgo ? one.demand : 0));
  const total = weights.reduce((a, b) => a + b, 0);
  return {
    chance,
    pick(): number {
      let rest = chance.next() * total;
      for (let i = 0; i < weights.length; i += 1) if ((rest -= weights[i]!) < 0) return i;
      return weights.findIndex((weight) => weight > 0);
    },
  };
}

/** 120 days of orders, more of them at weekends and towards now, with things that are bought together. */
export function orderSeeds(goods: readonly Goods[]): OrderSeed[] {
  const orders: OrderSeed[] = [];
  for (let daysAgo = TRADE_DAYS - 1; daysAgo >= 0; daysAgo -= 1) {
    const { chance, pick } = picker(goods, daysAgo, `orders ${daysAgo}`);
    const count = chance.whole(8, 16) + (daysAgo % 7 < 2 ? 8 : 0) + Math.round((TRADE_DAYS - daysAgo) / 20);
    for (let i = 0; i < count; i += 1) {
      const products = new Set([pick()]);
      while (chance.chance(0.45) && products.size < 5)
        products.add(chance.chance(0.4) ? (Math.max(...products) + 1) % goods.length : pick());
      orders.push({
        minutesAgo: daysAgo * MINUTES + chance.whole(60, MINUTES - 60),
        lines: [...products]
          .filter((product) => goods[product]!.daysOld > daysAgo)
          .map((product) => ({ product, quantity: chance.chance(0.2) ? chance.whole(2, 6) : 1 })),
      });
    }
  }
  return orders.filter((order) => order.lines.length > 0);
}

const bands = ['phone', 'phone', 'phone', 'tablet', 'laptop', 'laptop', 'wide'];

/** What the shoppers of those days saw and did, for those who agreed to it. */
export function eventSeeds(goods: readonly Goods[]): EventSeed[] {
  const events: EventSeed[] = [];
  let visitor = 0;
  for (let daysAgo = TRADE_DAYS - 1; daysAgo >= 0; daysAgo -= 1) {
    const { chance, pick } = picker(goods, daysAgo, `events ${daysAgo}`);
    const visits = chance.whole(18, 34);
    for (let v = 0; v < visits; v += 1) {
      visitor += 1;
      let minutesAgo = daysAgo * MINUTES + chance.whole(60, MINUTES - 60);
      const band = chance.pick(bands);
      const add = (
        kind: EventSeed['kind'],
        page: string,
        shelf: string | null,
        place: number | null,
        product: number | null,
      ) => {
        minutesAgo = Math.max(daysAgo * MINUTES, minutesAgo - chance.whole(0, 3));
        events.push({ minutesAgo, visitor, kind, page, shelf, place, product, band });
      };
      add('page', '/', null, null, null);
      for (const shelf of ['new-from-the-kiln', 'reduced-just-now', 'by-the-table'])
        if (chance.chance(shelf === 'new-from-the-kiln' ? 0.92 : 0.5)) add('seen', '/', shelf, null, null);
        else break;
      for (let i = chance.whole(0, 4); i > 0; i -= 1) {
        const product = pick();
        const place = Math.floor(12 * chance.next() ** 2);
        add('pressed', '/', chance.pick(['new-from-the-kiln', 'reduced-just-now']), place, product);
        add('viewed', '/product', null, null, product);
        if (chance.chance(0.18)) add('basket', '/product', null, null, product);
      }
    }
  }
  return events;
}
