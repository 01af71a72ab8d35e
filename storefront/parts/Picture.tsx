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
    {onPicture(
      labels.length > 0 && (
        <div className="labels">
          {labels.map((label) => (
            <span key={label.kind} className={`label label-${label.kind}`}>
              {label.text}
            </span>
          ))}
        </div>
      ),
    )}
  </div>
);
