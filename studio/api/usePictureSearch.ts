import { useQuery } from '@tanstack/react-query';
import { findPictures } from '../../core/api/catalogue.ts';
import { useStudio } from '../studioContext.tsx';

/** The stored pictures whose names have these words; those found before stay until the next are there. */
export function usePictureSearch(words: string) {
  const { client } = useStudio();
  return useQuery({
    queryKey: ['picture search', words],
    queryFn: () => client.ask(findPictures, { query: { words } }),
    placeholderData: (before) => before,
  });
}
