import { columnWidths } from '../../core/bays/pictureText.ts';
import { usePictureSizes } from '../drawnAt.ts';
import { Picture } from '../Picture.tsx';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

export function PictureTextBay({ bay, content, eager }: BayDrawingProps<'pictureText'>) {
  const { heading } = bay;
  const Title = `h${heading.words ? Math.min(5, heading.level + 1) : 2}` as 'h2';
  const sizes = usePictureSizes(
    content.sizes,
    (pagePx, bands) => columnWidths(content, bands, pagePx).picturePx,
  );
  return (
    <div className="inner">
      <BayHeading heading={heading} />
      <div className="columns">
        {content.columns.map(({ id, title, words, button, link, picture }) => (
          <div key={id} className="column">
            {picture && <Picture picture={picture} sizes={sizes} eager={eager} />}
            {(title || words || (button && link)) && (
              <div className="column-says">
                {title && <Title className="column-title">{title}</Title>}
                {words && <p className="column-text">{words}</p>}
                {button && link && (
                  <a className="button" href={link}>
                    {button}
                  </a>
                )}
              </div>
            )}
          </div>
        ))}
      </div>
    </div>
  );
}
