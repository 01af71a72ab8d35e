/** A repeatable source of chance: the same seed gives the same run of numbers. */
export interface Random {
  /** 0 (inclusive) to 1 (exclusive). */
  next(): number;
  between(low: number, high: number): number;
  /** Whole number, both ends included. */
  whole(low: number, high: number): number;
  chance(probability: number): boolean;
  pick<T>(from: readonly T[]): T;
  shuffled<T>(from: readonly T[]): T[];
}

function hash(text: string): number {
  let h = 2166136261;
  for (let i = 0; i < text.length; i += 1) h = Math.imul(h ^ text.charCodeAt(i), 16777619);
  return h >>> 0;
}

/** mulberry32, seeded by a text so that each thing has chance of its own. */
export function random(seed: string): Random {
  let state = hash(seed);
  const next = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const whole = (low: number, high: number) => low + Math.floor(next() * (high - low + 1));
  return {
    next,
    whole,
    between: (low, high) => low + next() * (high - low),
    chance: (probability) => next() < probability,
    pick: (from) => from[whole(0, from.length - 1)]!,
    shuffled: (from) => {
      const items = [...from];
      for (let i = items.length - 1; i > 0; i -= 1) {
        const j = whole(0, i);
        [items[i], items[j]] = [items[j]!, items[i]!];
      }
      return items;
    },
  };
}
