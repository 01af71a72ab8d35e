import { text } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { buttonPart } from '../button.ts';
import { buttonShows } from '../buttonShows.ts';
import { buttonWidth, buttonWidthCss } from '../buttonWidth.ts';
import { partKindOf } from '../partKind.ts';
import { savingOf, type Saving } from '../saving.ts';

const LONGEST = 30;

/** Keeps a product for later, or keeps it no longer. */
export const savePart = partKindOf({
  id: 'save',
  of: ['products'],
  name: 'Save for later',
  find: ['save', 'later', 'wish', 'list', 'heart', 'keep', 'button'],
  atFirst: false,
  settings: {
    ...buttonWidth('Save for later'),
    words: setting(text(LONGEST, "the store's own"), '', {
      name: 'Save for later: own words',
      find: ['words', 'wording', 'button'],
      about: 'What shoppers keep is shown on the page "Saved products".',
    }),
    ...buttonShows('Save for later', 'icon'),
  },
  needs: [],
  scripted: true,
  ...buttonPart<Saving>(),
  reads: ({ words, shows }) => ({ words: words.trim(), shows }),
  view: (item, own, context): Saving | null =>
    item.of === 'products' ? savingOf(item.product, own, context) : null,
  css: (scope, { width }) => buttonWidthCss(scope, 'save', width),
  say: () => 'save for later',
});
