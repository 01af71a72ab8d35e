import { useQuery, type QueryClient } from '@tanstack/react-query';
import { readCategories, readVocabulary } from '../../core/api/catalogue.ts';
import { categoryTree, type CategoryTree } from '../../core/catalogue/categoryTree.ts';
import type { Vocabulary } from '../../core/catalogue/vocabulary.ts';
import type { Client } from './client.ts';

/** What the studio names and offers of the catalogue everywhere. */
export interface Known {
  tree: CategoryTree;
  vocabulary: Vocabulary;
}

const KEY = ['known'] as const;

export async function readKnown(client: Pick<Client, 'ask'>): Promise<Known> {
  const [{ categories }, vocabulary] = await Promise.all([
    client.ask(readCategories),
    client.ask(readVocabulary),
  ]);
  return { tree: categoryTree(categories), vocabulary };
}

/** What is known stays until something of it is another; the lists of it ask anew with it. */
export function knownChanged(queries: QueryClient): void {
  for (const of of [KEY[0], 'groupings']) void queries.invalidateQueries({ queryKey: [of] });
}

/** What is known now. @param first what was read when the studio was opened */
export const useKnown = (client: Pick<Client, 'ask'>, first: Known): Known =>
  useQuery({
    queryKey: KEY,
    queryFn: () => readKnown(client),
    initialData: first,
    staleTime: Infinity,
    gcTime: Infinity,
    structuralSharing: false,
  }).data;
