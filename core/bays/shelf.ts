import { shelfCss } from '../css/shelfCss.ts';
import { string } from '../schema/schema.ts';
import { own } from '../settings/values.ts';
import { setting } from '../settings/setting.ts';
import { cardLine } from '../spec/card.ts';
import { columnsLine } from '../spec/columns.ts';
import { layoutLine } from '../spec/layout.ts';
import { lookLine } from '../spec/look.ts';
import { showsLine } from '../spec/shows.ts';
import { toolsLine } from '../spec/tools.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { askShelf } from '../view/askShelf.ts';
import { withHeading } from '../view/headingHeight.ts';
import { shelfMeasure } from '../view/shelfMeasure.ts';
import type { ShelfView } from '../view/view.ts';
import type { BayKind } from './bayKind.ts';

const settings = {
  shows: {
    /** Empty, or of a shelf that is gone, until another is put there. */
    shelfId: setting(
      own<string>(string().max(60).defined(), (id, names) => names.shelf(id) ?? 'no shelf'),
      '',
      {
        name: 'Shelf',
        say: (id, names) => `shows ${names.shelf(id) ? `the shelf "${names.shelf(id)}"` : 'no shelf'}`,
        stays: true,
      },
    ),
  },
};

export interface ShelfContent {
  /** Null where it names none, or one that is gone. */
  shelf: ShelfView | null;
}

/** A heading and a shelf. */
export const shelfBay: BayKind<typeof settings, ShelfContent> = {
  id: 'shelf',
  name: 'Shelf',
  settings,
  defaults: {},
  hasHeading: true,
  spec: [showsLine, layoutLine, columnsLine, cardLine, toolsLine, lookLine, visibilityLine],
  addable: true,
  named: ({ heading, shelfId }, plan) => heading.words || plan.shelves[shelfId]?.name || 'Shelf',
  atFirst: (id) => ({
    bay: { id, holds: 'shelf', shelfId: id, heading: { words: 'New shelf' } },
    shelves: [{ id, name: 'New shelf' }],
  }),
  shelves: ({ shelfId = '' }) => [shelfId],
  withShelves: (bay, others) => {
    const other = bay.shelfId === undefined ? undefined : others.get(bay.shelfId);
    return other === undefined ? bay : { ...bay, shelfId: other };
  },
  pictures: () => [],
  *view(bay, making) {
    const shelf = Object.hasOwn(making.plan.shelves, bay.shelfId) ? making.plan.shelves[bay.shelfId]! : null;
    if (!shelf) return { content: { shelf: null }, empty: true };
    const { view, ...made } = yield* askShelf(making, shelf);
    return { content: { shelf: view }, ...made };
  },
  shelfViews: ({ shelf }) => (shelf ? [shelf] : []),
  tones: () => [],
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  heightPx: ({ shelf }, heading, bands, regionPx) =>
    shelf ? withHeading(heading, bands, regionPx, shelfMeasure(shelf, bands, regionPx).heightPx) : 0,
  css: ({ shelf }, _, bands) => (shelf ? shelfCss(shelf, bands) : ''),
};
