import { CHARACTER_SETS } from '../../core/text/characterSets.ts';
import { typeFamilies } from '../../core/text/families/index.ts';
import { fontCss } from '../../storefront/styles/fonts.ts';

const css = fontCss({ families: typeFamilies, slopes: ['upright'] }, 'swap', new Set(CHARACTER_SETS));

/** Lets what is drawn in the studio itself be set in the families of the storefront; fetched as they are used. */
export const TypeSamples = () => (
  <style href="type-samples" precedence="low">
    {css}
  </style>
);
