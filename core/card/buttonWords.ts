import { setting } from '../settings/setting.ts';
import { text } from '../settings/values.ts';

const LONGEST = 30;

/** Own words of a button of a card, instead of the store's. */
export const buttonWords = (part: string, about?: string) => ({
  words: setting(text(LONGEST, "the store's own"), '', {
    name: `${part}: own text`,
    find: ['words', 'wording', 'button'],
    ...(about !== undefined && { about }),
  }),
});
