import { createContext, useContext } from 'react';
import { firstTexts } from '../core/texts/index.ts';
import type { StoreTexts } from '../core/texts/storeTexts.ts';

/** What the page says by itself, in its language. */
export const TextsContext = createContext<StoreTexts>(firstTexts);

export const useTexts = (): StoreTexts => useContext(TextsContext);
