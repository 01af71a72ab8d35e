import { stepAt } from '../../core/geometry/steps.ts';
import type { ShelfView } from '../../core/view/view.ts';
import { usePictureSizes } from '../drawnAt.ts';
import { Card } from '../parts/index.tsx';

/** Cards in rows. The pictures of the first row of the first shelf are fetched at once. */
export function Grid({ shelf, eager, titleLevel }: { shelf: ShelfView; eager: boolean; titleLevel: number }) {
  const { picture } = shelf.card;
  const sizes = usePictureSizes(shelf.pictureSizes, (pagePx) => pagePx / stepAt(shelf.steps, pagePx).across);
  const inFirstRow = Math.max(...shelf.steps.map((step) => step.across));
  return (
    <ol className="cards" role="list">
      {shelf.cards.map((card, i) => (
        <Card
          key={card.id}
          card={card}
          ratio={picture.ratio}
          fit={picture.fit}
          sizes={sizes}
          eager={eager && i < inFirstRow}
          titleLevel={titleLevel}
        />
      ))}
    </ol>
  );
}
