import { text } from '../settings/values.ts';
import { setting } from '../settings/setting.ts';

/** Longer words belong into what is shown, not around it. */
const LONGEST = 40;

/** The owner's own words around what a part says. */
export const ownWords = (part: string) => ({
  before: setting(text(LONGEST), '', {
    name: `${part}: text before it`,
    find: ['words', 'wording', 'before', 'in front', 'label'],
  }),
  after: setting(text(LONGEST), '', {
    name: `${part}: text after it`,
    find: ['words', 'wording', 'after', 'behind', 'unit'],
  }),
});

export interface OwnWords {
  before: string;
  after: string;
}

/** What of the settings reaches the words of a card. */
export const readsWords = ({ before, after }: OwnWords): OwnWords => ({
  before: before.trim(),
  after: after.trim(),
});

/** The words with the own ones around them; null where there are none to put them around. */
export const saidWith = ({ before, after }: OwnWords, words: string | null): { text: string } | null =>
  words === null || words === '' ? null : { text: [before, words, after].filter(Boolean).join(' ') };
