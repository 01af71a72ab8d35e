import { Picture } from '../Picture.tsx';
import type { PartDrawing } from './partDrawing.ts';

export const drawPicture: PartDrawing<'picture'> = (
  { picture, labels, fit },
  { sizes, eager, texts, onPicture },
) => (
  <div className={picture ? 'part-picture' : 'part-picture bare'}>
    {picture ? (
      <Picture picture={picture} sizes={sizes} fills={fit === 'fill'} eager={eager} alt="" />
    ) : (
      <span className="none">{texts.noPicture}</span>
    )}
    {onPicture(labels)}
  </div>
);
