import type { House } from './house.ts';
import { edgeOf } from '../pages/index.ts';
import type { Page } from './page.ts';
import type { Plan } from './plan.ts';
import { picturesOf, shelvesOf } from './places.ts';

/** Ids of the stored pictures that the store names, whatever the page: those of labels, and icons. */
export const picturesOfStore = ({ labels, groups }: Pick<House, 'labels' | 'groups'>): string[] => [
  ...labels.list.flatMap(({ picture }) => picture ?? []),
  ...groups.flatMap(({ icon }) => icon ?? []),
];

/** Ids of the stored pictures that a page is drawn with besides those of the catalogue: of its bays, of header and footer, and of the store. */
export const picturesNamed = (
  { bays }: Pick<Page, 'bays'>,
  plan: Pick<Plan, 'house' | 'pages' | 'shelves'>,
): string[] => {
  const around = [edgeOf(plan, 'head'), edgeOf(plan, 'foot')].flatMap((part) => part?.bays ?? []);
  return [
    ...new Set([
      ...[...bays, ...around].flatMap((bay) => [
        ...picturesOf(bay),
        ...shelvesOf(bay).flatMap(
          (id) => plan.shelves[id]?.instead.flatMap((one) => one.pictureId ?? []) ?? [],
        ),
      ]),
      ...picturesOfStore(plan.house),
    ]),
  ];
};
