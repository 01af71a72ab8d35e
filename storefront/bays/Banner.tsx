import type { BannerContent } from '../../core/bays/banner.ts';
import { usePictureSizes } from '../drawnAt.ts';
import { Picture } from '../Picture.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

/** Words over a picture. */
export function Banner({ content, level, eager }: { content: BannerContent; level: 1 | 2; eager: boolean }) {
  const { title, words, button, link, picture } = content;
  const Title = `h${level}` as 'h1';
  const sizes = usePictureSizes('100vw', (pagePx) => pagePx);
  return (
    <div className="banner">
      <div className="over">
        {title && <Title>{title}</Title>}
        {words && <p>{words}</p>}
        {button && link && (
          <a className="button" href={link}>
            {button}
          </a>
        )}
      </div>
      {/* After the words: where it stands below them, it is not drawn above them first while the page comes in. */}
      {picture && <Picture picture={picture} sizes={sizes} eager={eager} />}
    </div>
  );
}

export const BannerBay = ({ content }: BayDrawingProps<'banner'>) => (
  <Banner content={content} level={1} eager />
);
