import { buttonPart } from '../button.ts';
import { buttonShows } from '../buttonShows.ts';
import { buttonWords } from '../buttonWords.ts';
import { buttonWidth, buttonWidthCss } from '../buttonWidth.ts';
import { partKindOf } from '../partKind.ts';
import { savingOf, type Saving } from '../saving.ts';

/** Keeps a product for later, or keeps it no longer. */
export const savePart = partKindOf({
  id: 'save',
  of: ['products'],
  name: 'Save for later',
  find: ['save', 'later', 'wish', 'list', 'heart', 'keep', 'button'],
  atFirst: false,
  settings: {
    ...buttonWidth('Save for later'),
    ...buttonWords('Save for later', 'What shoppers keep is shown on the page "Saved products".'),
    ...buttonShows('Save for later', 'icon'),
  },
  needs: [],
  scripted: () => true,
  ...buttonPart<Saving>(),
  reads: ({ words, shows }) => ({ words: words.trim(), shows }),
  view: (item, own, context): Saving | null =>
    item.of === 'products' ? savingOf(item.product, own, context) : null,
  css: (scope, { width }) => buttonWidthCss(scope, 'save', width),
  say: () => 'save for later',
});
