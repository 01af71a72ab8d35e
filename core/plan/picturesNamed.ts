import type { House } from './house.ts';
import type { Page } from './page.ts';
import { picturesOf } from './places.ts';

/** Ids of the stored pictures that a page names itself: those of its bays, and of labels that can stand on it. */
export const picturesNamed = ({ bays }: Pick<Page, 'bays'>, { labels }: Pick<House, 'labels'>): string[] => [
  ...new Set([
    ...bays.flatMap((bay) => [...picturesOf(bay)]),
    ...labels.list.flatMap(({ picture }) => picture ?? []),
  ]),
];
