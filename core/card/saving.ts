import type { StoreTexts } from '../texts/storeTexts.ts';
import type { ButtonSays } from './button.ts';

/** A button by which a product is kept for later. */
export interface Saving extends ButtonSays {
  productId: number;
  /** Whether it is kept already, as far as that is known here. */
  saved: boolean;
  /** What it does with which product, and what it says once that is kept. */
  name: string;
  nameSaved: string;
}

/**
 * @param own own words, empty where there are none, and what the button shows
 * @param shopper ids of what is kept
 */
export const savingOf = (
  { id, title }: { id: number; title: string },
  own: { words: string; shows: 'words' | 'icon' | 'both' },
  shopper: { saved: readonly number[]; texts: StoreTexts },
): Saving => {
  const { texts } = shopper;
  const words = own.words || texts.save;
  return {
    productId: id,
    saved: shopper.saved.includes(id),
    words,
    icon: own.shows === 'words' ? null : 'save',
    showsWords: own.shows !== 'icon',
    name: `${words}: ${title}`,
    nameSaved: `${texts.saved}: ${title}`,
  };
};
