import { buttonPart, type ButtonSays } from '../button.ts';
import { buttonShows } from '../buttonShows.ts';
import { buttonWords } from '../buttonWords.ts';
import { buttonWidth, buttonWidthCss } from '../buttonWidth.ts';
import { faceOf } from '../item.ts';
import { partKindOf } from '../partKind.ts';

interface Said extends ButtonSays {
  /** The product's own page, for where there is no script. */
  href: string;
  /** The page that is shown in a window over this one. */
  quick: string;
  name: string;
}

/** Opens a window over the page in which the product is shown in short. */
export const quickPart = partKindOf({
  id: 'quick',
  of: ['products'],
  name: 'Quick view',
  find: ['quick view', 'window', 'look', 'button', 'eye'],
  atFirst: false,
  settings: {
    ...buttonWidth('Quick view'),
    ...buttonWords('Quick view', 'What the window shows is arranged on the page "Quick view".'),
    ...buttonShows('Quick view'),
  },
  scripted: () => true,
  needs: [],
  ...buttonPart<Said>(),
  reads: ({ words, shows }) => ({ words: words.trim(), shows }),
  view: (item, own, { texts }): Said | null => {
    if (item.of !== 'products') return null;
    const words = own.words || texts.quickView;
    return {
      href: faceOf(item).href,
      quick: `/quick/${item.product.slug}`,
      words,
      icon: own.shows === 'words' ? null : 'quick',
      showsWords: own.shows !== 'icon',
      name: `${words}: ${item.product.title}`,
    };
  },
  css: (scope, { width }) => buttonWidthCss(scope, 'quick', width),
  say: () => 'quick view',
});
