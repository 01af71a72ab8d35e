import type { PartDrawing } from './partDrawing.ts';

export const drawPrice: PartDrawing<'price'> = ({ now, before, from, own: [ahead, behind] }) => (
  <p className="part-price">
    {ahead && `${ahead} `}
    {from && <span className="from">{from} </span>}
    <span className={before === null ? 'now' : 'now reduced'}>{now}</span>
    {before !== null && (
      <>
        {' '}
        <s className="before">{before}</s>
      </>
    )}
    {behind && ` ${behind}`}
  </p>
);
