import { Shelf } from '../layouts/Shelf.tsx';
import { useTexts } from '../texts.ts';
import { BayHeading } from './BayHeading.tsx';
import type { BayDrawingProps } from './bayDrawing.ts';

export function ShelfBay({ bay, content: { shelf }, eager }: BayDrawingProps<'shelf'>) {
  const { heading } = bay;
  const texts = useTexts();
  const titleLevel = heading.words ? Math.min(5, heading.level + 1) : 2;
  if (!shelf) return null;
  return (
    <div className="inner" dir={shelf.direction ?? undefined}>
      <BayHeading heading={heading} />
      <Shelf shelf={shelf} name={heading.words || texts.thisList} eager={eager} titleLevel={titleLevel} />
    </div>
  );
}
