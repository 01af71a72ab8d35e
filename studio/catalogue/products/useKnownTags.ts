import { useMemo } from 'react';
import { useStudio } from '../../studioContext.tsx';
import type { KnownTag } from '../findTags.ts';

/** Tags of the store's products, with how many have each. */
export function useKnownTags(): readonly KnownTag[] {
  const { tags } = useStudio().vocabulary;
  return useMemo(() => tags.map(({ tag, name, products }) => ({ tag, name, count: products })), [tags]);
}
