import type { SwatchFace as Face } from '../core/swatch/swatchFace.ts';
import { renditionAddress } from '../core/picture/renditions.ts';

/** Of the smallest size that pictures are kept in. */
const THUMBNAIL_PX = 96;

/** What stands for a value beside its name or instead of it; nothing where its name is all there is. */
export function SwatchFace({ face }: { face: Face }) {
  switch (face.by) {
    case 'colour':
      // Drawn as a picture since a page allows no styles of single elements.
      return (
        <svg className="swatch" viewBox="0 0 1 1" aria-hidden="true">
          <path d="M0 0h1v1H0z" fill={face.colour} />
        </svg>
      );
    case 'picture':
      return (
        <img
          className="swatch"
          src={renditionAddress(face.picture, THUMBNAIL_PX)}
          width={THUMBNAIL_PX}
          height={THUMBNAIL_PX}
          loading="lazy"
          alt=""
        />
      );
    case 'words':
      return null;
  }
}
