import { usePictureSizes } from '../drawnAt.ts';
import { Picture } from '../Picture.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

export function BannerBay({ content }: BayDrawingProps<'banner'>) {
  const { title, words, button, link, picture } = content;
  const sizes = usePictureSizes('100vw', (pagePx) => pagePx);
  return (
    <div className="banner">
      <div className="over">
        {title && <h1>{title}</h1>}
        {words && <p>{words}</p>}
        {button && link && (
          <a className="button" href={link}>
            {button}
          </a>
        )}
      </div>
      {/* After the words: where it stands below them, it is not drawn above them first while the page comes in. */}
      {picture && <Picture picture={picture} sizes={sizes} eager />}
    </div>
  );
}
