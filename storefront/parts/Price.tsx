import type { PartDrawing } from './partDrawing.ts';

export const drawPrice: PartDrawing<'price'> = ({ now, before, from, own: [ahead, behind] }) => (
  <p className="part-price">
    {ahead && `${ahead} `}
    {from && `${from} `}
    {before === null ? (
      now
    ) : (
      <>
        <span className="reduced">{now}</span> <s className="before">{before}</s>
      </>
    )}
    {behind && ` ${behind}`}
  </p>
);
