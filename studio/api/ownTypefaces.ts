import type { Face } from '../../core/text/face.ts';
import { takeOwnFamilies, type OwnFamily } from '../../core/text/ownFamilies.ts';
import { ownFaceFile } from '../../storefront/styles/fonts.ts';

/** Knows the store's own typefaces; their widths are fetched when something is set in them. */
export const takeOwnTypefaces = (families: readonly OwnFamily[]): void =>
  takeOwnFamilies(families, async ({ id }) => {
    const answer = await fetch(ownFaceFile(id));
    if (!answer.ok) throw new Error(`The widths of a typeface were not answered: ${answer.status}`);
    return (await answer.json()) as Face;
  });
