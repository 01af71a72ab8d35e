import { LEAST_TARGET_PX } from './leastTarget.ts';
import { linesOf, widthOf } from './text.ts';
import { borderAcross, type ButtonBox, type TextSize } from './textSize.ts';

/** Icons that buttons of cards can have; drawn alike wherever they stand. */
export type ButtonIcon = 'basket' | 'ask' | 'quick' | 'save';

/** What a button of a card shows. */
export interface ButtonSays {
  words: string;
  /** Null where it shows words alone. */
  icon: ButtonIcon | null;
  showsWords: boolean;
}

/** Space within a button, px; more at its ends than above and below. */
export const BUTTON_PADDING_PX = { ends: 14, across: 9 };
export const BUTTON_ICON_PX = 20;
/** Between an icon and the words after it, px. */
export const BUTTON_GAP_PX = 8;
/** What buttons are set in where nothing is styled. */
export const BUTTON_TEXT: TextSize & { box: ButtonBox } = {
  fontPx: 14,
  linePx: 20,
  weight: 560,
  box: { acrossPx: BUTTON_PADDING_PX.across, endsPx: BUTTON_PADDING_PX.ends, borderPx: 1 },
};

const boxOf = ({ box = BUTTON_TEXT.box }: TextSize): ButtonBox => box;

const besideWordsPx = ({ icon, showsWords }: ButtonSays, { acrossPx, endsPx, borderPx }: ButtonBox) =>
  2 * (showsWords ? endsPx : acrossPx) +
  2 * borderPx +
  (icon ? BUTTON_ICON_PX + (showsWords ? BUTTON_GAP_PX : 0) : 0);

/** Width of a button on one line, px. */
export const buttonWidthPx = (says: ButtonSays, size: TextSize): number =>
  Math.max(
    LEAST_TARGET_PX,
    Math.ceil(besideWordsPx(says, boxOf(size)) + (says.showsWords ? widthOf(says.words, size) : 0)),
  );

/** Lines that the words of a button need that can be `widthPx` wide at most. */
export const buttonLines = (says: ButtonSays, widthPx: number, size: TextSize): number =>
  says.showsWords ? Math.max(1, linesOf(says.words, size, widthPx - besideWordsPx(says, boxOf(size)))) : 1;

/** Height of a button that can be `widthPx` wide at most, px. */
export function buttonHeightPx(says: ButtonSays, widthPx: number, size: TextSize): number {
  const box = boxOf(size);
  const line = says.icon ? Math.max(size.linePx, BUTTON_ICON_PX) : size.linePx;
  const linesPx = line + size.linePx * (buttonLines(says, widthPx, size) - 1);
  return Math.max(LEAST_TARGET_PX, 2 * box.acrossPx + 2 * borderAcross(box) + linesPx);
}

/** What is asked of every part that is a button and says `V`; spread into its kind. */
export const buttonPart = <V extends ButtonSays>() => ({
  takesPresses: true,
  text: BUTTON_TEXT,
  fullest: (view: V): V => view,
  words: ({ words, showsWords }: V): string => (showsWords ? words : ''),
  buttonLines: (view: V, widthPx: number, size: TextSize): number => buttonLines(view, widthPx, size),
  widthPx: (view: V, size: TextSize): number => buttonWidthPx(view, size),
  heightPx: (view: V, _own: unknown, widthPx: number, _picture: unknown, size: TextSize): number =>
    buttonHeightPx(view, widthPx, size),
});
