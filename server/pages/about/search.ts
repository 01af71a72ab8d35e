import { WORDS_PARAMETER, wordsOf } from '../../../core/listing/parameters.ts';
import type { AboutReader } from './aboutReader.ts';

export const aboutSearch: AboutReader = {
  read: async (_, { query, searches }) => ({ search: await searches.find(wordsOf(query[WORDS_PARAMETER])) }),
  example: () => Promise.resolve(''),
};
