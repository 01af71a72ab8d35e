import { useStore } from 'zustand';
import type { SeenBy } from '../../core/api/assortments.ts';
import { nobody } from '../api/items.ts';
import { lookedAtBy } from '../seenBy/shopper.ts';
import { useStudio } from '../studioContext.tsx';

/** Who is played where no page is around. */
export function useSeenBy(): SeenBy {
  const shopper = useStore(useStudio().shopper);
  return { ...nobody, lookedAt: lookedAtBy(shopper), product: shopper.product };
}
