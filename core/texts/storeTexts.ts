import type { english } from './english.ts';
import type { englishInScript } from './englishInScript.ts';
import type { Said } from './text.ts';

/** Everything that a page of the store says to a shopper by itself, in one language. */
export type StoreTexts = Said<typeof english>;

/** Those of them that the script of a page says. */
export type ScriptTexts = Said<typeof englishInScript>;
