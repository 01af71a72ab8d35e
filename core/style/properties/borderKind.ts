import { choice } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

const KINDS = {
  solid: 'Solid',
  dashed: 'Dashed',
  dotted: 'Dotted',
  double: 'Double',
  below: 'A line below',
  above: 'A line above',
} as const;
export type BorderKind = keyof typeof KINDS;

const SAID: Readonly<Record<BorderKind, string>> = {
  solid: 'border solid',
  dashed: 'border dashed',
  dotted: 'border dotted',
  double: 'border double',
  below: 'border below only',
  above: 'border above only',
};

const CSS: Readonly<Record<BorderKind, string>> = {
  solid: 'solid',
  dashed: 'dashed',
  dotted: 'dotted',
  double: 'double',
  below: 'none none solid',
  above: 'solid none none',
};

/** What a border takes of each of two sides across the text, and at its ends; px, the mean of the two. */
export const borderSides = (kind: BorderKind, widthPx: number): { acrossPx: number; endsPx: number } =>
  kind === 'below' || kind === 'above'
    ? { acrossPx: widthPx / 2, endsPx: 0 }
    : { acrossPx: widthPx, endsPx: widthPx };

export const borderKind = propertyOf({
  id: 'borderKind',
  name: 'Border kind',
  find: ['border', 'dashed', 'dotted', 'double', 'line', 'side', 'below', 'above'],
  kind: choice<BorderKind>(KINDS),
  begins: 'dashed',
  varies: false,
  onlyAtRest: true,
  say: (kind) => SAID[kind],
  css: (kind) => `border-style:${CSS[kind]}`,
});
