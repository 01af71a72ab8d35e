import { number, object, string } from '../schema/schema.ts';
import { own } from '../settings/values.ts';
import { setting } from '../settings/setting.ts';
import type { Assortment } from './assortment.ts';
import type { ProductAssortment } from './products.ts';

/** What is done when too little matches. */
export interface Fallback {
  /** When fewer than this many match; also the number that is topped up to. */
  fewerThan: number;
  then: 'topUp' | 'goAway';
  /** The saved assortment that tops up, without repeats; null where it goes away. */
  from: string | null;
}

export const MOST_FALLBACK = 500;

export const fallbackSchema = object({
  fewerThan: number().integer().min(1).max(MOST_FALLBACK).required(),
  then: string().oneOf(['topUp', 'goAway']).required(),
  from: string().max(60).nullable().defined(),
})
  .noUnknown()
  .nullable()
  .defined();

/** Greatest number of items, if wanted. */
export const limitSetting = setting(
  own<number | null>(number().integer().min(1).max(100_000).nullable().defined(), (limit) =>
    limit === null ? 'no limit' : `at most ${limit}`,
  ),
  null,
  { name: 'Limit', find: ['limit', 'most', 'number'] },
);

/**
 * The assortments that top up one after the other. A chain that returns to itself ends there.
 * @param find a saved assortment by id
 */
export function fallbackChain(
  first: Assortment,
  find: (id: string) => Assortment | undefined,
): ProductAssortment[] {
  const chain: ProductAssortment[] = [];
  let at: Assortment | undefined = first;
  while (at?.of === 'products') {
    const { fallback }: ProductAssortment = at;
    at = fallback?.then === 'topUp' && fallback.from !== null ? find(fallback.from) : undefined;
    if (at?.of !== 'products' || at === first || chain.includes(at)) break;
    chain.push(at);
  }
  return chain;
}

/**
 * A chain of fallbacks that returns to where it began, as ids from there and back; null where there is none.
 * @param from fallback of each saved assortment by id; null for none
 */
export function fallbackCycle(start: string, from: (id: string) => string | null): string[] | null {
  const path = [start];
  for (let at = from(start); at !== null; at = from(at)) {
    path.push(at);
    if (at === start) return path;
    if (path.indexOf(at) < path.length - 1) return null;
  }
  return null;
}
