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

/** What a border takes of each side, px: above and below (the mean of the two), and at the ends. */
export interface BorderSides {
  acrossPx: number;
  endsPx: number;
}

export const borderSides = (kind: BorderKind, widthPx: number): BorderSides =>
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
  needs: { property: 'borderWidth', not: 0, because: 'There is no border' },
  say: (kind) => SAID[kind],
  css: (kind) => `border-style:${CSS[kind]}`,
});
