import type { StoreTexts } from '../texts/storeTexts.ts';
import type { Found } from './found.ts';

/** What shoppers are told of a search that was not found as it was typed; empty where there is nothing to tell. */
export function sayFound({ words, how, instead, ids }: Found, texts: StoreTexts): string {
  switch (how) {
    case 'asTyped':
      return '';
    case 'spelt':
      return texts.foundInstead(words, instead, ids.length);
    case 'some':
      return texts.foundSome(words);
    case 'nothing':
      return texts.foundNothing(words);
  }
}
