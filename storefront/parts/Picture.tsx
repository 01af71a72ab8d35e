import type { ReactNode } from 'react';
import type { PictureFacts } from '../../core/catalogue/facts.ts';
import { Picture } from '../Picture.tsx';
import type { PartContext, PartDrawing } from './partDrawing.ts';

export const drawPicture: PartDrawing<'picture'> = (
  { picture, second, more, framed, labels, fit, mostPx },
  { card, sizes, eager, texts, onPicture },
) => {
  const fills = fit === 'fill';
  const draw = (one: PictureFacts, isFirst = false) => (
    <Picture picture={one} sizes={sizes} fills={fills} mostPx={mostPx} eager={isFirst && eager} alt="" />
  );
  return (
    <div className={picture ? 'part-picture' : 'part-picture bare'}>
      {picture &&
        (more.length > 0 ? (
          <Flick card={card} texts={texts} pictures={[picture, ...more]} draw={draw} />
        ) : framed ? (
          <div className="frame">
            {draw(picture, true)}
            {second && <Picture picture={second} sizes={sizes} fills={fills} mostPx={mostPx} alt="" second />}
          </div>
        ) : (
          draw(picture, true)
        ))}
      {!picture && <span className="none">{texts.noPicture}</span>}
      {onPicture(labels)}
    </div>
  );
};

/** Pictures of one item beside each other, of which one is seen at a time. */
function Flick({
  card,
  texts,
  pictures,
  draw,
}: Pick<PartContext, 'card' | 'texts'> & {
  pictures: readonly PictureFacts[];
  draw(picture: PictureFacts, isFirst: boolean): ReactNode;
}) {
  return (
    <div className="frame">
      <div className="flick" role="group" tabIndex={0} aria-label={texts.picturesOf(card.name)}>
        {pictures.map((picture, i) => (
          // The title is the link of the card; these are for presses on what lies over it.
          <a key={picture.id} href={card.href ?? undefined} tabIndex={-1} aria-hidden="true">
            {draw(picture, i === 0)}
          </a>
        ))}
      </div>
      <button type="button" className="turn previous" tabIndex={-1} aria-hidden="true">
        <span />
      </button>
      <button type="button" className="turn next" tabIndex={-1} aria-hidden="true">
        <span />
      </button>
      <span className="turns" aria-hidden="true">
        {pictures.map(({ id }, i) => (
          <i key={id} data-on={i === 0 || undefined} />
        ))}
      </span>
    </div>
  );
}
