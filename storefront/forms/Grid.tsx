import type { ShelfView } from '../../core/view/view.ts';
import { Card } from '../parts/index.tsx';

/** Cards in rows. The pictures of the first row of the first shelf are fetched at once. */
export function Grid({ shelf, eager, titleLevel }: { shelf: ShelfView; eager: boolean; titleLevel: number }) {
  const { picture } = shelf.card;
  const inFirstRow = Math.max(...shelf.steps.map((step) => step.across));
  return (
    <ol className="cards" role="list">
      {shelf.cards.map((card, i) => (
        <Card
          key={card.id}
          card={card}
          ratio={picture.ratio}
          fit={picture.fit}
          sizes={shelf.pictureSizes}
          eager={eager && i < inFirstRow}
          titleLevel={titleLevel}
        />
      ))}
    </ol>
  );
}
