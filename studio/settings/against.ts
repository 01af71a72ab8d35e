import { createContext } from 'react';
import type { Against } from '../../core/colour/passingArea.ts';

/** What the colour that is being set has to stand out from; null where that is not known, or nothing. */
export const AgainstContext = createContext<Against | null>(null);
