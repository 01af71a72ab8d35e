import { createContext, useContext } from 'react';
import { textsFor } from '../core/texts/index.ts';
import type { StoreTexts } from '../core/texts/storeTexts.ts';

/** What the page says by itself, in its language. */
export const TextsContext = createContext<StoreTexts>(textsFor('en'));

export const useTexts = (): StoreTexts => useContext(TextsContext);
