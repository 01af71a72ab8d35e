import { CHARACTER_SETS } from '../../core/text/characterSets.ts';
import { typeFamilies } from '../../core/text/families/index.ts';
import { useOwnTypefaceCss } from '../style/ownTypefaceCss.ts';
import { fontCss } from '../../storefront/styles/fonts.ts';

const shipped = fontCss({ families: typeFamilies, slopes: ['upright'] }, 'swap', new Set(CHARACTER_SETS));

/** Lets what is drawn in the studio itself be set in the families of the storefront; fetched as they are used. */
export function TypeSamples() {
  const own = useOwnTypefaceCss();
  return (
    <>
      <style href="type-samples" precedence="low">
        {shipped}
      </style>
      {own && <style>{own}</style>}
    </>
  );
}
