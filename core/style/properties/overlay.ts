import { choice } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

/** Kinds of overlay, each with the side that a gradient is strongest at. */
export const OVERLAYS = {
  none: 'None',
  plain: 'Even',
  below: 'From below',
  above: 'From above',
  left: 'From the left',
  right: 'From the right',
} as const;
export type Overlay = keyof typeof OVERLAYS;

const COLOUR = 'var(--over,#000)';

/** Where a gradient goes to. CSS has no words for the ends of a line, so that these are sides. */
const IMAGES: Readonly<Record<Overlay, string>> = {
  none: 'none',
  plain: `linear-gradient(${COLOUR},${COLOUR})`,
  below: `linear-gradient(to top,${COLOUR},transparent)`,
  above: `linear-gradient(to bottom,${COLOUR},transparent)`,
  left: `linear-gradient(to right,${COLOUR},transparent)`,
  right: `linear-gradient(to left,${COLOUR},transparent)`,
};

const SAID: Readonly<Record<Overlay, string>> = {
  none: 'not drawn',
  plain: 'all over',
  below: 'from below',
  above: 'from above',
  left: 'from the left',
  right: 'from the right',
};

/** Something drawn over a picture and under what stands on it. */
export const overlay = propertyOf({
  id: 'overlay',
  name: 'Overlay',
  find: ['overlay', 'gradient', 'veil', 'tint', 'darken', 'over the picture'],
  kind: choice<Overlay>(OVERLAYS),
  begins: 'below',
  varies: false,
  say: (value) => SAID[value],
  css: (value) =>
    `content:"";position:absolute;inset:0;pointer-events:none;background-image:${IMAGES[value]}`,
});
