import { linesOf, widthOf } from './text.ts';
import type { TextSize } from './textSize.ts';

/** Icons that buttons of cards can have; drawn alike wherever they stand. */
export type ButtonIcon = 'basket' | 'ask' | 'quick' | 'save';

/** What a button of a card shows. */
export interface ButtonSays {
  words: string;
  /** Null where it shows words alone. */
  icon: ButtonIcon | null;
  showsWords: boolean;
}

export const BUTTON_TEXT: TextSize = { fontPx: 14, linePx: 20, weight: 560 };
/** Space within a button, px; more at its ends than above and below. */
export const BUTTON_PADDING_PX = { ends: 14, across: 9 };
export const BUTTON_ICON_PX = 20;
/** Between an icon and the words after it, px. */
export const BUTTON_GAP_PX = 8;
/** The border of a button that leads somewhere, px. */
const BORDER_PX = 1;

const besideWordsPx = ({ icon, showsWords }: ButtonSays) =>
  2 * (showsWords ? BUTTON_PADDING_PX.ends : BUTTON_PADDING_PX.across) +
  2 * BORDER_PX +
  (icon ? BUTTON_ICON_PX + (showsWords ? BUTTON_GAP_PX : 0) : 0);

/** Width of a button on one line, px. */
export const buttonWidthPx = (says: ButtonSays): number =>
  Math.ceil(besideWordsPx(says) + (says.showsWords ? widthOf(says.words, BUTTON_TEXT) : 0));

/** Lines that the words of a button need that can be `widthPx` wide at most. */
export const buttonLines = (says: ButtonSays, widthPx: number): number =>
  says.showsWords ? Math.max(1, linesOf(says.words, BUTTON_TEXT, widthPx - besideWordsPx(says))) : 1;

/** Height of a button that can be `widthPx` wide at most, px. */
export const buttonHeightPx = (says: ButtonSays, widthPx: number): number =>
  2 * BUTTON_PADDING_PX.across + 2 * BORDER_PX + BUTTON_TEXT.linePx * buttonLines(says, widthPx);

/** What is asked of every part that is a button and says `V`; spread into its kind. */
export const buttonPart = <V extends ButtonSays>() => ({
  takesPresses: true,
  text: BUTTON_TEXT,
  fullest: (view: V): V => view,
  words: ({ words, showsWords }: V): string => (showsWords ? words : ''),
  buttonLines: (view: V, widthPx: number): number => buttonLines(view, widthPx),
  widthPx: (view: V): number => buttonWidthPx(view),
  heightPx: (view: V, _: unknown, widthPx: number): number => buttonHeightPx(view, widthPx),
});
