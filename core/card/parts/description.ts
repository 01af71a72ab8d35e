import { counted } from '../../sentence/sentence.ts';
import { integer } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { faceOf } from '../item.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 14, linePx: 20, weight: 400 };

export const descriptionPart = partKindOf({
  id: 'description',
  of: ['products', 'categories', 'collections', 'entries'],
  name: 'Short description',
  find: ['description', 'text', 'short'],
  atFirst: false,
  settings: {
    lines: setting(integer(1, 10), 3, {
      name: 'Lines of the short description, at most',
      find: ['lines', 'short', 'description', 'long', 'length'],
    }),
  },
  column: { share: 3, least: 200 },
  needs: ['shortText'],
  quiet: true,
  text: TEXT,
  reads: () => null,
  view: (item) => {
    const { words } = faceOf(item);
    return words ? { text: words } : null;
  },
  fullest: (view) => view,
  words: ({ text }) => text,
  widthPx: ({ text }, size) => widthOf(text, size),
  heightPx: ({ text }, { lines }, widthPx, _, size) =>
    Math.min(lines, linesOf(text, size, widthPx)) * size.linePx,
  css: (scope, { lines }) => `${scope}{--description-lines:${lines}}`,
  say: ({ lines }) => `short description up to ${counted(lines, 'line')}`,
  opens: 'lines',
});
