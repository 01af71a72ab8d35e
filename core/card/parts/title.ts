import { OFS } from '../../assortment/of.ts';
import { counted } from '../../sentence/sentence.ts';
import { integer } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { faceOf } from '../item.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

/** The most lines that a title may be given. */
const MOST_LINES = 4;
const TEXT = { fontPx: 16, linePx: 21, weight: 500 };
/** Longer than any title is let be, so that it takes all the lines that a title may. */
const LONG_TITLE = 'mmmmmmmm '.repeat(50);

export const titlePart = partKindOf({
  id: 'title',
  of: OFS,
  name: 'Title',
  find: ['title', 'name'],
  atFirst: true,
  decides: true,
  settings: {
    lines: setting(integer(1, MOST_LINES), 2, {
      name: 'Lines of the title, at most',
      find: ['lines', 'title', 'long'],
    }),
  },
  column: { share: 4, least: 176, sorts: () => ['name', 'name-down'] },
  needs: [],
  carriesLink: true,
  text: TEXT,
  reads: () => null,
  view: (item) => {
    const { title } = faceOf(item);
    return title ? { text: title } : null;
  },
  fullest: () => ({ text: LONG_TITLE }),
  lines: ({ text }, { lines }, widthPx, size) => ({ needed: linesOf(text, size, widthPx), most: lines }),
  allowsLines: { setting: 'lines', most: MOST_LINES },
  words: ({ text }) => text,
  widthPx: ({ text }, size) => widthOf(text, size),
  hard: [
    {
      id: 'longest-title',
      name: 'Longest title',
      hardness: (view) => (view ? widthOf(view.text, TEXT) : null),
      said: (view) => counted([...view!.text].length, 'character'),
    },
    {
      id: 'shortest-title',
      name: 'Shortest title',
      hardness: (view) => (view ? -widthOf(view.text, TEXT) : null),
      said: (view) => counted([...view!.text].length, 'character'),
    },
  ],
  heightPx: ({ text }, { lines }, widthPx, _, size) =>
    Math.min(lines, linesOf(text, size, widthPx)) * size.linePx,
  css: (scope, { lines }) => `${scope}{--title-lines:${lines}}`,
  say: ({ lines }) => (lines === 1 ? 'title on one line' : `title up to ${lines} lines`),
  opens: 'lines',
});
