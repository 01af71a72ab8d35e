import { useTexts } from '../texts.ts';
import { memo } from 'react';
import { partKind, type PartView } from '../../core/card/parts/index.ts';
import type { CardView } from '../../core/view/view.ts';
import { drawPart } from './index.tsx';
import type { PartContext } from './partDrawing.ts';

export interface CardProps {
  card: CardView;
  /** Its place in the whole list, from 0. */
  place: number;
  sizes: string;
  eager: boolean;
  titleLevel: number;
}

/** One card of a shelf: the picture, with the texts before and after it, and one link over all of it. */
export const Card = memo(function Card({ card, place, sizes, eager, titleLevel }: CardProps) {
  const Title = `h${titleLevel}` as PartContext['Title'];
  const texts = useTexts();
  const context: PartContext = { card, sizes, eager, Title, texts };
  const titled = card.parts.some(({ part }) => partKind(part)?.carriesLink);
  const at = card.parts.findIndex(({ part }) => partKind(part)?.isPicture);
  const draw = (parts: readonly PartView[]) =>
    parts.map((part) => <PartOf key={part.part} part={part} context={context} />);
  return (
    <li className="card" data-card={card.id} data-place={place}>
      {at > 0 && <div className="texts lead">{draw(card.parts.slice(0, at))}</div>}
      {at >= 0 && draw([card.parts[at]!])}
      <div className="texts">{draw(card.parts.slice(at + 1))}</div>
      {!titled && card.href && (
        <p className="part-title bare">
          <a href={card.href} aria-label={card.name || texts.seeMore} />
        </p>
      )}
    </li>
  );
});

/** A part that can be pressed itself lies above the link of the card. */
function PartOf({ part, context }: { part: PartView; context: PartContext }) {
  const drawn = drawPart(part, context);
  return partKind(part.part)?.takesPresses ? <div className="presses">{drawn}</div> : drawn;
}
