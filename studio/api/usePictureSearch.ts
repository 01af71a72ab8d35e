import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import {
  countPictures,
  findPictures,
  readPictures,
  type StorePicture,
  type WhichPictures,
} from '../../core/api/pictures.ts';
import { useStudio } from '../studioContext.tsx';

/** The stored pictures whose names have these words, as many as are asked for; those found before stay until the next are there. */
export function usePictureSearch(words: string, which: WhichPictures = 'all') {
  const { client } = useStudio();
  const found = useInfiniteQuery({
    queryKey: ['picture search', which, words],
    queryFn: ({ pageParam }) => client.ask(findPictures, { query: { words, which, from: pageParam } }),
    initialPageParam: 0,
    getNextPageParam: ({ total }, pages) => {
      const known = pages.reduce((sum, { pictures }) => sum + pictures.length, 0);
      return known < total ? known : undefined;
    },
    placeholderData: (before) => before,
  });
  const pictures = found.data?.pages.flatMap((page) => page.pictures);
  return { ...found, pictures, total: found.data?.pages[0]?.total };
}

/** How many pictures there are, that nothing uses, and that lack what; undefined until that is known. */
export function usePictureCounts() {
  const { client } = useStudio();
  return useQuery({ queryKey: ['picture search', 'counts'], queryFn: () => client.ask(countPictures) }).data;
}

const none: StorePicture[] = [];

/** Stored pictures by their ids; those that are gone, or on their way, are missing. */
export function usePictures(ids: readonly string[]) {
  const { client } = useStudio();
  const named = ids.join(',');
  const { data = none, isPending } = useQuery({
    queryKey: ['pictures', named],
    queryFn: () => client.ask(readPictures, { body: { ids } }).then((answer) => answer.pictures),
    enabled: named !== '',
    staleTime: Infinity,
    placeholderData: (before) => before,
  });
  return { pictures: data, isPending: isPending && named !== '' };
}
