import { ZoomIn } from 'lucide-react';
import { SMALL_PX, type ProductPictures } from '../core/bays/productPictures.ts';
import { renditionAddress, renditionWidths } from '../core/picture/renditions.ts';
import { Picture } from './Picture.tsx';
import { SmallPicture } from './SmallPicture.tsx';
import { useTexts } from './texts.ts';

interface GalleryProps {
  /** Of the bay, so that anchors are its own. */
  id: string;
  pictures: ProductPictures;
  /** Of the product. */
  title: string;
}

/** The pictures of a product: a list that scrolls where one is seen at a time. Without script, a zoom is the picture by itself. */
export function Gallery({ id, pictures: { all, way, zoom, sizes }, title }: GalleryProps) {
  const texts = useTexts();
  const one = Object.values(way).some((at) => at === 'small' || at === 'dots') && all.length > 1;
  const anchor = (i: number) => `${id}-picture-${i + 1}`;
  return (
    <div className="gallery" data-zoom={zoom?.by} data-percent={zoom?.percent}>
      <ul className="shots" role="list" aria-label={texts.picturesOf(title)} tabIndex={one ? 0 : undefined}>
        {all.map((picture, i) => (
          <li key={picture.id} id={anchor(i)}>
            <Picture picture={picture} sizes={sizes[i === 0 ? 0 : 1]} eager={i === 0} />
            {zoom && (
              <a
                className="zoom"
                href={renditionAddress(picture, renditionWidths(picture.width).at(-1)!)}
                aria-label={texts.zoomOf(i + 1, all.length)}
              >
                <ZoomIn size={20} strokeWidth={1.7} aria-hidden />
              </a>
            )}
          </li>
        ))}
      </ul>
      {one && (
        <ol className="shot-links" role="list">
          {all.map((picture, i) => (
            <li key={picture.id}>
              <a href={`#${anchor(i)}`} aria-label={texts.pictureOf(i + 1, all.length)}>
                <SmallPicture picture={{ facts: picture, widthPx: SMALL_PX, heightPx: SMALL_PX }} alt="" />
              </a>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
