import { useMemo, useSyncExternalStore } from 'react';
import { CHARACTER_SETS } from '../../core/text/characterSets.ts';
import { facesHeld, whenFaceComes } from '../../core/text/faces.ts';
import { ownTypeFamilies } from '../../core/text/families/index.ts';
import { fontCss } from '../../storefront/styles/fonts.ts';

const all = new Set(CHARACTER_SETS);

/** The rules of the store's own typefaces, as they are by now; a browser fetches those that are used. */
export function useOwnTypefaceCss(): string {
  const came = useSyncExternalStore(whenFaceComes, facesHeld);
  return useMemo(
    () =>
      came < 0 ? '' : fontCss({ families: ownTypeFamilies(), slopes: ['upright', 'italic'] }, 'swap', all),
    [came],
  );
}
