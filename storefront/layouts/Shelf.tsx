import { memo, useContext } from 'react';
import { useTexts } from '../texts.ts';
import { innerWidth, stepAt } from '../../core/geometry/steps.ts';
import { drawsCards, layoutKind } from '../../core/layouts/index.ts';
import { picturePx } from '../../core/view/pictureSizes.ts';
import type { CardView, ShelfView } from '../../core/view/view.ts';
import { DrawnAtContext, usePictureSizes } from '../drawnAt.ts';
import { Pager } from '../Pager.tsx';
import { Card } from '../parts/Card.tsx';
import { Listing } from '../tools/Listing.tsx';
import { Table } from './Table.tsx';
import { Arrow, Marks, Pause } from './Moving.tsx';

export interface ShelfProps {
  shelf: ShelfView;
  /** What it is called aloud. */
  name: string;
  eager: boolean;
  titleLevel: number;
}

interface CardsProps {
  shelfId: string;
  cards: readonly CardView[];
  /** Place of the first in the whole list. */
  start: number;
  sizes: string;
  /** Of each card, where they differ. */
  ownSizes: readonly string[] | null;
  /** How many of their pictures are fetched at once. */
  eager: number;
  titleLevel: number;
}

/** Apart from the shelf, since most of what is set of a layout changes no card. */
const Cards = memo(function Cards({ shelfId, cards, start, sizes, ownSizes, eager, titleLevel }: CardsProps) {
  return (
    <ol className="cards" role="list">
      {cards.map((card, i) => (
        <Card
          key={card.id}
          card={card}
          shelfId={shelfId}
          place={start + i}
          sizes={ownSizes?.[i] ?? sizes}
          eager={i < eager}
          titleLevel={titleLevel}
        />
      ))}
    </ol>
  );
});

/** One shelf, with what shoppers find things in it with, where it has that. */
export function Shelf(props: ShelfProps) {
  const { id, tools, total, coming, pagers, paging } = props.shelf;
  if (!tools) return <Goods {...props} />;
  return (
    <Listing
      shelfId={id}
      tools={tools}
      pagers={paging.by === 'numbered' ? pagers : []}
      found={total > 0 || coming}
    >
      <Goods {...props} />
    </Listing>
  );
}

/**
 * The goods of a shelf, in whatever layout: the same elements at every width and for every layout but tables, which the style
 * sheet of the core puts in their places. Where it is a table at some widths only, both are there and one is shown. The pictures of the first row of the first shelf are fetched at once.
 */
function Goods({ shelf, name, eager, titleLevel }: ShelfProps) {
  const sizes = usePictureSizes(shelf.pictureSizes, (pagePx, bands) => {
    const step = stepAt(shelf.steps, pagePx);
    return picturePx(step, innerWidth(shelf.room, bands, step.bandId, pagePx));
  });
  // A small drawing fetches the same for all, of a few sizes.
  const isSmall = useContext(DrawnAtContext) !== null;
  const inFirstRow = Math.max(...shelf.steps.map((step) => Math.ceil(step.across)));
  const { moving } = shelf;
  const texts = useTexts();
  const moves = shelf.steps.some((step) => step.moves);
  const arrows = shelf.steps.some((step) => step.arrows);
  const before = moving.arrowPlace !== 'below';
  const arrow = (to: 'previous' | 'next') => <Arrow to={to} moving={moving} name={name} />;
  return (
    <div
      data-shelf={shelf.id}
      id={`shelf-${shelf.id}`}
      {...(moves && {
        role: 'group',
        'aria-roledescription': texts.carousel,
        'aria-label': name,
        'data-moving': moving.arrowPlace,
        'data-loop': moving.loop || undefined,
        'data-rest': moving.play ? moving.restMs : undefined,
        'data-time': moving.moveMs,
        'data-swipe': moving.swipe || undefined,
        'data-drag': moving.drag || undefined,
        'data-start': moving.start > 1 ? moving.start : undefined,
        'data-fades': moving.comes === 'fades' || undefined,
        'data-comes': shelf.layouts.some((id) => layoutKind(id).textComesWithIt)
          ? shelf.card.text.comes
          : undefined,
        'data-turns': shelf.layouts.some((id) => layoutKind(id).turns) || undefined,
      })}
    >
      {moves && moving.play && <Pause name={name} />}
      {arrows && before && arrow('previous')}
      {arrows && before && arrow('next')}
      {drawsCards(shelf.layouts) && (
        <div className="window">
          <Cards
            shelfId={shelf.id}
            cards={shelf.cards}
            start={shelf.held.start}
            sizes={sizes}
            ownSizes={isSmall ? null : shelf.ownSizes}
            eager={eager ? inFirstRow : 0}
            titleLevel={titleLevel}
          />
        </div>
      )}
      {shelf.table && (
        <Table
          shelfId={shelf.id}
          name={name}
          table={shelf.table}
          cards={shelf.cards}
          start={shelf.held.start}
          sizes={sizes}
        />
      )}
      {arrows && !before && arrow('previous')}
      {arrows && !before && arrow('next')}
      {moves && shelf.steps.some((step) => step.marks !== 'none') && <Marks name={name} />}
      {shelf.pagers.length > 0 && (
        <nav className="pagers" aria-label={texts.pagesOf(name)}>
          {shelf.pagers.map((pager) => (
            <Pager key={pager.size} pager={pager} paging={shelf.paging} />
          ))}
        </nav>
      )}
    </div>
  );
}
