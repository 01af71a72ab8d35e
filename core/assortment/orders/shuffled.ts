import { md5 } from '@noble/hashes/legacy.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import { number, object, string } from '../../schema/schema.ts';
import type { OrderKind, World } from '../kinds.ts';

export interface ShuffledOrder {
  by: 'shuffled';
  /** When it is shuffled anew. */
  anew: 'daily' | 'hourly' | 'never';
  /** Tells two shuffles apart. */
  seed: number;
}

export const HOUR_MS = 3_600_000;

/** The text that is put before each id: the same for as long as the order stays. */
export function shuffleSeed(
  { anew: again, seed }: ShuffledOrder,
  { now, today }: Pick<World, 'now' | 'today'>,
): string {
  const turn = again === 'daily' ? today : again === 'hourly' ? Math.floor(now / HOUR_MS) : 0;
  return `${seed}:${again}:${turn}:`;
}

const againWords = { daily: 'again each day', hourly: 'again each hour', never: 'once' };

export const shuffledOrder: OrderKind<ShuffledOrder> = {
  id: 'shuffled',
  name: 'Shuffled',
  find: ['shuffled', 'random', 'mixed'],
  schema: object({
    by: string()
      .oneOf(['shuffled'] as const)
      .required(),
    anew: string().oneOf(['daily', 'hourly', 'never']).required(),
    seed: number().integer().min(0).max(1_000_000).required(),
  }).noUnknown(),
  atFirst: () => ({ by: 'shuffled', anew: 'daily', seed: 1 }),
  say: ({ anew: again }) => `shuffled ${againWords[again]}`,
  looksAt: [],
  key: (order, product, world) => [bytesToHex(md5(utf8ToBytes(shuffleSeed(order, world) + product.id)))],
};
