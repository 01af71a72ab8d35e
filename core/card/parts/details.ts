import { text } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { buttonPart, type ButtonSays } from '../button.ts';
import { buttonWidth, buttonWidthCss } from '../buttonWidth.ts';
import { faceOf } from '../item.ts';
import { partKindOf } from '../partKind.ts';

const LONGEST = 30;

interface Said extends ButtonSays {
  href: string;
  name: string;
}

/** A button that leads where the card does. */
export const detailsPart = partKindOf({
  id: 'details',
  of: ['products', 'categories', 'collections', 'entries'],
  name: 'Details button',
  find: ['details', 'button', 'read on', 'more', 'link', 'view'],
  atFirst: false,
  settings: {
    ...buttonWidth('Details button'),
    words: setting(text(LONGEST, "the store's own"), '', {
      name: 'Details button: own text',
      find: ['words', 'wording', 'button', 'read on'],
    }),
  },
  needs: [],
  ...buttonPart<Said>(),
  reads: ({ words }) => words.trim(),
  view: (item, own, { texts }): Said | null => {
    const { href, title } = faceOf(item);
    const words = own || texts.seeMore;
    return href ? { href, words, icon: null, showsWords: true, name: `${words}: ${title}` } : null;
  },
  css: (scope, { width }) => buttonWidthCss(scope, 'details', width),
  say: () => 'details button',
});
