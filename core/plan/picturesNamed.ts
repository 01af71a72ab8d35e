import type { House } from './house.ts';
import type { Page } from './page.ts';
import { picturesOf } from './places.ts';

/** Ids of the stored pictures that the store names, whatever the page: those of labels, and icons. */
export const picturesOfStore = ({ labels, groups }: Pick<House, 'labels' | 'groups'>): string[] => [
  ...labels.list.flatMap(({ picture }) => picture ?? []),
  ...groups.flatMap(({ icon }) => icon ?? []),
];

/** Ids of the stored pictures that a page names itself: those of its bays, and of the store. */
export const picturesNamed = (
  { bays }: Pick<Page, 'bays'>,
  house: Pick<House, 'labels' | 'groups'>,
): string[] => [...new Set([...bays.flatMap((bay) => [...picturesOf(bay)]), ...picturesOfStore(house)])];
