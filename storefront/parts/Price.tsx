import type { PartDrawing } from './partDrawing.ts';

export const drawPrice: PartDrawing<'price'> = ({ now, before, from }) => (
  <p className="part-price">
    {from && `${from} `}
    {before === null ? (
      now
    ) : (
      <>
        <span className="reduced">{now}</span> <s className="before">{before}</s>
      </>
    )}
  </p>
);
