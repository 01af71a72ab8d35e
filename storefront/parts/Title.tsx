import type { PartDrawing } from './partDrawing.ts';

export const drawTitle: PartDrawing<'title'> = ({ text }, { card, Title }) => (
  <Title className="part-title">{card.href ? <a href={card.href}>{text}</a> : text}</Title>
);
