import { Picture } from '../Picture.tsx';
import type { PartDrawing } from './partDrawing.ts';

export const drawPicture: PartDrawing<'picture'> = (
  { picture, second, framed, labels, fit },
  { sizes, eager, texts, onPicture },
) => {
  const fills = fit === 'fill';
  const first = picture && <Picture picture={picture} sizes={sizes} fills={fills} eager={eager} alt="" />;
  return (
    <div className={picture ? 'part-picture' : 'part-picture bare'}>
      {first && framed ? (
        <div className="frame">
          {first}
          {second && <Picture picture={second} sizes={sizes} fills={fills} alt="" second />}
        </div>
      ) : (
        first
      )}
      {!first && <span className="none">{texts.noPicture}</span>}
      {onPicture(labels)}
    </div>
  );
};
