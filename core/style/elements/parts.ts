import { partKinds, type AnyPart } from '../../card/parts/index.ts';
import type { TextSize } from '../../card/textSize.ts';
import type { StyleElement } from '../element.ts';
import { BUTTON_TAKES } from './button.ts';
import { showsPart } from './shown.ts';
import { TEXT_TAKES } from './text.ts';

/** What the base sheet sets the text of a part in. */
const typeAtFirst = ({ fontPx, linePx, weight }: TextSize): StyleElement['atFirst'] => ({
  size: fontPx,
  weight,
  lineHeight: Math.round((100 * linePx) / fontPx),
  slope: 'upright',
  letterSpacing: 0,
  letterCase: 'none',
  lineOfText: 'none',
  outlineWidth: 0,
  offsetAcross: 0,
  offsetDown: 0,
  opacity: 100,
  time: 0,
});

const textOf = ({ id, name, of, text, quiet }: AnyPart): StyleElement => ({
  id,
  name,
  group: 'texts',
  on: 'shelf',
  items: of,
  isUsed: showsPart(id),
  selectors: [`.part-${id}`],
  ofCard: 'within',
  within: 'card',
  takes: TEXT_TAKES,
  states: ['rest', 'cardHover'],
  atFirst: { ...typeAtFirst(text!), textColour: quiet ? 'quiet' : 'text' },
});

const buttonOf = ({ id, name, of }: AnyPart): StyleElement => ({
  id,
  name,
  group: 'buttons',
  on: 'shelf',
  items: of,
  isUsed: showsPart(id),
  selectors: [`.part-${id} .act`],
  ofCard: 'within',
  within: 'card',
  from: 'button',
  takes: BUTTON_TAKES,
  states: ['rest', 'cardHover', 'hover', 'focus', 'pressed'],
  atFirst: {},
});

/** Every part of a card that is text, or a button, under the part's own id. */
export const partElements: readonly StyleElement[] = partKinds.flatMap((kind) => {
  if (kind.buttonLines) return buttonOf(kind);
  return kind.text && !kind.takesPresses ? textOf(kind) : [];
});
