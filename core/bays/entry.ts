import { bandAt } from '../bands/bands.ts';
import type { EntryDetail } from '../catalogue/facts.ts';
import { shelfCss } from '../css/shelfCss.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import { linksInText, MOST_SHELVES, shelvesInText, textWithLinks, wordsOf } from '../journal/entryText.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, string } from '../schema/schema.ts';
import { listed } from '../sentence/sentence.ts';
import { setting } from '../settings/setting.ts';
import { own } from '../settings/values.ts';
import { cardLine } from '../spec/card.ts';
import { columnsLine } from '../spec/columns.ts';
import { layoutLine } from '../spec/layout.ts';
import { lookLine } from '../spec/look.ts';
import { showsLine } from '../spec/shows.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { askShelf, type AskedShelf } from '../view/askShelf.ts';
import { keptFor } from '../view/keptFor.ts';
import { shelfMeasure } from '../view/shelfMeasure.ts';
import type { ShelfView } from '../view/view.ts';
import type { BayKind } from './bayKind.ts';
import { linkFault } from './richText.ts';
import type { Bay } from './index.ts';
import { textHeight } from './words.ts';

const settings = {
  text: {
    /** Shelves of the plan that its text may name; they are put in where the text is written. */
    shelves: setting(
      own<string[]>(
        array(string().max(60).required())
          .max(MOST_SHELVES)
          .test('once', 'A shelf stands in an entry once.', (ids) =>
            idsOnce((ids ?? []).map((id) => ({ id }))),
          )
          .required(),
        (ids, names) => (ids.length ? listed(ids.map((id) => `"${names.shelf(id) ?? id}"`)) : 'none'),
      ),
      [],
      { name: 'Shelves in the text', find: ['shelf', 'journal', 'text'], stays: true },
    ),
  },
};

export interface EntryContent {
  /** Its links lead somewhere. */
  entry: EntryDetail | null;
  /** Those that its text names and that have something to show, by their ids. */
  shelves: Readonly<Record<string, ShelfView>>;
  room: Room;
}

/** The text stands in a column as wide as this; shelves take all there is. */
export const ENTRY_PX = 680;
export const ENTRY_PICTURE_PX = 760;
const HEAD_PX = 70;

const kept = keptFor<Bay, EntryContent>();

/** The journal entry that an entry's page is about, with the shelves that stand in its text. */
export const entryBay: BayKind<typeof settings, EntryContent> = {
  id: 'entry',
  name: 'Journal entry',
  settings,
  defaults: { 'look.above': 24, 'look.below': 24 },
  hasHeading: false,
  spec: [showsLine, layoutLine, columnsLine, cardLine, lookLine, visibilityLine],
  addable: false,
  named: () => 'The journal entry',
  atFirst: (id) => ({ bay: { id, holds: 'entry' }, shelves: [] }),
  shelves: ({ shelves = [] }) => shelves,
  withShelves: (bay, others) =>
    bay.shelves?.some((id) => others.has(id))
      ? { ...bay, shelves: bay.shelves.map((id) => others.get(id) ?? id) }
      : bay,
  pictures: () => [],
  *view(bay, making) {
    const { plan, room, linkTo } = making;
    const entry = making.about.entry ?? null;
    const named = entry ? shelvesInText(entry.text).filter((id) => bay.shelves.includes(id)) : [];
    const asked: AskedShelf[] = [];
    for (const id of named)
      if (Object.hasOwn(plan.shelves, id)) asked.push(yield* askShelf(making, plan.shelves[id]!));
    const shown = asked.filter((its) => !its.empty || its.view.coming);
    const to = (link: string) => (linkFault(link) === null ? (linkTo(link)?.href ?? null) : null);
    const links = entry ? linksInText(entry.text).map(to).join(' ') : '';
    const content = kept(making.bay, [entry, room, links, ...shown.map(({ view }) => view)], () => ({
      entry: entry && { ...entry, text: textWithLinks(entry.text, to) },
      shelves: Object.fromEntries(shown.map(({ view }) => [view.id, view])),
      room,
    }));
    return { content, empty: !entry, personal: asked.some((its) => its.personal) };
  },
  shelfViews: ({ shelves }) => Object.values(shelves),
  tones: ({ entry }) => (entry?.picture ? [entry.picture] : []),
  heads: () => true,
  heightPx: ({ entry, shelves, room }, _heading, bands, regionPx) => {
    if (!entry) return 0;
    const innerPx = innerWidth(room, bands, bandAt(bands, regionPx).id, regionPx);
    const { picture } = entry;
    const picturePx = picture ? (Math.min(ENTRY_PICTURE_PX, innerPx) * picture.height) / picture.width : 0;
    const shelvesPx = Object.values(shelves).reduce(
      (sum, shelf) => sum + shelfMeasure(shelf, bands, regionPx).heightPx,
      0,
    );
    return HEAD_PX + picturePx + textHeight(wordsOf(entry.text), Math.min(ENTRY_PX, innerPx)) + shelvesPx;
  },
  css: ({ shelves }, _, bands) =>
    Object.values(shelves)
      .map((shelf) => shelfCss(shelf, bands))
      .join(''),
};
