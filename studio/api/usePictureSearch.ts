import { useQuery } from '@tanstack/react-query';
import type { PictureFacts } from '../../core/catalogue/facts.ts';
import { useStudio } from '../studioContext.tsx';

/** The stored pictures whose names have these words; those found before stay until the next are there. */
export function usePictureSearch(words: string) {
  const { client } = useStudio();
  return useQuery({
    queryKey: ['picture search', words],
    queryFn: () =>
      client.get<{ pictures: PictureFacts[] }>(`/api/pictures?words=${encodeURIComponent(words)}`),
    placeholderData: (before) => before,
  });
}
