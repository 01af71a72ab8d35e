import { memo, type ReactNode } from 'react';
import type { PartView } from '../../core/card/partKind.ts';
import type { CardView, ShelfView } from '../../core/view/view.ts';
import { Picture } from '../Picture.tsx';

export interface PartContext {
  card: CardView;
  fit: ShelfView['card']['picture']['fit'];
  sizes: string;
  eager: boolean;
  /** The element of the card's title, one level under the shelf's heading. */
  Title: 'h2' | 'h3' | 'h4' | 'h5';
}

type PartDrawings = {
  [P in PartView['part']]: (view: Extract<PartView, { part: P }>, context: PartContext) => ReactNode;
};

const tenth = (value: number) => (Math.round(value * 10) / 10).toFixed(1);

/** Stars are filled in tenths; the class is one of eleven that the style sheet knows. */
function Stars({ mean }: { mean: number }) {
  const width = Math.round((mean / 5) * 20);
  return (
    <span className="stars" aria-hidden="true">
      ★★★★★<span className={`w${width}`}>★★★★★</span>
    </span>
  );
}

/** How each part is drawn; core/card/parts says what it says. */
export const partDrawings: PartDrawings = {
  picture: ({ picture, labels }, { fit, sizes, eager }) => (
    <div className={picture ? 'part-picture' : 'part-picture bare'}>
      {picture ? (
        <Picture picture={picture} sizes={sizes} fills={fit === 'fill'} eager={eager} alt="" />
      ) : (
        <span className="none">No picture yet</span>
      )}
      {labels.length > 0 && (
        <div className="labels">
          {labels.map((label) => (
            <span key={label.kind} className={`label part-${label.kind}`}>
              {label.text}
            </span>
          ))}
        </div>
      )}
    </div>
  ),
  title: ({ text }, { card, Title }) => (
    <Title className="part-title">{card.href ? <a href={card.href}>{text}</a> : text}</Title>
  ),
  price: ({ now, before, from }) => (
    <p className="part-price">
      {from && 'from '}
      {before === null ? (
        now
      ) : (
        <>
          <span className="reduced">{now}</span> <s className="before">{before}</s>
        </>
      )}
    </p>
  ),
  rating: ({ mean, count }) => (
    <p className="part-rating" role="img" aria-label={`Rated ${tenth(mean)} of 5 by ${count}`}>
      <Stars mean={mean} />
      <span aria-hidden="true">
        {tenth(mean)} ({count})
      </span>
    </p>
  ),
  brand: ({ text }) => <p className="part-brand">{text}</p>,
  words: ({ text }) => <p className="part-words">{text}</p>,
  count: ({ text }) => <p className="part-count">{text}</p>,
};

export function drawPart(view: PartView, context: PartContext): ReactNode {
  return (partDrawings[view.part] as (view: PartView, context: PartContext) => ReactNode)(view, context);
}

export interface CardProps {
  card: CardView;
  /** Its place in the whole list, from 0. */
  place: number;
  fit: PartContext['fit'];
  sizes: string;
  eager: boolean;
  titleLevel: number;
}

/** One card of a shelf. */
export const Card = memo(function Card({ card, place, fit, sizes, eager, titleLevel }: CardProps) {
  const Title = `h${titleLevel}` as PartContext['Title'];
  const context: PartContext = { card, fit, sizes, eager, Title };
  const titled = card.parts.some(({ part }) => part === 'title');
  const at = card.parts.findIndex(({ part }) => part === 'picture');
  const draw = (parts: readonly PartView[]) =>
    parts.map((part) => <PartOf key={part.part} part={part} context={context} />);
  return (
    <li className="card" data-card={card.id} data-place={place}>
      {at > 0 && <div className="texts lead">{draw(card.parts.slice(0, at))}</div>}
      {at >= 0 && draw([card.parts[at]!])}
      <div className="texts">{draw(card.parts.slice(at + 1))}</div>
      {!titled && card.href && (
        <p className="part-title bare">
          <a href={card.href} aria-label={card.name || 'See more'} />
        </p>
      )}
    </li>
  );
});

function PartOf({ part, context }: { part: PartView; context: PartContext }) {
  return drawPart(part, context);
}
